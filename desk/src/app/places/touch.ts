import type { ElementRef } from '@angular/core';
import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal, viewChild } from '@angular/core';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { Router, RouterLink } from '@angular/router';
import type { FromFrame, Left, ToFrame, WordsState } from '@tin-porch/surface';
import { catchError, combineLatest, debounceTime, EMPTY, filter, of, switchMap, tap, throwError } from 'rxjs';
import { DeskApi, refusalOf } from '../desk-api';
import { Drafts, keyOf } from '../drafts';
import { Session } from '../here';
import type { Change, DeskPage, DeskPicture, DeskText, Marks, Place, Shown } from '../model';
import { loaded } from '../parts/load';
import { inOrder } from '../parts/order';
import { PictureField } from '../parts/picture';
import { Top } from '../parts/top';
import { Waiting } from '../parts/waiting';
import { wording } from '../words/words';

type OrderChange = Extract<Change, { kind: 'order' }>;
type TextChange = Extract<Change, { kind: 'text' }>;
interface Drawn {
  html: string;
  stylesheet?: string;
}
/** Why something on the page is not changed there, with the place where it is, if there is one. */
interface Hint {
  words: string;
  to?: string;
  name?: string;
}

const partOf = ({ section, path }: Place) => `${section}/${path}`;

/** A page as visitors see it, changed where it is touched: words where they stand, a picture from the camera in its place. */
@Component({
  selector: 'dk-touch',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(window:message)': 'heard($event)' },
  imports: [PictureField, RouterLink, Top, Waiting],
  template: `
    <dk-top [title]="here()?.label ?? w().page" back="/pages" [under]="here()?.hold ? w().onHold : w().touchHow" />
    <p class="acts slim">
      <span role="status">
        @if (hint(); as h) {
          {{ h.words }}
          @if (h.to) {
            <a [routerLink]="h.to">{{ h.name }}</a>
          }
        }
      </span>
      @if (setsOff()) {
        <!-- Pressed without taking the words out of hand. -->
        <button
          class="plain"
          type="button"
          [attr.aria-pressed]="words()?.strong ?? false"
          (pointerdown)="$event.preventDefault()"
          (click)="setOff('strong')"
        >
          <b>{{ w().strong }}</b>
        </button>
        <button
          class="plain"
          type="button"
          [attr.aria-pressed]="words()?.stress ?? false"
          (pointerdown)="$event.preventDefault()"
          (click)="setOff('stress')"
        >
          <i>{{ w().stress }}</i>
        </button>
      }
      @if (part(); as p) {
        <button
          class="plain"
          type="button"
          [attr.aria-label]="w().order.up + ': ' + p.name"
          [attr.aria-disabled]="p.at === 0"
          (click)="move(p.id, -1)"
        >
          {{ w().order.up }}
        </button>
        <button
          class="plain"
          type="button"
          [attr.aria-label]="w().order.down + ': ' + p.name"
          [attr.aria-disabled]="p.at === p.of - 1"
          (click)="move(p.id, 1)"
        >
          {{ w().order.down }}
        </button>
      }
      <a [routerLink]="['/pages', page(), 'list']">{{ w().asList }}</a>
    </p>
    @if (fault()) {
      <p class="bad slim" role="alert">{{ fault() }}</p>
    }
    <dk-waiting [of]="pages" />
    <iframe
      #frame
      sandbox="allow-scripts allow-same-origin"
      src="window/hand.html"
      [title]="here()?.label ?? w().page"
    ></iframe>
    @if (picture(); as p) {
      <section class="sheet" [attr.aria-label]="w().picture">
        <dk-picture
          [label]="p.of ? w().picture + ': ' + p.of : w().picture"
          [shown]="shownOf(p)"
          [changed]="changed(p)"
          (shownChange)="show(p, $event)"
        />
        <p class="acts slim">
          <button type="button" (click)="chosen.set(null)">{{ w().close }}</button>
        </p>
      </section>
    }
  `,
})
export class TouchPlace {
  readonly page = input.required<string>();
  private readonly api = inject(DeskApi);
  private readonly drafts = inject(Drafts);
  private readonly router = inject(Router);
  private readonly session = inject(Session);
  protected readonly w = wording().words;
  private readonly frame = viewChild.required<ElementRef<HTMLIFrameElement>>('frame');
  protected readonly pages = loaded((api) => api.get<{ pages: DeskPage[] }>('/pages'));
  protected readonly here = computed(() => this.pages.value()?.pages.find((p) => p.id === this.page()));
  /** What can be touched on the page, in its order. */
  private readonly texts = computed(
    () => new Map((this.here()?.sections ?? []).flatMap((s) => s.texts.map((t) => [partOf(t.at), t] as const))),
  );
  private readonly pictures = computed(
    () => new Map((this.here()?.sections ?? []).flatMap((s) => s.pictures.map((p) => [partOf(p.at), p] as const))),
  );
  /** The part that is written in, and that whose picture is chosen. */
  protected readonly writing = signal<string | null>(null);
  protected readonly chosen = signal<string | null>(null);
  protected readonly picture = computed(() => this.pictures().get(this.chosen() ?? ''));
  /** The part of the page that was touched last, and where it stands among the others: it can be moved. */
  private readonly section = signal('');
  private readonly orderKey = computed(() => `order page/${this.page()}`);
  private readonly order = computed(() =>
    inOrder(this.here()?.order ?? [], this.drafts.about(this.orderKey()) as OrderChange | undefined),
  );
  protected readonly part = computed(() => {
    const order = this.order();
    const at = order.findIndex((s) => s.id === this.section());
    return order.length > 1 && at >= 0 && !this.writing() ? { ...order[at]!, at, of: order.length } : null;
  });
  /** How the selection stands in the words that are written. */
  protected readonly words = signal<WordsState | null>(null);
  /** Whether words can be set off in what is written. */
  protected readonly setsOff = computed(() => {
    const form = this.texts().get(this.writing() ?? '')?.form;
    return form === 'line' || form === 'prose';
  });
  protected readonly hint = signal<Hint | null>(null);
  protected readonly fault = signal('');
  private readonly ready = signal(false);
  private readonly drawn = signal<Drawn | null>(null);
  private readonly css = signal('');
  private serial = 0;

