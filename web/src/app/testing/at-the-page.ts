import { provideHttpClient } from '@angular/common/http';
import { provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection, type EnvironmentProviders, type Provider, type Type } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { SiteDocument } from '@tin-porch/core/model';
import type { Operation } from '@tin-porch/core/operations';
import { Collections } from '../collections/collections';
import { Hand } from '../hand/hand';
import { SiteStore } from '../site/site-store';
import { aSite } from './a-site';
import { toldByHand } from './no-events';

/** The page of a site that is worked on: nothing is sent, and what is changed is kept to be looked at. */
export interface AtThePage {
  store: SiteStore;
  hand: Hand;
  changes: Operation[];
  settle(): Promise<void>;
  shown<T>(
    of: Type<T>,
    inputs?: Record<string, unknown>,
  ): Promise<{ fixture: ComponentFixture<T>; element: HTMLElement }>;
}

/** Opens the home page of a site to be worked on. */
export function atThePage(document: SiteDocument, providers: (Provider | EnvironmentProviders)[] = []): AtThePage {
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      provideHttpClient(),
      provideHttpClientTesting(),
      provideRouter([]),
      toldByHand().provider,
      SiteStore,
      Hand,
      Collections,
      ...providers,
    ],
  });
  const store = TestBed.inject(SiteStore);
  store.detail.set(aSite({ document }));
  store.id.set(document.id);
  store.page.set(document.pages[0]!.id);
  spyOn(store, 'flush').and.resolveTo();
  const changes: Operation[] = [];
  const { change } = store;
  spyOn(store, 'change').and.callFake((o, part, exact) => {
    changes.push(o);
    change.call(store, o, part, exact);
  });
  const settle = async () => {
    TestBed.tick();
    await new Promise((done) => setTimeout(done));
    TestBed.tick();
  };
  return {
    store,
    hand: TestBed.inject(Hand),
    changes,
    settle,
    async shown(of, inputs = {}) {
      const fixture = TestBed.createComponent(of);
      for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
      await settle();
      return { fixture, element: fixture.nativeElement as HTMLElement };
    },
  };
}
