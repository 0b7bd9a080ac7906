import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Facts } from '@tin-porch/core/model';
import { factOperations } from '@tin-porch/core/operations';
import {
  filledFrom,
  SPAN_FIELDS,
  tongueName,
  wordsOf,
  type Conflict,
  type Reading,
  type Span,
  type SpanField,
} from '@tin-porch/core/brief';
import { CLEARED } from '@tin-porch/core/making';
import { ChooseThen } from '../parts/choose-then';
import { some } from '@tin-porch/core/some';
import { SiteStore } from '../site/site-store';
import { FIELD_NAMES } from './field-names';
import { HeldBackPanel } from './held-back';
import { MarkedText } from './marked-text';
import { OutsidePanel } from './outside-panel';
import { SayWhat } from './say-what';
import { ToldPanel } from './told-panel';

const CLASH: Record<Conflict['field'], string> = {
  phone: 'phone numbers',
  mail: 'mail addresses',
  address: 'addresses',
  hours: 'opening hours',
  founded: 'years',
  name: 'names',
};

/** The client’s text with what was read in it: each reading can be corrected, and what contradicts itself is settled here. */
@Component({
  selector: 'tp-reading-panel',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [MarkedText, ChooseThen, HeldBackPanel, SayWhat, ToldPanel, OutsidePanel],
  template: `
    @if (store.document(); as document) {
      @if (!document.facts.description.trim()) {
        <div class="empty">
          <h2>Nothing to read yet</h2>
          <p>Paste what the client sent into “What they told you”. What it says is highlighted here as you type.</p>
        </div>
      } @else if (reading(); as read) {
        <div class="between">
          <h2>What it says</h2>
          <span class="quiet">{{ found() }} in {{ ms() < 10 ? ms().toFixed(1) : ms().toFixed(0) }} ms</span>
        </div>
        @if (tongue(); as name) {
          <p class="note lamp gap">
            <span
              ><b>The text is in {{ name }}.</b> Numbers, addresses and prices are read in it as far as they can be
              told. Sites are written in English, German, French and Spanish: menus, headings and forms come in the
              language chosen under “How it is written”. What the client says in {{ name }} is held back until you use
              it, and then stands as it is, marked as {{ name }}.</span
            >
          </p>
        }
        @if (missing().length) {
          <p class="note rain gap">
            <span>Not in the facts yet: {{ missing().join(', ') }}.</span>
            <button class="plain small" type="button" (click)="fill()">Put them in</button>
          </p>
        }
        @for (conflict of read.conflicts; track conflict.field) {
          <div class="note lamp gap" role="group" [attr.aria-label]="'Two ' + clash[conflict.field]">
            <p>
              <b>The text gives {{ conflict.values.length }} different {{ clash[conflict.field] }}.</b> Which is right?
            </p>
            <p class="bar">
              @for (v of conflict.values; track v.value) {
                <button
                  class="plain small"
                  type="button"
                  [attr.aria-pressed]="inSheet(conflict, v.value)"
                  (click)="settle(conflict, v.value)"
                >
                  {{ v.value }}
                </button>
              }
            </p>
          </div>
        }
        @if (chosen(); as span) {
          <div class="note gap" role="group" aria-label="This reading">
            <p>
              “{{ words(span) }}” was read as <b>{{ names[span.field] }}</b>{{
                fileOf(span) ? ', in ' + fileOf(span) : ''
              }}.
            </p>
            <p class="bar">
              <button class="plain small" type="button" (click)="correct(span, null)">It is not</button>
              <tp-choose-then
                label="What it is"
                placeholder="It is …"
                act="Say so"
                [options]="otherFields(span)"
                (chosen)="correct(span, $any($event))"
              />
              <button class="plain small" type="button" (click)="chosen.set(null)">Leave it</button>
            </p>
          </div>
        }
        <tp-held-back />
        <tp-told [told]="read.told" />
        <tp-outside />
        <tp-say-what [selected]="picked()" />
        <tp-marked-text
          [source]="document.facts.description"
          [spans]="spans()"
          [chosen]="chosen()"
          (choose)="chosen.set($event)"
          (refuse)="correct($event, null)"
          (selected)="picked.set($event)"
        />
        @if (putRight(); as n) {
          <p class="quiet gap">
            {{ some(n, 'reading was corrected and stays', 'readings were corrected and stay') }} so.
            <button class="link" type="button" (click)="afresh()">Read it afresh</button>
          </p>
        }
      } @else {
        <p class="quiet">Reading …</p>
      }
    }
  `,
})
export class ReadingPanel {
  protected readonly some = some;
  protected readonly store = inject(SiteStore);
  readonly reading = input.required<Reading | null>();
  readonly ms = input(0);
  protected readonly names = FIELD_NAMES;
  protected readonly clash = CLASH;
  protected readonly chosen = signal<Span | null>(null);
  /** Words selected in the text. */
  protected readonly picked = signal('');
  /** Spans as far as they lie in the text that is shown: while typing, the reading is a moment behind. */
  protected readonly spans = computed(() => {
    const length = this.store.document()?.facts.description.length ?? 0;
    return (this.reading()?.spans ?? []).filter((s) => s.to <= length);
  });
  private readonly fillers = computed(() => {
    const facts = this.store.document()?.facts;
    const read = this.reading();
    return facts && read ? factOperations(facts, filledFrom(facts, read.facts)) : [];
  });
  /** What the text is in, where the reader does not know that language. */
  protected readonly tongue = computed(() => {
    const tag = this.reading()?.tongue;
    return tag ? tongueName(tag) : '';
  });
  protected readonly missing = computed(() =>
    this.fillers().map((o) => {
      const field = o.op === 'setFact' || o.op === 'setList' ? o.field : o.op === 'setPeople' ? 'people' : 'services';
      const title = (Facts.properties[field] as { title?: string }).title ?? field;
      return title[0]!.toLowerCase() + title.slice(1);
    }),
  );

