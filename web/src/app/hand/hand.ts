import { computed, effect, inject, Injectable, signal, untracked } from '@angular/core';
import { footerOf, headerOf, needsConfirming, sameWords, type Device, type Text } from '@tin-porch/core/model';
import { textAt } from '@tin-porch/core/operations';
import { doubtsIn, picturePlaceAt, textsOf, type PlacedText } from '@tin-porch/core/making';
import { Subject } from 'rxjs';
import type { FromFrame, ToFrame, WordsCommand, WordsState, Written } from '@tin-porch/surface';
import { SiteStore } from '../site/site-store';

/** Other words that are shown in the place of those there, until they are taken or left. */
export interface Trial {
  part: string;
  before: Text;
  after: Text;
  measured: string;
}

/** How long the hand rests before it is looked at what nobody has said. */
const DOUBT_AFTER_MS = 400;
const wordsOf = ({ value, marks }: Text): Written => ({ value, ...(marks && { marks }) });

/** What is in hand on the page: a section of it, a text of that, and the words as they are being written. */
@Injectable()
export class Hand {
  private readonly store = inject(SiteStore);
  /** The part whose words are being written where they stand. */
  readonly writing = signal<string | null>(null);
  readonly words = signal<WordsState | null>(null);
  readonly trial = signal<Trial | null>(null);
  /** What the window is as wide as. */
  readonly kind = signal<'wide' | Device>('wide');
  /** The page that was pressed in the menu of the header. */
  private readonly pressedInMenu = signal<{ section: string; page: string } | null>(null);
  readonly menu = computed(() => {
    const pressed = this.pressedInMenu();
    return pressed && pressed.section === this.section() ? pressed.page : null;
  });
  /** What the window is told. */
  readonly told = new Subject<ToFrame>();
  /** The words as the editor last said them. */
  private last: Written | null = null;

  /** The section in hand. */
  readonly section = computed(() => this.store.part()?.split('/')[0] ?? null);
  /** The sections of the page that is open, with what all pages share. */
  readonly sections = computed(() => {
    const document = this.store.document();
    const page = document?.pages.find((p) => p.id === this.store.page()) ?? document?.pages[0];
    if (!document || !page) return [];
    return [headerOf(document, page), ...page.sections, footerOf(document, page)].flatMap((s) => (s ? [s] : []));
  });
  /** The text in hand. */
  readonly text = computed<PlacedText | null>(() => {
    const [id, path] = this.store.part()?.split('/') ?? [];
    const section = this.sections().find((s) => s.id === id);
    return (section && path && textsOf(section).find((t) => t.path === path)) || null;
  });
  /** The place for a picture in hand. */
  readonly picture = computed(() => {
    const document = this.store.document();
    const [section = '', path = ''] = this.store.part()?.split('/') ?? [];
    return (document && path && picturePlaceAt(document, { section, path })) || null;
  });
  /** Files that were let go over the picture in hand. */
  readonly dropped = new Subject<File[]>();
  readonly unsure = computed(() => {
    const text = this.text();
    return text !== null && needsConfirming(text.text);
  });

  /** The words in the text that is being written that nobody has said; none where somebody vouches for it. */
  readonly doubts = signal<readonly string[]>([]);

  constructor() {
    // Looked for when the hand rests: never between a key and its letter.
    effect((ended) => {
      const document = this.store.document();
      const text = this.writing() !== null && !this.trial() ? this.text()?.text : undefined;
      const rest = setTimeout(() => {
        const words = document && text?.from.kind === 'designer' ? doubtsIn(document, text.value) : [];
        if (words.join('\n') === untracked(this.doubts).join('\n')) return;
        this.doubts.set(words);
        this.do({ name: 'doubt', words });
      }, DOUBT_AFTER_MS);
      ended(() => clearTimeout(rest));
    });
    // What others, or undo, made of the words that are being written comes into the editor.
    effect(() => {
      const part = this.writing();
      const text = this.text();
      if (!part || !text || part !== this.store.part() || this.trial()) return;
      const now = wordsOf(text.text);
      if (!this.last || sameWords(now, this.last)) return;
      this.last = now;
      this.told.next({ kind: 'do', command: { name: 'replace', text: now } });
    });
    // With something else in hand, what was tried is left.
    effect(() => {
      const part = this.store.part();
      untracked(() => {
        if (this.trial() && this.trial()?.part !== part) this.leaveTrial();
      });
    });
    // On another page nothing is in hand any more.
    effect(() => {
      this.store.page();
      untracked(() => this.rest());
    });
  }

