import { provideHttpClient, withInterceptors } from '@angular/common/http';
import { provideZonelessChangeDetection, type ApplicationConfig } from '@angular/core';
import { provideRouter, withComponentInputBinding } from '@angular/router';
import { fromDesk } from './desk-api';

export const appConfig: ApplicationConfig = {
  providers: [
    provideZonelessChangeDetection(),
    provideHttpClient(withInterceptors([fromDesk])),
    provideRouter(
      [
        { path: '', loadComponent: () => import('./places/today').then((m) => m.TodayPlace) },
        { path: 'pages', loadComponent: () => import('./places/pages').then((m) => m.PagesPlace) },
        { path: 'pages/:page', loadComponent: () => import('./places/touch').then((m) => m.TouchPlace) },
        { path: 'pages/:page/list', loadComponent: () => import('./places/page').then((m) => m.PagePlace) },
        { path: 'lists', loadComponent: () => import('./places/lists').then((m) => m.ListsPlace) },
        { path: 'lists/:list', loadComponent: () => import('./places/list').then((m) => m.ListPlace) },
        { path: 'lists/:list/:item', loadComponent: () => import('./places/item').then((m) => m.ItemPlace) },
        { path: 'post', loadComponent: () => import('./places/post').then((m) => m.PostPlace) },
        { path: 'us', loadComponent: () => import('./places/us').then((m) => m.UsPlace) },
        { path: 'us/hours', loadComponent: () => import('./places/hours').then((m) => m.HoursPlace) },
        {
          path: 'us/prices',
          data: { what: 'services' },
          loadComponent: () => import('./places/entries').then((m) => m.EntriesPlace),
        },
        {
          path: 'us/people',
          data: { what: 'people' },
          loadComponent: () => import('./places/entries').then((m) => m.EntriesPlace),
        },
        { path: 'people', loadComponent: () => import('./places/people').then((m) => m.PeoplePlace) },
        { path: 'me', loadComponent: () => import('./places/me').then((m) => m.MePlace) },
        { path: 'see', loadComponent: () => import('./places/see').then((m) => m.SeePlace) },
        { path: '**', redirectTo: '' },
      ],
      withComponentInputBinding(),
    ),
  ],
};
