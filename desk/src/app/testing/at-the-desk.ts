import { provideHttpClient, withInterceptors } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection, type Type } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { fromDesk } from '../desk-api';
import { Session } from '../here';
import type { Here } from '../model';

export const HERE: Here = {
  site: { name: 'Gant & Sons', address: 'gant.example', language: 'en-GB' },
  me: { name: 'Ada Gant', mail: 'ada@gant.example', role: 'publish', designer: false, password: true },
  unread: 0,
  mail: true,
  pictures: true,
  lists: [],
  locked: [],
};

/** What a page has besides what is in it. */
export const AROUND = { path: '/', lists: [], frames: [], order: [] };

/** A desk for tests: nothing kept from before, nobody at the other end but the test. */
export function atTheDesk(me: Partial<Here['me']> = {}): HttpTestingController {
  localStorage.clear();
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      provideHttpClient(withInterceptors([fromDesk])),
      provideHttpClientTesting(),
      provideRouter([]),
    ],
  });
  TestBed.inject(Session).here.set({ ...HERE, me: { ...HERE.me, ...me } });
  return TestBed.inject(HttpTestingController);
}

/** A place as it stands once it is asked for. */
export async function shown<T>(place: Type<T>, inputs: Record<string, unknown> = {}): Promise<ComponentFixture<T>> {
  const fixture = TestBed.createComponent(place);
  for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
  await fixture.whenStable();
  return fixture;
}
export const textOf = (fixture: ComponentFixture<unknown>): string =>
  (fixture.nativeElement as HTMLElement).textContent!.replace(/\s+/g, ' ').trim();
/** A button by what stands on it. */
export function button(fixture: ComponentFixture<unknown>, words: string): HTMLElement {
  const found = [...(fixture.nativeElement as HTMLElement).querySelectorAll<HTMLElement>('button, a')].find(
    (b) => b.textContent!.trim() === words,
  );
  if (!found) throw new Error(`There is no “${words}” in “${textOf(fixture)}”.`);
  return found;
}
/** A field by its label, written into. */
export function write(fixture: ComponentFixture<unknown>, label: string, value: string): void {
  const found = [...(fixture.nativeElement as HTMLElement).querySelectorAll('label')].find((l) =>
    l.textContent!.trim().startsWith(label),
  );
  const field = found?.querySelector<HTMLInputElement | HTMLTextAreaElement>('input, textarea');
  if (!field) throw new Error(`There is no field “${label}”.`);
  field.value = value;
  field.dispatchEvent(new Event('input'));
  field.dispatchEvent(new Event('change'));
}
