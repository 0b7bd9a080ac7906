import { BULLET, cleanMarks, takesMarks, type FieldForm, type TextMark } from '@tin-porch/core/model';
import { baseKeymap, chainCommands, splitBlock, toggleMark } from 'prosemirror-commands';
import { history, redo, redoDepth, undo, undoDepth } from 'prosemirror-history';
import { keymap } from 'prosemirror-keymap';
import { DOMSerializer, Slice, type Mark, type ResolvedPos, type Schema } from 'prosemirror-model';
import {
  AllSelection,
  EditorState,
  Plugin,
  PluginKey,
  Selection,
  TextSelection,
  type Command,
  type Transaction,
} from 'prosemirror-state';
import { Decoration, DecorationSet, EditorView } from 'prosemirror-view';
import type { Left, WordsCommand, WordsState, Written } from './messages.js';
import { docOf, schemaFor, targetOfAddress, writtenOf } from './words-schema.js';

const DOUBTS = new PluginKey<readonly string[]>('doubts');
/** Words that nobody has said, underlined wherever they stand while the text is written. */
const doubts = (): Plugin<readonly string[]> =>
  new Plugin({
    key: DOUBTS,
    state: {
      init: (): readonly string[] => [],
      apply: (tr, words) => (tr.getMeta(DOUBTS) as readonly string[] | undefined) ?? words,
    },
    props: {
      decorations(state) {
        const found: Decoration[] = [];
        const words = DOUBTS.getState(state) ?? [];
        state.doc.descendants((node, pos) => {
          for (const word of node.isText ? words : [])
            for (let at = node.text!.indexOf(word); at >= 0; at = node.text!.indexOf(word, at + word.length))
              found.push(Decoration.inline(pos + at, pos + at + word.length, { class: 'doubt' }));
        });
        return DecorationSet.create(state.doc, found);
      },
    },
  });

/** Most letters of a text: what the site document holds. */
const MOST = 4000;

export interface WordsEditorParts {
  element: HTMLElement;
  part: string;
  /** What it is called, for those who listen. */
  label: string;
  form: FieldForm;
  text: Written;
  /** Where the words were pressed, px of the view; the caret goes to their end where left out. `none`: nobody writes yet. */
  at?: { x: number; y: number } | 'all' | 'none';
  /** Whether links stay as they are, and none comes with what is pasted. */
  noLinks?: boolean;
  written(text: Written): void;
  state(state: WordsState): void;
  /** What leaving it with Escape, Tab or Enter does; they do what they do everywhere where this is left out. */
  left?(how: Left): void;
  /** A key that is the interface’s. */
  key?(event: KeyboardEvent): void;
}

/** The words of one text, edited in the element they stand in. */
export class WordsEditor {
  readonly element: HTMLElement;
  readonly part: string;
  private readonly view: EditorView;
  private readonly schema: Schema;
  private readonly blocks: boolean;
  private last: string;

  constructor(private readonly given: WordsEditorParts) {
    const { element, part, form, text } = given;
    this.element = element;
    this.part = part;
    this.blocks = element.tagName === 'DIV';
    this.schema = schemaFor(form, this.blocks);
    const doc = docOf(this.schema, text);
    this.last = JSON.stringify(writtenOf(doc));
    element.replaceChildren();
    this.view = new EditorView(
      { mount: element },
      {
        state: EditorState.create({ doc, plugins: this.plugins() }),
        attributes: {
          spellcheck: 'true',
          role: 'textbox',
          'aria-label': given.label,
          'aria-multiline': String(takesMarks(form)),
        },
        dispatchTransaction: (tr) => this.dispatch(tr),
        handlePaste: (_view, event) => this.paste(event),
        handleDOMEvents: {
          // In the head of a folded part, space would fold it.
          keyup: (_view, event) => {
            if (event.key === ' ' && element.closest('summary')) event.preventDefault();
            return false;
          },
        },
      },
    );
    if (given.at === 'none') return;
    this.view.focus();
    this.place(given.at);
    this.tell();
  }

  /** Puts the caret where the words were pressed, or at their end. */
  private place(at: Exclude<WordsEditorParts['at'], 'none'>): void {
    const { state } = this.view;
    if (at === 'all') return void this.all(state, (tr) => this.view.dispatch(tr));
    const found = at && this.view.posAtCoords({ left: at.x, top: at.y });
    const selection = found ? Selection.near(state.doc.resolve(found.pos)) : Selection.atEnd(state.doc);
    this.view.dispatch(state.tr.setSelection(selection));
  }

  /** Takes all the words: as a stretch of them where that can be, so that what the browser does next is done with it. */
  private readonly all: Command = (state, dispatch) => {
    const { doc, tr } = state;
    dispatch?.(
      tr.setSelection(doc.inlineContent ? TextSelection.create(doc, 0, doc.content.size) : new AllSelection(doc)),
    );
    return true;
  };