  /** Takes a part in hand. Words are written where they stand; a picture is only held. */
  write(part: string, caret: 'pressed' | 'end' | 'all' = 'end'): void {
    this.leaveTrial();
    this.doubts.set([]);
    this.store.part.set(part);
    const text = this.text();
    if (!text || !text.text.value) return this.rest();
    this.writing.set(part);
    this.last = wordsOf(text.text);
    // What only keeps a place is written over.
    const whole = text.text.from.kind === 'placeholder' ? 'all' : caret;
    this.told.next({ kind: 'write', part, label: text.label, form: text.form, text: this.last, caret: whole });
  }

  /** Takes a page of the menu in hand, and the header with it. */
  takeMenu(section: string, page: string): void {
    this.rest();
    this.store.part.set(`${section}/`);
    this.pressedInMenu.set({ section, page });
  }

  /** Lets go of the words; what they are part of stays in hand. */
  rest(): void {
    this.leaveTrial();
    if (this.writing() === null) return;
    this.writing.set(null);
    this.words.set(null);
    this.doubts.set([]);
    this.told.next({ kind: 'rest' });
    void this.store.flush();
  }

  do(command: WordsCommand): void {
    if (this.writing()) this.told.next({ kind: 'do', command });
  }

  /** What the window says of the words. */
  heard(message: FromFrame): void {
    if (message.kind === 'written') this.put(message.part, message.text);
    else if (message.kind === 'words') this.words.set(message.state);
    else if (message.kind === 'left') this.left(message.part, message.how);
    else if (message.kind === 'dropped') {
      this.write(message.picture);
      // Its tools have to be there to take them.
      setTimeout(() => this.dropped.next(message.files));
    }
  }

  private put(part: string, written: Written): void {
    if (this.trial()?.part === part) return;
    this.last = written;
    const [section = '', path = ''] = part.split('/');
    const document = this.store.document();
    const text = document && textAt(document, { section, path });
    if (!text || sameWords(wordsOf(text), written)) return;
    // Who only sets words off has not said them: they come from where they came from.
    const from = written.value === text.value ? text.from : ({ kind: 'designer' } as const);
    this.store.change({ op: 'setText', at: { section, path }, text: { ...written, from } });
  }

  private left(part: string, how: 'escape' | 'next' | 'before' | 'beside'): void {
    if (this.writing() !== part) return;
    // The editor is gone with the words that were tried in it: the page is drawn as the site has it.
    if (this.trial()) this.told.next({ kind: 'again' });
    this.leaveTrial();
    this.writing.set(null);
    this.words.set(null);
    void this.store.flush();
    // Out of the words, the keys are at the tag of their section.
    if (how === 'escape') document.getElementById(`tag-${part.split('/')[0]}`)?.focus({ preventScroll: true });
    else if (how === 'next' || how === 'before') {
      const next = this.neighbour(part, how === 'next' ? 1 : -1);
      if (next) this.write(next);
    }
  }

  /** The text before or after another on the page, of those that say something. */
  private neighbour(part: string, by: 1 | -1): string | null {
    const all = this.sections().flatMap((s) =>
      textsOf(s).flatMap((t) => (t.text.value || `${s.id}/${t.path}` === part ? [`${s.id}/${t.path}`] : [])),
    );
    return all[all.indexOf(part) + by] ?? null;
  }

  /** Shows other words in place of those there; they are taken or left. */
  try(after: Text, measured: string): void {
    const text = this.text();
    if (!text) return;
    const part = `${text.section.id}/${text.path}`;
    const tried = this.trial();
    // Writing begins before they are tried: to begin is to leave what was tried before.
    if (this.writing() !== part) this.write(part);
    this.trial.set({ part, before: tried?.part === part ? tried.before : text.text, after, measured });
    this.told.next({ kind: 'do', command: { name: 'replace', text: wordsOf(after) } });
  }
  takeTrial(): void {
    const trial = this.trial();
    if (!trial) return;
    this.trial.set(null);
    this.last = wordsOf(trial.after);
    const [section = '', path = ''] = trial.part.split('/');
    this.store.change({ op: 'setText', at: { section, path }, text: trial.after }, 'writer');
    void this.store.flush();
  }
  leaveTrial(): void {
    const trial = this.trial();
    if (!trial) return;
    this.trial.set(null);
    this.last = wordsOf(trial.before);
    this.told.next({ kind: 'do', command: { name: 'replace', text: this.last } });
  }
}
