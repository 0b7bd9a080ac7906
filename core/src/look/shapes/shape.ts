import type { Static, TObject } from '@sinclair/typebox';
import type { VNode } from 'preact';
import type { FixedWords } from '../../language/language.js';
import { fill } from './fill.js';
import type { Contact, Facts, Form, Ground, Look, Page, Picture, Text } from '../../model/site.js';

/** What a visitor sent through a form and what became of it, for the page that answers. */
export interface FormState {
  form: string;
  state: 'sent' | 'refused';
  values: Record<string, string>;
  /** By field name, what is wrong with it. */
  errors: Record<string, string>;
}

/** A picture ready to be shown: one file, or several sizes in several types, best type first. */
export interface ShownPicture {
  src: string;
  width: number;
  height: number;
  sources: { type: string; srcset: string }[];
  /** What must stay in sight of a file, in tenths from its left and its top. */
  focus?: string;
  /** Class names that say what must stay in sight and what shows until it is there. */
  className: string;
}

/** What a shape is drawn with besides its own content. */
export interface Surroundings {
  facts: Facts;
  /** The page it stands on; null in the header and footer of a page that is in no menu. */
  page: Page | null;
  pages: readonly Page[];
  /** The site’s language, as BCP 47 has it. */
  language: string;
  /** The fixed words of it. */
  words: FixedWords;
  /** Opening hours and phone as the site’s language writes them. */
  hours: readonly string[];
  phone: string;
  /** Numbers and addresses that are for something, as far as this language can say for what. */
  contacts: readonly Contact[];
  /** Places beside the main one, their hours as the site’s language writes them. */
  branches: readonly { id: string; name: string; address: string; phone: string; hours: readonly string[] }[];
  /** The name links within the page find this section by: its kind, on the first of its kind. */
  anchor: string | undefined;
  /** The address of a page by its id; where there is no such page, of the section that does its work, or the home page. */
  link(pageId: string): string;
  /** Where a link within a text leads (`LinkTarget`); null where there is no such page or section any more. */
  target(target: string): string | null;
  /** A picture of the site by its id; null where there is none. */
  picture(media: string): ShownPicture | null;
  look: Look;
  ground: Ground;
  /**
   * The mark of the site as an image: for the day, the night and deep grounds, on a plate where it cannot change its
   * colours; null where the name is set in type.
   */
  mark: { src: string; night: string; deep: string; plate: boolean; width: number; height: number } | null;
  form(id: string): { form: Form; action: string; state: FormState | null } | null;
  /** What language a text is in where that is not the site’s, and how it runs: words of the client that stand as they are. */
  own(text: Text): { lang?: string; dir?: 'ltr' | 'rtl' };
  /** Attributes for the element that holds the text at `path`, so that the window knows it; none in what is published. */
  part(path: string): Record<string, string>;
  /** Attributes for a picture in its place, for the same; none in what is published. */
  place(picture: Picture): Record<string, string>;
  /** Attributes for the outermost element of the section, for the same; none in what is published. */
  whole: Record<string, string>;
  /** True in the window, where what only shows now and then shows always, so that it can be written into. */
  editing: boolean;
  /** 1 where the section opens the page and carries its only first heading, else 2. */
  level: 1 | 2;
}

/** What a composition is like. A direction prefers some of them. */
export const TRAITS = [
  'asymmetric',
  'editorial',
  'dense',
  'quiet',
  'picture',
  'type',
  'cards',
  'bold',
  'centred',
] as const;
export type Trait = (typeof TRAITS)[number];

/** Ways to lay out a shape otherwise that not every shape has. */
export type Turn = 'align' | 'side' | 'columns' | 'width';

/** Where on a site a shape belongs: at the top of the home page, of the others, or anywhere. */
export type Belongs = 'home' | 'inner' | 'anywhere';

/** What a kind of section holds. Every shape of the kind shows the same content, so a change of shape loses no word. */
export interface Kind<C extends TObject> {
  /** What it is, in a word or two: “Top of the page”. */
  title: string;
  /** Why one would put it into a page; none for what every page shares. */
  reason: string;
  /** Words it can be asked for with. */
  asked: RegExp;
  content: C;
  sample: Static<C>;
}
export type AnyKind = Kind<TObject>;
/** Content as a sample is written down: the ids of its items are made. */
type Unnumbered<T> = T extends readonly (infer I)[]
  ? Unnumbered<I>[]
  : T extends object
    ? { [K in keyof T as K extends 'id' ? never : K]: Unnumbered<T[K]> }
    : T;
export const defineKind = <C extends TObject>(
  kind: Omit<Kind<C>, 'sample'> & { sample: Unnumbered<Static<C>> },
): Kind<C> => ({ ...kind, sample: fill(kind.content, kind.sample, kind.title) as Static<C> });

/** One way to lay out a kind of section. */
export interface Shape<C extends TObject> extends Kind<C> {
  /** How it is laid out: “picture right”. */
  character: string;
  traits: readonly Trait[];
  belongs: Belongs;
  /** How it can be laid out otherwise beside what every shape can: measured in `shapes`. */
  turns: readonly Turn[];
  /** False where this content would look unfinished in it. */
  fits(content: Static<C>): boolean;
  /** True where it has a ground of its own choosing: the rhythm of the page leaves it plain. */
  ownGround: boolean;
  Component(props: { content: Static<C>; at: Surroundings }): VNode | null;
}
export type AnyShape = Shape<TObject>;

export const defineShape = <C extends TObject>(
  kind: Kind<C>,
  shape: Pick<Shape<C>, 'character' | 'traits' | 'Component'> &
    Partial<Pick<Shape<C>, 'belongs' | 'fits' | 'ownGround' | 'turns'>>,
): Shape<C> => ({ belongs: 'anywhere', turns: [], fits: () => true, ownGround: false, ...kind, ...shape });

/** A text for samples. */
export const sampleText = (value: string): Text => ({ value, from: { kind: 'designer' } });
/** A picture for samples: one of the pictures every sample site has. */
export const samplePicture = (media = 'sample-1', alt = '') => ({ media, alt: sampleText(alt) });