  protected readonly found = computed(() => some(this.reading()?.spans.length ?? 0, 'reading'));
  protected otherFields = (span: Span) =>
    SPAN_FIELDS.filter((f) => f !== span.field).map((f) => [f, FIELD_NAMES[f]] as const);
  /** Readings that were corrected; what was confirmed or cleared is none of them. */
  private readonly kept = computed(() =>
    (this.store.document()?.corrections ?? []).filter((c) => c.was === c.is || c.was === CLEARED),
  );
  protected readonly putRight = computed(() => (this.store.document()?.corrections.length ?? 0) - this.kept().length);
  protected afresh(): void {
    this.store.change({ op: 'setCorrections', corrections: this.kept() });
  }
  /** The file a reading came from, where several were given. */
  protected fileOf = (span: Span): string =>
    this.reading()?.pieces.find((p) => p.from <= span.from && span.from < p.to)?.file ?? '';
  protected words = (span: Span) => wordsOf(this.store.document()!.facts.description, span).trim();

  protected fill(): void {
    const operations = this.fillers();
    if (operations.length) this.store.change({ op: 'batch', operations });
  }
  protected inSheet(conflict: Conflict, value: string): boolean {
    const now = this.store.document()!.facts[conflict.field as keyof Facts];
    return conflict.field === 'hours' ? String(now).includes(value) : now === value;
  }
  protected settle(conflict: Conflict, value: string): void {
    const facts = this.store.document()!.facts;
    if (conflict.field !== 'hours') return this.store.change({ op: 'setFact', field: conflict.field, value });
    // The lines of the others go, those of the days nobody disputes stay.
    const others = conflict.values.map((v) => v.value);
    const kept = facts.hours.split('\n').filter((line) => line.trim() && !others.includes(line));
    this.store.change({ op: 'setFact', field: 'hours', value: [value, ...kept].join('\n') });
  }
  protected correct(span: Span, is: SpanField | null): void {
    const document = this.store.document()!;
    const words = wordsOf(document.facts.description, span);
    this.chosen.set(null);
    if (is === span.field) return;
    const corrections = [
      ...document.corrections.filter((c) => !(c.words === words && c.was === span.field)),
      { words, was: span.field, is },
    ];
    // What the wrong reading put into the sheet goes with it.
    const { facts } = document;
    const out: Partial<Facts> = {};
    const field = span.field as keyof Facts;
    if (facts[field] === span.value) Object.assign(out, { [field]: '' });
    if (span.field === 'service') out.services = facts.services.filter((s) => s.name !== span.value);
    if (span.field === 'person') out.people = facts.people.filter((p) => p.name !== span.value);
    this.store.change({
      op: 'batch',
      operations: [{ op: 'setCorrections', corrections }, ...factOperations(facts, out)],
    });
  }
}