  private plugins(): Plugin[] {
    const { given } = this;
    const leave =
      (how: Left): Command =>
      () => {
        given.left?.(how);
        return given.left !== undefined;
      };
    const line: Command = (state, dispatch) => {
      const { break: br } = this.schema.nodes;
      if (!br || state.selection.$from.parent.type.name === 'item') return false;
      dispatch?.(state.tr.replaceSelectionWith(br.create(), true).scrollIntoView());
      return true;
    };
    const mark =
      (name: 'strong' | 'stress'): Command =>
      (state, dispatch, view) => {
        const type = this.schema.marks[name];
        return type ? toggleMark(type)(state, dispatch, view) : true;
      };
    return [
      history(),
      keymap({
        Escape: leave('escape'),
        Tab: leave('next'),
        'Shift-Tab': leave('before'),
        Enter:
          given.form === 'prose'
            ? chainCommands(this.listEnds, this.itemSplits, this.bulletGoesOn, line)
            : leave('next'),
        'Shift-Enter': line,
        'Mod-a': this.all,
        'Mod-b': mark('strong'),
        'Mod-i': mark('stress'),
        'Mod-z': undo,
        'Mod-y': redo,
        'Shift-Mod-z': redo,
      }),
      keymap(baseKeymap),
      doubts(),
      new Plugin({
        filterTransaction: (tr) =>
          !tr.docChanged ||
          writtenOf(tr.doc).value.length <= MOST ||
          tr.doc.content.size <= this.view.state.doc.content.size,
        props: {
          handleTextInput: (view, from, to, text) => this.becomesBullet(view, from, to, text),
          handleKeyDown: (_view, event) => {
            const held = event.ctrlKey || event.metaKey;
            const key = event.key.toLowerCase();
            const spent =
              held &&
              ((key === 'z' && !event.shiftKey && !undoDepth(this.view.state)) ||
                ((key === 'y' || (key === 'z' && event.shiftKey)) && !redoDepth(this.view.state)));
            if (!given.key) return false;
            if ((held && (key === 'k' || spent)) || (event.altKey && event.key === 'F10')) {
              event.preventDefault();
              given.key(event);
              return true;
            }
            return false;
          },
        },
      }),
    ];
  }

  /** Enter in an item of a list begins the next one; in an empty one at its end, running words. */
  private readonly itemSplits: Command = (state, dispatch) =>
    state.selection.$from.parent.type.name === 'item' && splitBlock(state, dispatch);
  private readonly listEnds: Command = (state, dispatch) => {
    const { $from, empty } = state.selection;
    const item = $from.parent;
    if (!empty || item.type.name !== 'item' || item.content.size) return false;
    const list = $from.node(-1);
    if ($from.index(-1) !== list.childCount - 1) return false;
    if (!dispatch) return true;
    const paragraph = this.schema.nodes['paragraph']!.create();
    const { tr } = state;
    if (list.childCount === 1) tr.replaceWith($from.before(-1), $from.after(-1), paragraph);
    else {
      tr.delete($from.before(), $from.after());
      tr.insert(tr.mapping.map($from.after(-1)), paragraph);
    }
    const at = list.childCount === 1 ? $from.before(-1) + 1 : tr.mapping.map($from.after(-1)) - 1;
    dispatch(tr.setSelection(TextSelection.near(tr.doc.resolve(at))).scrollIntoView());
    return true;
  };
  /** In running words a line that begins with a bullet is followed by one that does; an empty one ends that. */
  private readonly bulletGoesOn: Command = (state, dispatch) => {
    const { $from, empty } = state.selection;
    if (this.blocks || !empty) return false;
    const before = state.doc.textBetween(0, $from.pos, undefined, '\n');
    const line = before.slice(before.lastIndexOf('\n') + 1);
    if (!line.startsWith(BULLET)) return false;
    const { tr } = state;
    if (line === BULLET) tr.delete($from.pos - BULLET.length, $from.pos);
    else tr.replaceSelectionWith(this.schema.nodes['break']!.create()).insertText(BULLET);
    dispatch?.(tr.scrollIntoView());
    return true;
  };
  /** “- ” or “* ” at the beginning of a line is a bullet. */
  private becomesBullet(view: EditorView, from: number, to: number, text: string): boolean {
    if (text !== ' ' || this.given.form !== 'prose' || from !== to) return false;
    const { state } = view;
    const { $from } = state.selection;
    const before = state.doc.textBetween($from.start(), from, undefined, '\n');
    const line = before.slice(before.lastIndexOf('\n') + 1);
    if (!/^[-*•]$/.test(line)) return false;
    if (!this.blocks) view.dispatch(state.tr.insertText(BULLET, from - 1, to));
    else if ($from.parent.type.name === 'paragraph') {
      // The line becomes the first item of a list of its own.
      const { list, item, paragraph } = this.schema.nodes;
      const start = $from.start();
      const rest = state.doc.slice(from, $from.end()).content;
      const lead = state.doc.slice(start, Math.max(start, from - 2)).content;
      const nodes = [
        ...(lead.size ? [paragraph!.create(null, lead)] : []),
        list!.create(null, item!.create(null, rest)),
      ];
      const tr = state.tr.replaceWith($from.before(), $from.after(), nodes);
      const at = $from.before() + (lead.size ? lead.size + 2 : 0) + 2;
      view.dispatch(tr.setSelection(TextSelection.create(tr.doc, at)));
    } else return false;
    return true;
  }

