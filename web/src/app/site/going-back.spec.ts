import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { NgbActiveModal } from '@ng-bootstrap/ng-bootstrap';
import { PorchApi } from '../api/porch-api';
import type { Coming } from './coming-list';
import { GoingBackDialog } from './going-back';

const coming = (after: string[]): Coming => ({
  pages: after.length
    ? [
        {
          ...{ path: '/', title: 'Home', state: 'changed' as const, before: ['Open daily'], after },
          ...{ pictures: 0, links: [], told: [] },
        },
      ]
    : [],
  everywhere: { before: [], after: [], pages: 0 },
  ...{ look: false, files: [], addresses: [], more: 0 },
});

describe('going back to a release', () => {
  let http: HttpTestingController;
  let modal: NgbActiveModal;
  let fixture: ComponentFixture<GoingBackDialog>;
  const element = () => fixture.nativeElement as HTMLElement;
  const words = () => element().textContent.replace(/\s+/g, ' ').trim();
  const settle = async () => {
    await new Promise((done) => setTimeout(done));
    await fixture.whenStable();
    fixture.detectChanges();
  };
  const asked = (people: 'kept' | 'left') => http.expectOne(`/api/sites/gant/releases/r-1/coming?people=${people}`);
  const go = () => element().querySelector<HTMLButtonElement>('button[type=submit]')!.click();

  beforeEach(async () => {
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideHttpClient(),
        provideHttpClientTesting(),
        provideRouter([]),
        NgbActiveModal,
      ],
    });
    http = TestBed.inject(HttpTestingController);
    modal = TestBed.inject(NgbActiveModal);
    spyOn(modal, 'close');
    fixture = TestBed.createComponent(GoingBackDialog);
    fixture.componentInstance.of.set({
      ...{ site: 'gant', release: 'r-1', title: 'Go back to this release?', words: 'It is what visitors see.' },
      act: 'Go back to it',
    });
    await settle();
  });
  afterEach(() => http.verify());

  it('says what visitors find otherwise, and asks about what was changed on the site only where something was', async () => {
    expect(words()).toContain('Both are drawn and compared');
    asked('kept').flush({ coming: coming(['Shut']), kept: 0, lost: 0 });
    await settle();
    expect(words()).toContain('1 page changes.');
    expect(words()).toContain('Open daily now Shut');
    expect(element().querySelector('fieldset')).toBeNull();
    go();
    expect(modal.close).toHaveBeenCalledOnceWith(true);
  });

  it('keeps what its people changed unless it is told not to, and shows what comes of either', async () => {
    asked('kept').flush({ coming: coming([]), kept: 2, lost: 1 });
    await settle();
    expect(words()).toContain('3 changes made on the site itself are newer than it');
    expect(words()).toContain('Keep them; one is about what is not in it, and waits among the drafts');
    expect(words()).toContain('Nothing: to visitors they are the same.');
    const [keep, leave] = [...element().querySelectorAll<HTMLInputElement>('input[type=radio]')];
    expect([keep!.checked, leave!.checked]).toEqual([true, false]);
    leave!.click();
    await settle();
    // What was found of the other is not taken for this one.
    expect(words()).not.toContain('Nothing: to visitors');
    asked('left').flush({ coming: coming(['Shut']), kept: 2, lost: 1 });
    await settle();
    expect(words()).toContain('1 page changes.');
    go();
    expect(modal.close).toHaveBeenCalledOnceWith(false);
  });

  it('says what it waits for where the session has ended or nobody answers, and goes on from there', async () => {
    const api = TestBed.inject(PorchApi);
    asked('kept').flush({ title: 'Sign in first' }, { status: 401, statusText: 'no' });
    await settle();
    expect(words()).toContain('You are signed out. Leave it as it is, and sign in');
    expect(words()).not.toContain('Both are drawn');
    api.signedIn({ csrf: 'x', organisation: '', designer: { id: '', mail: '', name: '', role: 'owner' } });
    await settle();
    expect(words()).toContain('Both are drawn');
    asked('kept').error(new ProgressEvent('error'));
    await settle();
    expect(words()).toContain('Tin Porch does not answer at this moment');
  });

  it('does not hold up who is in a hurry: it goes before the answer is there, and where there is none', async () => {
    go();
    expect(modal.close).toHaveBeenCalledOnceWith(true);
    asked('kept').flush({ title: 'The site is on no server' }, { status: 409, statusText: 'no' });
    await settle();
    expect(element().querySelector('[role=alert]')!.textContent).toContain('The site is on no server');
    expect(words()).not.toContain('Both are drawn');
    go();
    expect(modal.close).toHaveBeenCalledTimes(2);
  });
});
