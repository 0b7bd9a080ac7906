import type { Static, TObject } from '@sinclair/typebox';
import type { VNode } from 'preact';
import type { FixedWords } from '../languages/language.js';
import type { Facts, Form, Page, Palette, Text } from '../model/site.js';

/** What a visitor sent through a form and what became of it, for the page that answers. */
export interface FormState {
  form: string;
  state: 'sent' | 'refused';
  values: Record<string, string>;
  /** By field name, what is wrong with it. */
  errors: Record<string, string>;
}

/** What a shape is drawn with besides its own content. */
export interface Surroundings {
  facts: Facts;
  /** The page it stands on; null in the header and footer of a page that is in no menu. */
  page: Page | null;
  pages: readonly Page[];
  /** The fixed words of the site’s language. */
  words: FixedWords;
  /** Opening hours and phone as the site’s language writes them. */
  hours: readonly string[];
  phone: string;
  /** The name links within the page find this section by: its kind, on the first of its kind. */
  anchor: string | undefined;
  /** The address of a page by its id; where there is no such page, of the section that does its work, or the home page. */
  link(pageId: string): string;
  /** The address of a scene drawn in this site’s look. */
  picture(scene: string): { src: string; width: number; height: number };
  palette: Palette;
  form(id: string): { form: Form; action: string; state: FormState | null } | null;
  /** Attributes for the element that holds the text at `path`, so that the window knows it; none in what is published. */
  part(path: string): Record<string, string>;
  /** True where an empty text keeps its element, so that it can be written into. */
  editing: boolean;
  /** 1 where the section opens the page and carries its only first heading, else 2. */
  level: 1 | 2;
}

export interface Shape<C extends TObject> {
  /** What it is, in a word or two: “Opening”. */
  title: string;
  /** How it is laid out: “picture right”. */
  character: string;
  content: C;
  Component(props: { content: Static<C>; at: Surroundings }): VNode | null;
  sample: Static<C>;
}
export type AnyShape = Shape<TObject>;

export const defineShape = <C extends TObject>(shape: Shape<C>): Shape<C> => shape;

/** A text for samples. */
export const sampleText = (value: string): Text => ({ value, from: { kind: 'designer' } });
