import { provideHttpClient, withFetch } from '@angular/common/http';
import { inject, provideZonelessChangeDetection, type ApplicationConfig } from '@angular/core';
import {
  BaseRouteReuseStrategy,
  provideRouter,
  Router,
  RouteReuseStrategy,
  withComponentInputBinding,
  withNavigationErrorHandler,
  type ActivatedRouteSnapshot,
  type Routes,
} from '@angular/router';
import { provideIcons } from '@ng-icons/core';
import {
  lucideArrowDown,
  lucideArrowLeft,
  lucideArrowUp,
  lucideArrowUpRight,
  lucideBookmark,
  lucideBookmarkCheck,
  lucideCheck,
  lucideCopy,
  lucideGripVertical,
  lucidePaperclip,
  lucidePencilLine,
  lucidePlus,
  lucideRedo2,
  lucideShare2,
  lucideTrash2,
  lucideUndo2,
} from '@ng-icons/lucide';
import { PorchApi } from './api/porch-api';
import { signedIn } from './session/session.guard';
import { SignIn } from './session/sign-in';

/** The icons in the house’s stroke, without the style attributes that the content security policy forbids. */
const drawn = (icons: Record<string, string>) =>
  Object.fromEntries(
    Object.entries(icons).map(([name, svg]) => [
      name,
      svg.replace(/ style="[^"]*"/g, '').replace('<svg ', '<svg stroke-width="1.75" '),
    ]),
  );

/** The frame of a site, and all that it keeps, belong to that site: another one gets a frame of its own. */
class OneSiteAFrame extends BaseRouteReuseStrategy {
  override shouldReuseRoute(future: ActivatedRouteSnapshot, current: ActivatedRouteSnapshot): boolean {
    return super.shouldReuseRoute(future, current) && future.params['id'] === current.params['id'];
  }
}

const routes: Routes = [
  { path: 'sign-in', component: SignIn, title: 'Sign in – Tin Porch' },
  {
    path: 'link/:token',
    title: 'A link – Tin Porch',
    loadComponent: () => import('./session/follow-link').then((m) => m.FollowLink),
  },
  {
    path: '',
    loadComponent: () => import('./frame/frame').then((m) => m.Frame),
    canActivate: [signedIn],
    children: [
      { path: '', title: 'Sites – Tin Porch', loadComponent: () => import('./places/sites').then((m) => m.SitesPlace) },
      {
        path: 'new',
        title: 'New brief – Tin Porch',
        loadComponent: () => import('./places/new-brief').then((m) => m.NewBrief),
      },
      {
        path: 'servers',
        title: 'Servers – Tin Porch',
        loadComponent: () => import('./places/servers').then((m) => m.ServersPlace),
      },
      {
        path: 'domains',
        title: 'Domains – Tin Porch',
        loadComponent: () => import('./places/domains').then((m) => m.DomainsPlace),
      },
      {
        path: 'inbox',
        title: 'Inbox – Tin Porch',
        loadComponent: () => import('./places/inbox').then((m) => m.InboxPlace),
      },
      {
        path: 'rounds',
        title: 'Rounds – Tin Porch',
        loadComponent: () => import('./places/rounds').then((m) => m.RoundsPlace),
      },
      {
        path: 'updates',
        title: 'Updates – Tin Porch',
        loadComponent: () => import('./places/updates').then((m) => m.UpdatesPlace),
      },
      {
        path: 'books',
        title: 'Books – Tin Porch',
        loadComponent: () => import('./places/books').then((m) => m.BooksPlace),
      },
      {
        path: 'books/:id',
        title: 'Invoice – Tin Porch',
        loadComponent: () => import('./places/invoice').then((m) => m.InvoicePlace),
      },
      {
        path: 'sample-book',
        title: 'Sample book – Tin Porch',
        loadComponent: () => import('./places/sample-book').then((m) => m.SampleBook),
      },
      {
        path: 'account',
        title: 'Your account – Tin Porch',
        loadComponent: () => import('./places/account').then((m) => m.AccountPlace),
      },
      {
        path: 'people',
        title: 'People – Tin Porch',
        loadComponent: () => import('./places/team').then((m) => m.TeamPlace),
      },
      {
        path: 'sites/:id',
        loadComponent: () => import('./site/site-frame').then((m) => m.SiteFrame),
        children: [
          { path: '', pathMatch: 'full', redirectTo: 'brief' },
          { path: 'brief', loadComponent: () => import('./site/steps/brief').then((m) => m.BriefStep) },
          { path: 'plan', loadComponent: () => import('./site/steps/plan').then((m) => m.PlanStep) },
          { path: 'look', loadComponent: () => import('./site/steps/look').then((m) => m.LookStep) },
          { path: 'pages', loadComponent: () => import('./site/steps/pages').then((m) => m.PagesStep) },
          { path: 'seo', loadComponent: () => import('./site/steps/seo').then((m) => m.SeoStep) },
          { path: 'domain', loadComponent: () => import('./site/steps/domain').then((m) => m.DomainStep) },
          { path: 'publish', loadComponent: () => import('./site/steps/publish').then((m) => m.PublishStep) },
          { path: 'reports/:month', loadComponent: () => import('./site/steps/report').then((m) => m.ReportStep) },
          { path: 'care', loadComponent: () => import('./site/steps/care').then((m) => m.CareStep) },
        ],
      },
    ],
  },
  { path: '**', redirectTo: '' },
];

export const appConfig: ApplicationConfig = {
  providers: [
    provideZonelessChangeDetection(),
    provideHttpClient(withFetch()),
    { provide: RouteReuseStrategy, useClass: OneSiteAFrame },
    provideRouter(
      routes,
      withComponentInputBinding(),
      // A place whose program did not come, or whose session could not be asked for: gone to once there is an answer.
      withNavigationErrorHandler(({ url }) => {
        const router = inject(Router);
        inject(PorchApi).whenBack(() => void router.navigateByUrl(url));
      }),
    ),
    provideIcons(
      drawn({
        lucideArrowDown,
        lucideArrowLeft,
        lucideArrowUp,
        lucideArrowUpRight,
        lucideBookmark,
        lucideBookmarkCheck,
        lucideCheck,
        lucideCopy,
        lucideGripVertical,
        lucidePaperclip,
        lucidePencilLine,
        lucidePlus,
        lucideRedo2,
        lucideShare2,
        lucideTrash2,
        lucideUndo2,
      }),
    ),
  ],
};