  /** What is pasted comes as words, with no more than may stand out in them. */
  private paste(event: ClipboardEvent): boolean {
    const { form } = this.given;
    const html = event.clipboardData?.getData('text/html');
    const plain = event.clipboardData?.getData('text/plain') ?? '';
    let text: Written = html ? writtenFromHtml(html) : { value: cleanWords(plain) };
    if (this.given.noLinks) text = { ...text, marks: text.marks?.filter((m) => m.kind !== 'link') };
    // A picture, a file: there are no words in it to put in the place of those taken.
    if (!text.value) return true;
    // What has one line takes several as one.
    if (form !== 'prose') text = { ...text, value: text.value.replace(/\n(?:• )?/g, (gap) => ' '.padEnd(gap.length)) };
    const doc = docOf(this.schema, text);
    // In the middle of a line, words are put into it; a list stays one.
    const slice = doc.inlineContent ? new Slice(doc.content, 0, 0) : Slice.maxOpen(doc.content);
    this.view.dispatch(this.view.state.tr.replaceSelection(slice).scrollIntoView());
    return true;
  }

  private dispatch(tr: Transaction): void {
    this.view.updateState(this.view.state.apply(tr));
    if (tr.docChanged) this.send();
    this.tell();
  }
  private send(): void {
    const text = writtenOf(this.view.state.doc);
    const now = JSON.stringify(text);
    if (now === this.last) return;
    this.last = now;
    this.given.written(text);
  }
  private tell(): void {
    if (!this.view) return;
    const { state } = this.view;
    const { from, to, empty, $from } = state.selection;
    const has = (name: string) => {
      const type = this.schema.marks[name];
      if (!type) return undefined;
      // A link is not gone on with at its end, and still the one the caret is at.
      const stored = name === 'link' ? linksAt($from) : (state.storedMarks ?? $from.marks());
      return empty
        ? type.isInSet(stored)
        : state.doc.rangeHasMark(from, to, type)
          ? (firstMark(state, name) ?? undefined)
          : undefined;
    };
    this.given.state({
      part: this.part,
      strong: has('strong') !== undefined,
      stress: has('stress') !== undefined,
      link: (has('link')?.attrs['target'] as string | undefined) ?? null,
      some: !empty,
    });
  }

  do(command: WordsCommand): void {
    const { state } = this.view;
    if (command.name === 'doubt') return this.view.dispatch(state.tr.setMeta(DOUBTS, command.words));
    const { link } = this.schema.marks;
    if (command.name === 'strong' || command.name === 'stress') {
      const type = this.schema.marks[command.name];
      if (type) toggleMark(type)(state, (tr) => this.view.dispatch(tr));
    } else if ((command.name === 'link' || command.name === 'unlink') && link) {
      const { from, to } = state.selection.empty ? linkAround(state) : state.selection;
      const { tr } = state;
      tr.removeMark(from, to, link);
      if (command.name === 'link') tr.addMark(from, to, link.create({ target: command.target }));
      this.view.dispatch(tr);
    } else if (command.name === 'replace') {
      const doc = docOf(this.schema, command.text);
      this.view.dispatch(state.tr.replaceWith(0, state.doc.content.size, doc.content));
    }
    if (command.name !== 'replace') this.view.focus();
  }

  /** Puts letters where the caret is. */
  type(letters: string): void {
    if (letters) this.view.dispatch(this.view.state.tr.insertText(letters));
  }

  get written(): Written {
    return writtenOf(this.view.state.doc);
  }

  /** Ends it: the element is as it was, with the words that are there now. */
  end(): void {
    const { doc } = this.view.state;
    this.view.destroy();
    const { element } = this;
    for (const name of ['contenteditable', 'translate', 'spellcheck', 'role', 'aria-label', 'aria-multiline', 'style'])
      element.removeAttribute(name);
    element.classList.remove('ProseMirror', 'ProseMirror-focused');
    if (!element.className) element.removeAttribute('class');
    element.replaceChildren(DOMSerializer.fromSchema(this.schema).serializeFragment(doc.content));
  }
}

