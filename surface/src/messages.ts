import type { FieldForm, TextMark } from '@tin-porch/core/model';

/** Words as they are edited: the value of a text and what stands out in it. */
export interface Written {
  value: string;
  marks?: TextMark[];
}

/** What may be done with the words that are taken. */
export type WordsCommand =
  | { name: 'strong' | 'stress' | 'unlink' | 'focus' }
  | { name: 'link'; target: string }
  /** Shows which words nobody has said, where they stand now. */
  | { name: 'doubt'; words: readonly string[] }
  /** Puts other words in the place of those there, as one step of the editor. */
  | { name: 'replace'; text: Written };

/** What the interface tells the window. */
export type ToFrame =
  | { kind: 'put'; serial: number; html: string; css: string }
  | { kind: 'select'; part: string | null; scroll: boolean }
  | { kind: 'top' }
  /** Scrolls the page on, px of it. */
  | { kind: 'scroll'; by: number }
  | { kind: 'share'; share: number }
  | { kind: 'still' }
  /** Shows a section whole. */
  | { kind: 'show'; section: string }
  /** Pulls the page apart under a section, `height` px of the page; closed with null. */
  | { kind: 'seam'; under: string | null; height: number }
  /** Lets the words of a part be written where they stand. */
  | {
      kind: 'write';
      part: string;
      label: string;
      form: FieldForm;
      text: Written;
      caret: 'pressed' | 'end' | 'all';
      /** Whether links stay as they are, and none comes with what is pasted. */
      noLinks?: boolean;
    }
  | { kind: 'rest' }
  /** Puts in place once more what was drawn last. */
  | { kind: 'again' }
  | { kind: 'do'; command: WordsCommand };

/** A section on the page, px from its top. */
export interface SectionPlace {
  id: string;
  top: number;
  bottom: number;
}

/** How the selection stands in the words that are taken. */
export interface WordsState {
  part: string;
  strong: boolean;
  stress: boolean;
  /** Where the link leads that the selection is in. */
  link: string | null;
  /** True where words are selected. */
  some: boolean;
}

/** Why writing ended. */
export type Left = 'escape' | 'next' | 'before' | 'beside';

/** What the window tells the interface. */
export type FromFrame =
  | { kind: 'ready' }
  | { kind: 'drawn'; serial: number; height: number }
  | { kind: 'height'; height: number }
  | { kind: 'sections'; sections: SectionPlace[]; height: number }
  | { kind: 'scrolled'; share: number; top: number }
  | { kind: 'chosen'; part: string | null; picture: string | null; section: string | null; link: string | null }
  /** Files that were let go over a picture. */
  | { kind: 'dropped'; picture: string; files: File[] }
  | { kind: 'key'; key: string; ctrlKey: boolean; shiftKey: boolean; altKey: boolean }
  | { kind: 'written'; part: string; text: Written }
  | { kind: 'words'; state: WordsState }
  | { kind: 'left'; part: string; how: Left };