  constructor() {
    const wanted = combineLatest([
      toObservable(this.page),
      toObservable(this.drafts.all),
      toObservable(this.api.ended),
    ]);
    wanted
      .pipe(
        debounceTime(120),
        switchMap(([page, changes]) => this.ask(page, changes)),
        takeUntilDestroyed(),
      )
      .subscribe((drawn) => this.drawn.set(drawn));
    toObservable(computed(() => this.drawn()?.stylesheet))
      .pipe(
        filter((path) => path !== undefined),
        switchMap((path) => this.api.text(path).pipe(catchError(() => EMPTY))),
        takeUntilDestroyed(),
      )
      // What is worked on is not to change its letters later.
      .subscribe((css) => this.css.set(css.replace(/font-display:\s*optional/g, 'font-display:swap')));
    effect(() => {
      const drawn = this.drawn();
      if (!this.ready() || !drawn || (drawn.stylesheet && !this.css())) return;
      this.tell({ kind: 'put', serial: ++this.serial, html: drawn.html, css: this.css() + this.marks() });
      // What was moved stays in sight.
      if (this.moved) this.tell({ kind: 'show', section: this.moved });
    });
    effect(() => {
      this.page();
      this.hint.set(null);
      this.chosen.set(null);
      this.section.set('');
      this.writing.set(null);
      this.tell({ kind: 'rest' });
      this.tell({ kind: 'top' });
    });
  }

  /** The page with what is not up yet; as it is, where that does not fit it any more. */
  private ask(page: string, changes: readonly Change[]) {
    const draw = (sent: readonly Change[]) =>
      this.api.post<Drawn>('/preview', { page, changes: sent, touch: true }).pipe(
        tap(() => {
          if (sent.length === changes.length) this.fault.set('');
        }),
      );
    const say = (error: unknown) => {
      const refused = refusalOf(error);
      this.fault.set(refused.status === 0 ? this.w().away : refused.message);
      return refused.status === 409 || refused.status === 422 || refused.status === 403
        ? of(true)
        : throwError(() => refused);
    };
    return draw(changes).pipe(
      catchError((error: unknown) => say(error).pipe(switchMap(() => draw([])))),
      catchError(() => EMPTY),
    );
  }

  /** What can be touched has a line around it, in the colours of the page. */
  private readonly marks = computed(() => {
    const all = (attribute: string, parts: Iterable<string>) =>
      [...parts].map((part) => `[data-${attribute}="${CSS.escape(part)}"]`).join(',');
    const rule = (selector: string, says: string) => (selector ? `${selector}{${says}}` : '');
    const line = 'outline:1px dashed var(--lead)!important;outline-offset:3px!important;cursor:pointer!important';
    const active = this.writing() ?? this.chosen();
    const part = this.part()?.id;
    return [
      '[data-part],[data-picture]{outline:none!important;cursor:default!important}',
      rule(all('part', this.texts().keys()), line),
      rule(all('picture', this.pictures().keys()), line),
      // The part that can be moved.
      rule(part ? `[data-section="${CSS.escape(part)}"]` : '', 'box-shadow:inset 4px 0 0 var(--lead)!important'),
      active
        ? rule(`${all('part', [active])},${all('picture', [active])}`, 'outline:3px solid var(--lead)!important')
        : '',
    ].join('');
  });

