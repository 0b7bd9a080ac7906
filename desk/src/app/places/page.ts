import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Drafts, keyOf } from '../drafts';
import { Session } from '../here';
import type { Change, DeskPage, DeskPicture, DeskText, Shown } from '../model';
import { Differs } from '../parts/differs';
import { Grow } from '../parts/grow';
import { loaded } from '../parts/load';
import { OrderPart } from '../parts/order';
import { PictureField } from '../parts/picture';
import { Top } from '../parts/top';
import { Waiting } from '../parts/waiting';
import { wording } from '../words/words';

type PictureChange = Extract<Change, { kind: 'picture' }>;

/** The words and pictures of one page, a section after the other as they stand there. */
@Component({
  selector: 'dk-page',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink, Top, Waiting, Differs, Grow, OrderPart, PictureField],
  template: `
    <dk-top [title]="here()?.label ?? w().page" back="/pages" [under]="here()?.hold ? w().onHold : ''" />
    <p class="acts slim">
      <a [routerLink]="['/pages', page()]">{{ w().onPage }}</a>
    </p>
    <dk-waiting [of]="pages" />
    @if (whole()) {
      <p class="pad">{{ w().locked }}</p>
    } @else if (here(); as p) {
      @for (s of p.sections; track s.id) {
        <section class="fields">
          <h2>{{ s.title }}</h2>
          @if (s.locked) {
            <p class="quiet">{{ w().locked }}</p>
          }
          @for (p of s.pictures; track p.at.path) {
            <dk-picture
              [label]="p.of ? w().picture + ': ' + p.of : w().picture"
              [shown]="shownOf(p)"
              [changed]="!!pictureChange(p)"
              (shownChange)="show(p, $event)"
            />
            @if (otherThere(p)) {
              <p class="differs" role="status">
                {{ w().differs }} <q>{{ p.shown.alt || w().picture }}</q>
                <button class="plain" type="button" (click)="drop(p)">{{ w().takeTheirs }}</button>
              </p>
            }
          }
          @for (t of s.texts; track t.at.path) {
            <label [class.changed]="changeOf(t)">
              {{ t.label }}
              <textarea
                rows="1"
                [dkGrow]="valueOf(t)"
                [attr.maxlength]="t.most"
                [value]="valueOf(t)"
                (input)="write(t, $any($event.target).value)"
              ></textarea>
            </label>
            <dk-differs [key]="keyOf(t)" [now]="t.value" />
          }
        </section>
      } @empty {
        <p class="pad">{{ w().noWords }}</p>
      }
      <dk-order [of]="'page/' + p.id" [rows]="p.order" />
    }
  `,
})
export class PagePlace {
  readonly page = input.required<string>();
  private readonly drafts = inject(Drafts);
  private readonly session = inject(Session);
  protected readonly w = wording().words;
  protected readonly pages = loaded((api) => api.get<{ pages: DeskPage[] }>('/pages'));
  protected readonly here = computed(() => this.pages.value()?.pages.find((p) => p.id === this.page()));

  /** Whether all that could be changed on it is its designer’s. */
  protected readonly whole = computed(() => {
    const sections = this.here()?.sections ?? [];
    if (this.here()?.order.length) return false;
    if (sections.length) return sections.every((s) => s.locked);
    const locked = this.session.here()?.locked ?? [];
    return !!this.here() && locked.includes('words') && locked.includes('pictures');
  });
  private readonly change = (t: DeskText, value: string): Change => ({ kind: 'text', at: t.at, was: t.value, value });
  protected keyOf = (t: DeskText) => keyOf(this.change(t, ''));
  protected changeOf = (t: DeskText) => this.drafts.about(this.keyOf(t));
  protected valueOf = (t: DeskText): string => (this.changeOf(t)?.value as string | undefined) ?? t.value;
  /** A line of its own is no part of a heading or a label. */
  protected write = (t: DeskText, value: string): void =>
    this.drafts.put(this.change(t, t.long ? value : value.replace(/\s*\n\s*/g, ' ')));

  private readonly picture = (p: DeskPicture, value: Shown): PictureChange => ({
    kind: 'picture',
    at: p.at,
    was: p.shown,
    value,
  });
  protected pictureChange = (p: DeskPicture): PictureChange | undefined =>
    this.drafts.about(keyOf(this.picture(p, p.shown))) as PictureChange | undefined;
  protected shownOf = (p: DeskPicture): Shown => this.pictureChange(p)?.value ?? p.shown;
  protected show = (p: DeskPicture, value: Shown): void => this.drafts.put(this.picture(p, value));
  protected drop = (p: DeskPicture): void => this.drafts.drop(keyOf(this.picture(p, p.shown)));
  /** Whether something else stands there by now than when it was changed here. */
  protected otherThere = (p: DeskPicture): boolean => {
    const was = this.pictureChange(p)?.was;
    return was !== undefined && (was.media !== p.shown.media || was.alt !== p.shown.alt);
  };
}
