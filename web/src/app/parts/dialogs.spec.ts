import { Component, provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter, Router } from '@angular/router';
import { JumpDialog } from '../frame/jump-dialog';
import type { SiteLine } from '../api/model';
import { OpenPlaces } from '../session/open-places';
import { aDocument } from '../testing/a-site';
import { Dialogs } from './dialogs';

@Component({ selector: 'tp-opener', template: '<button id="opener" type="button">Open</button>' })
class Opener {}

describe('dialogs', () => {
  let dialogs: Dialogs;
  const settle = () => new Promise((done) => setTimeout(done, 30));
  const press = async (key: string, target: Element = document.activeElement!) => {
    target.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
    await settle();
  };
  const window_ = () => document.querySelector<HTMLElement>('ngb-modal-window');

  beforeEach(async () => {
    TestBed.configureTestingModule({
      providers: [provideZonelessChangeDetection(), provideRouter([{ path: '**', component: Opener }])],
    });
    dialogs = TestBed.inject(Dialogs);
    const opener = TestBed.createComponent(Opener);
    document.body.append(opener.nativeElement as Node);
    opener.nativeElement.querySelector('button').focus();
  });
  afterEach(async () => {
    if (window_()) await press('Escape', window_()!);
  });

  it('are named, begin with what leaves everything as it is, and give the focus back', async () => {
    const answer = dialogs.confirm({
      title: 'Take the site down?',
      words: 'Visitors see it no more.',
      act: 'Close it',
    });
    await settle();
    expect(document.getElementById(window_()!.getAttribute('aria-labelledby')!)?.textContent).toBe(
      'Take the site down?',
    );
    expect(document.activeElement?.textContent).toBe('Leave it as it is');
    await press('Escape');
    expect(await answer).toBeFalse();
    expect(window_()).toBeNull();
    expect(document.activeElement?.id).toBe('opener');
  });

  it('open one at a time, and say yes when their button is pressed', async () => {
    const first = dialogs.confirm({ title: 'One?', words: '', act: 'Do it' });
    await settle();
    expect(await dialogs.confirm({ title: 'Two?', words: '', act: 'Do that' })).toBeFalse();
    expect(document.querySelectorAll('ngb-modal-window').length).toBe(1);
    window_()!.querySelector<HTMLElement>('.act')!.click();
    expect(await first).toBeTrue();
    await settle();
  });

  it('let a site be jumped to by its name and the arrow keys', async () => {
    const sites = ['Gant & Sons', 'Ferrow'].map((name, n) => ({ id: `s${n}`, name, address: null, trade: 'ropes' }));
    dialogs.open(JumpDialog, 'jump-label', (d) => (d.sites = signal(sites as unknown as SiteLine[])));
    await settle();
    const field = document.getElementById('jump') as HTMLInputElement;
    expect(document.activeElement).toBe(field);
    field.value = 'ferr';
    field.dispatchEvent(new Event('input'));
    await settle();
    const chosen = () => document.getElementById(field.getAttribute('aria-activedescendant')!)?.textContent?.trim();
    expect(chosen()).toBe('Ferrow ropes');
    await press('ArrowDown', field);
    expect(chosen()).toBe('Ferrow Brief');
    await press('ArrowUp', field);
    await press('ArrowUp', field);
    expect(chosen()).toBe('Ferrow Care');
    await press('Enter', field);
    expect(window_()).toBeNull();
  });

  it('let a place of the open site be jumped to by its words', async () => {
    const site = aDocument();
    const taken: [string, string | null][] = [];
    TestBed.inject(OpenPlaces).site.set({
      id: 'gant',
      document: () => site,
      take: (page, part) => void taken.push([page, part]),
    });
    const to = spyOn(TestBed.inject(Router), 'navigateByUrl').and.resolveTo(true);
    dialogs.open(JumpDialog, 'jump-label', (d) => (d.sites = signal([])));
    await settle();
    const field = document.getElementById('jump') as HTMLInputElement;
    const lines = () =>
      Array.from(document.querySelectorAll('#jump-list li'), (l) => l.textContent!.replace(/\s+/g, ' ').trim());
    const type = async (words: string) => {
      field.value = words;
      field.dispatchEvent(new Event('input'));
      await settle();
    };
    await type('contact page');
    expect(lines()[0]).toBe('Contact page');
    await type('mooring');
    expect(lines()[0]).toContain('Mooring ropes');
    await press('Enter', field);
    expect(taken.length).toBe(1);
    expect(taken[0]![1]).toMatch(/^[a-z0-9]+\/items\./);
    expect(to).toHaveBeenCalledWith('/sites/gant/pages');
    expect(window_()).toBeNull();
  });
});