  private tell(message: ToFrame): void {
    if (this.ready()) this.frame().nativeElement.contentWindow?.postMessage(message, location.origin);
  }

  protected heard(event: MessageEvent<FromFrame>): void {
    if (event.source !== this.frame().nativeElement.contentWindow) return;
    const message = event.data;
    switch (message.kind) {
      case 'ready':
        return this.ready.set(true);
      case 'chosen':
        return this.touched(message);
      case 'written': {
        const text = this.texts().get(message.part);
        if (text) this.drafts.put(this.change(text, message.text.value, message.text.marks ?? []));
        return;
      }
      case 'words':
        return this.words.set(message.state);
      case 'left':
        return this.left(message.part, message.how);
    }
  }

  private touched({ part, picture, section, link }: Extract<FromFrame, { kind: 'chosen' }>): void {
    this.hint.set(null);
    this.chosen.set(null);
    this.section.set(section ?? '');
    this.moved = '';
    if (part && this.texts().has(part)) return this.write(part, 'pressed');
    if (picture && this.pictures().has(picture)) return this.chosen.set(picture);
    const page = link && this.pages.value()?.pages.find((p) => p.path === link);
    if (page) return void this.router.navigate(['/pages', page.id]);
    if (section) this.hint.set(this.why(section, part ? 'words' : picture ? 'pictures' : null));
  }

  protected setOff(name: 'strong' | 'stress'): void {
    this.tell({ kind: 'do', command: { name } });
  }
  private moved = '';
  protected move(id: string, by: 1 | -1): void {
    const value = this.order().map((s) => s.id);
    const at = value.indexOf(id);
    const other = value[at + by];
    if (!other) return;
    [value[at], value[at + by]] = [other, id];
    this.moved = id;
    this.drafts.put({
      kind: 'order',
      of: `page/${this.page()}`,
      was: (this.here()?.order ?? []).map((s) => s.id),
      value,
    });
  }

  /** Why what was touched is not changed here. */
  private why(section: string, kind: 'words' | 'pictures' | null): Hint | null {
    const here = this.here();
    const list = here?.lists.find((l) => l.section === section)?.list;
    const of = this.session.here()?.lists.find((l) => l.id === list);
    const locked = here?.sections.find((s) => s.id === section)?.locked;
    if (of && !of.locked) return { words: this.w().standsIn, to: `/lists/${of.id}`, name: of.name };
    const kept = kind && this.session.here()?.locked.includes(kind);
    if (of || locked || kept || here?.frames.includes(section)) return { words: this.w().locked };
    return kind === 'words' ? { words: this.w().saysUs, to: '/us', name: this.w().places.us } : null;
  }

  private readonly change = (t: DeskText, value: string, marks: Marks): Change => ({
    kind: 'text',
    at: t.at,
    was: t.value,
    value,
    // What takes none says nothing of any.
    ...((t.form === 'line' || t.form === 'prose') && { wasMarks: t.marks ?? [], marks }),
  });
  private write(part: string, caret: 'pressed' | 'all'): void {
    const text = this.texts().get(part);
    if (!text) return;
    const draft = this.drafts.about(keyOf(this.change(text, '', []))) as TextChange | undefined;
    const marks = draft ? draft.marks : text.marks;
    this.writing.set(part);
    this.words.set(null);
    this.frame().nativeElement.focus();
    this.tell({
      kind: 'write',
      part,
      label: text.label,
      form: text.form,
      text: { value: draft?.value ?? text.value, ...(marks?.length && { marks }) },
      caret,
      noLinks: true,
    });
  }
  private left(part: string, how: Left): void {
    if (this.writing() !== part) return;
    this.writing.set(null);
    if (how !== 'next' && how !== 'before') return;
    const all = [...this.texts().keys()];
    const next = all[all.indexOf(part) + (how === 'next' ? 1 : -1)];
    if (next) this.write(next, 'all');
  }

  private readonly picChange = (p: DeskPicture, value: Shown): Change => ({
    kind: 'picture',
    at: p.at,
    was: p.shown,
    value,
  });
  protected shownOf = (p: DeskPicture): Shown =>
    (this.drafts.about(keyOf(this.picChange(p, p.shown)))?.value as Shown | undefined) ?? p.shown;
  protected changed = (p: DeskPicture): boolean => !!this.drafts.about(keyOf(this.picChange(p, p.shown)));
  protected show = (p: DeskPicture, value: Shown): void => this.drafts.put(this.picChange(p, value));
}
