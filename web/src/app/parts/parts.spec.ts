import { HttpErrorResponse } from '@angular/common/http';
import { provideZonelessChangeDetection, type Type } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { Job } from '../api/model';
import { asRefusal } from '../api/porch-api';
import { JobSteps } from './job-steps';
import { SparkLine } from './spark-line';
import { VisitBars } from './visit-bars';
import { daysLeft, when } from './when';
import { Worktable } from './worktable';

async function shown<T>(
  component: Type<T>,
  inputs: Record<string, unknown>,
): Promise<{ fixture: ComponentFixture<T>; element: HTMLElement }> {
  TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection()] });
  const fixture = TestBed.createComponent(component);
  for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
  await fixture.whenStable();
  return { fixture, element: fixture.nativeElement as HTMLElement };
}

/** What an element says, without the white space between. */
const bare = (element: Element) => element.textContent!.replace(/\s+/g, '');

describe('time in words', () => {
  const now = Date.parse('2026-11-02T12:00:00Z');
  it('says how long ago and how soon', () => {
    expect(when('2026-11-02T11:59:58Z', now)).toBe('just now');
    expect(when('2026-11-02T11:58:00Z', now)).toBe('2 minutes ago');
    expect(when('2026-11-02T12:00:30Z', now)).toBe('in 30 seconds');
    expect(when('2026-11-01T11:00:00Z', now)).toBe('yesterday');
    expect(when(null, now)).toBe('never');
  });
  it('counts whole days, and below zero once it is past', () => {
    expect(daysLeft('2026-11-04T11:00:00Z', now)).toBe(1);
    expect(daysLeft('2026-11-02T11:00:00Z', now)).toBe(-1);
  });
});

describe('a refusal', () => {
  it('is read from problem details, from text that holds them, and from silence', () => {
    const body = { title: 'No', detail: 'Because.', status: 409 };
    expect(asRefusal(new HttpErrorResponse({ status: 409, error: body })).message).toBe('No. Because.');
    expect(asRefusal(new HttpErrorResponse({ status: 409, error: JSON.stringify(body) })).title).toBe('No');
    expect(asRefusal(new HttpErrorResponse({ status: 502, error: '<html>' })).title).toBe('The server answered 502');
    expect(asRefusal(new HttpErrorResponse({ status: 0 })).message).toContain('still here');
  });
});

describe('visits', () => {
  const weeks = [0, 4, 9, 3, 6];
  it('as a line: begin at zero and are read aloud', async () => {
    const { element } = await shown(SparkLine, { weeks, width: 100, height: 30 });
    const points = [
      ...element
        .querySelector('path')!
        .getAttribute('d')!
        .matchAll(/[ML]([\d.]+),([\d.]+)/g),
    ].map((m) => [Number(m[1]), Number(m[2])]);
    expect(points.length).toBe(5);
    expect(points[0]![1]).toBe(28);
    expect(Math.min(...points.map((p) => p[1]!))).toBe(points[2]![1]!);
    expect(element.querySelector('svg')!.getAttribute('aria-label')).toContain('0, 4, 9, 3, 6');
  });
  it('as bars: are as high as they are many, labelled by their own days, with a table behind', async () => {
    const { element } = await shown(VisitBars, { weeks, until: '2026-11-22' });
    const heights = [...element.querySelectorAll('rect')].map((r) => Number(r.getAttribute('height')));
    expect(heights[0]).toBe(0);
    expect(heights[2]! / heights[3]!).toBeCloseTo(3);
    expect(element.querySelector('svg')!.textContent).toContain('16 Nov');
    const rows = [...element.querySelectorAll('tbody tr')].map((r) => bare(r));
    expect(rows.at(-1)).toBe('22November20266');
    expect(rows.length).toBe(5);
  });
  it('can all be none', async () => {
    const { element } = await shown(VisitBars, { weeks: [0, 0, 0] });
    expect([...element.querySelectorAll('rect')].every((r) => r.getAttribute('height') === '0')).toBeTrue();
  });
});

describe('the steps of a job', () => {
  const job = (over: Partial<Job>): Job => ({
    id: 'j',
    site: 'gant',
    input: {},
    kind: 'publish',
    state: 'running',
    steps: [
      { name: 'Press the release', state: 'done', detail: '12 files', ms: 40 },
      { name: 'Send what the server lacks', state: 'running', detail: '', ms: 0 },
    ],
    error: null,
    attempt: 1,
    nextTry: null,
    createdAt: '2026-11-02T12:00:00Z',
    finishedAt: null,
    ...over,
  });
  it('show what each took, say its state in words, and can be stopped while they run', async () => {
    const { fixture, element } = await shown(JobSteps, { job: job({}) });
    let stopped = 0;
    fixture.componentInstance.cancel.subscribe(() => stopped++);
    expect([...element.querySelectorAll('li')].map((l) => bare(l))).toEqual([
      'Presstherelease:done40ms12files',
      'Sendwhattheserverlacks:underway…',
    ]);
    element.querySelector('button')!.click();
    expect(stopped).toBe(1);
  });
  it('say why they wait and when the next try is', async () => {
    const now = Date.parse('2026-11-02T12:00:00Z');
    const waiting = job({ state: 'retrying', error: 'quay does not answer.', nextTry: '2026-11-02T12:00:30Z' });
    const { element } = await shown(JobSteps, { job: waiting, now });
    expect(element.querySelector('.note')!.textContent).toContain('the next try is in 30 seconds');
  });
  it('cannot be stopped once they have ended', async () => {
    const { element } = await shown(JobSteps, { job: job({ state: 'done', finishedAt: '2026-11-02T12:00:01Z' }) });
    expect(element.querySelector('button')).toBeNull();
  });
});

describe('the worktable', () => {
  it('is widened and narrowed by keys, within bounds, and remembers', async () => {
    localStorage.removeItem('controls-width');
    const { fixture, element } = await shown(Worktable, {});
    const grip = element.querySelector<HTMLElement>('.grip')!;
    const press = async (key: string, times: number) => {
      for (let n = 0; n < times; n++) grip.dispatchEvent(new KeyboardEvent('keydown', { key }));
      await fixture.whenStable();
    };
    await press('ArrowRight', 2);
    expect(grip.getAttribute('aria-valuenow')).toBe('436');
    await press('ArrowLeft', 40);
    expect(grip.getAttribute('aria-valuenow')).toBe('300');
    expect(localStorage.getItem('controls-width')).toBe('300');
    localStorage.removeItem('controls-width');
  });
  it('says which side is shown where there is room for one only', async () => {
    const { fixture, element } = await shown(Worktable, { controlsName: 'Words' });
    const [words, window] = [...element.querySelectorAll<HTMLElement>('.switch button')];
    expect(words!.getAttribute('aria-pressed')).toBe('true');
    window!.click();
    await fixture.whenStable();
    expect(window!.getAttribute('aria-pressed')).toBe('true');
    expect(element.querySelector('.show-beside')).not.toBeNull();
  });
});