function firstMark(state: EditorState, name: string): Mark | undefined {
  let found: Mark | undefined;
  state.doc.nodesBetween(state.selection.from, state.selection.to, (node) => {
    found ??= node.marks.find((m) => m.type.name === name);
  });
  return found;
}

/** The link that is at a place, before it or after. */
const linksAt = ({ nodeBefore, nodeAfter }: ResolvedPos): Mark[] =>
  [nodeBefore, nodeAfter].flatMap((node) => node?.marks.filter((m) => m.type.name === 'link') ?? []).slice(0, 1);

/** The link a caret stands in, or the word. */
function linkAround(state: EditorState): { from: number; to: number } {
  const { $from } = state.selection;
  const start = $from.start();
  const text = $from.parent.textBetween(0, $from.parent.content.size, undefined, '\n');
  const at = $from.parentOffset;
  const [mark] = linksAt($from);
  let [from, to] = [at, at];
  if (mark) {
    const inLink = (n: number) =>
      n >= 0 && n < text.length && (state.doc.nodeAt(start + n)?.marks.some((m) => m.eq(mark)) ?? false);
    while (inLink(from - 1)) from--;
    while (inLink(to)) to++;
  } else {
    while (from > 0 && /[\p{L}\p{N}]/u.test(text[from - 1]!)) from--;
    while (to < text.length && /[\p{L}\p{N}]/u.test(text[to]!)) to++;
  }
  return { from: start + from, to: start + to };
}

/** Words without what cannot be seen in them. */
const unseen = (text: string): string =>
  text.replace(/[\u200b\u200e\u200f\u2060\ufeff\u00ad]/g, '').replace(/\u00a0/g, ' ');

/** Plain words as they are kept: one kind of line end and space, nothing that cannot be seen. */
export const cleanWords = (text: string): string =>
  unseen(text.replace(/\r\n?|\u2028|\u2029/g, '\n').replace(/\t/g, ' '))
    .replace(/ *\n */g, '\n')
    .replace(/\n{2,}/g, '\n')
    .replace(/^[-*·–] /gm, BULLET)
    .replace(/ {2,}/g, ' ')
    .trim();

const BLOCKS = 'p, div, li, h1, h2, h3, h4, h5, h6, blockquote, tr, dt, dd, pre, figcaption, section, article';

type PastedMark = { kind: 'strong' | 'stress' } | { kind: 'link'; target: string };

/** What an element sets off of what is in it. */
function ownMarks(element: HTMLElement): PastedMark[] {
  const { tagName, style } = element;
  const marks: PastedMark[] = [];
  const heavy = /^(?:bold(?:er)?|[6-9]\d\d)$/.test(style.fontWeight);
  if (heavy || (/^(?:B|STRONG)$/.test(tagName) && style.fontWeight !== 'normal')) marks.push({ kind: 'strong' });
  if (style.fontStyle === 'italic' || (/^(?:I|EM)$/.test(tagName) && style.fontStyle !== 'normal'))
    marks.push({ kind: 'stress' });
  const target = tagName === 'A' ? targetOfAddress(element.getAttribute('href') ?? '') : null;
  if (target !== null) marks.push({ kind: 'link', target });
  return marks;
}

/** What a piece of HTML says, each block on a line of its own, items of lists behind bullets. */
export function writtenFromHtml(html: string): Written {
  const page = new DOMParser().parseFromString(html, 'text/html');
  for (const e of page.querySelectorAll('script, style, head, title, template, noscript, svg')) e.remove();
  let value = '';
  const marks: TextMark[] = [];
  const newLine = () => {
    value = value.replace(/ +$/, '');
    if (value && !value.endsWith('\n') && !value.endsWith(BULLET.trim())) value += '\n';
  };
  const walk = (node: Node, over: PastedMark[]): void => {
    if (node.nodeType === Node.TEXT_NODE) {
      let words = unseen(node.textContent ?? '').replace(/\s+/g, ' ');
      if (/^$|[\n ]$/.test(value)) words = words.trimStart();
      const from = value.length;
      value += words;
      for (const m of over) marks.push({ ...m, from, to: value.length });
      return;
    }
    if (node.nodeType !== Node.ELEMENT_NODE) return;
    const element = node as HTMLElement;
    const block = element.matches(BLOCKS);
    if (block || element.tagName === 'BR') newLine();
    if (element.tagName === 'LI') value += BULLET;
    const within = [...over, ...ownMarks(element)];
    for (const child of element.childNodes) walk(child, within);
    if (block) newLine();
  };
  walk(page.body, []);
  value = value.trimEnd();
  const clean = cleanMarks(value, marks);
  return { value, ...(clean && { marks: clean }) };
}
