import { DrawnPage, handKey, placeOf, tell } from './drawn-page.js';
import type { Left, ToFrame } from './messages.js';
import { WordsEditor } from './words-editor.js';

// The window as it is worked in: words are written where they stand.
const page = new DrawnPage(true);
let editor: WordsEditor | null = null;
/** Where the newest press was, px of the view, and what it was on. */
let pressed: { x: number; y: number; element: HTMLElement } | null = null;

/** What is to be written in as soon as it is drawn. */
let awaited: Extract<ToFrame, { kind: 'write' }> | null = null;

/** Letters typed on the way from one text to the next: they are for the next. Null where nobody is on the way. */
let early: string | null = null;
/** How the next is left again, where that was pressed on the way to it. */
let onwards: Left | null = null;
let onTheWay: ReturnType<typeof setTimeout> | undefined;
function setOut(): void {
  [early, onwards] = ['', null];
  clearTimeout(onTheWay);
  onTheWay = setTimeout(() => ([early, onwards] = [null, null]), 2000);
}

function rest(): void {
  awaited = null;
  if (!editor) return;
  const ended = editor;
  editor = null;
  ended.end();
  page.keep(null);
}

function left(part: string, how: Left): void {
  rest();
  if (how === 'next' || how === 'before') setOut();
  tell({ kind: 'left', part, how });
}

function write(message: Extract<ToFrame, { kind: 'write' }>): void {
  const { part, label, form, text, caret, noLinks } = message;
  if (editor?.part === part) return;
  rest();
  const all = Array.from(document.querySelectorAll<HTMLElement>(`[data-part="${CSS.escape(part)}"]`));
  const at =
    caret === 'pressed' && pressed?.element.dataset['part'] === part && pressed.element.isConnected ? pressed : null;
  const element = at?.element ?? all.find((e) => e.checkVisibility()) ?? all[0];
  if (!element) {
    awaited = message;
    if (early === null) setOut();
    return;
  }
  page.keep(element);
  if (!at) element.scrollIntoView({ block: 'nearest' });
  editor = new WordsEditor({
    element,
    part,
    label,
    form,
    text,
    ...(noLinks && { noLinks }),
    ...(caret === 'all' ? { at: caret } : at && { at }),
    written: (now) => tell({ kind: 'written', part, text: now }),
    state: (state) => tell({ kind: 'words', state }),
    left: (how) => left(part, how),
    key: handKey,
  });
  editor.type(early ?? '');
  const how = onwards;
  [early, onwards] = [null, null];
  if (how) left(part, how);
}

page.drawn = () => {
  if (awaited) write(awaited);
};
window.addEventListener('message', ({ source, data }: MessageEvent<ToFrame>) => {
  if (source !== parent) return;
  if (data.kind === 'write') write(data);
  else if (data.kind === 'rest') rest();
  else if (data.kind === 'do') editor?.do(data.command);
});
window.addEventListener('click', (event) => {
  const { target } = event;
  if (!(target instanceof Element)) return;
  // Nothing on the page is followed, sent or folded here.
  if (target.closest('a, button, summary, label, input, select, textarea')) event.preventDefault();
  if (editor?.element.contains(target)) return;
  const place = placeOf(target);
  const element = target.closest<HTMLElement>('[data-part]');
  pressed = element && { x: event.clientX, y: event.clientY, element };
  if (editor) {
    const { part } = editor;
    rest();
    tell({ kind: 'left', part, how: 'beside' });
  }
  // Whoever types at once types into what was pressed.
  if (element) setOut();
  tell({ kind: 'chosen', ...place });
});
/** The picture that files are held over. */
const underFiles = (event: DragEvent): string | null =>
  event.dataTransfer?.types.includes('Files') ? placeOf(event.target).picture : null;
window.addEventListener('dragover', (event) => {
  // Let go beside a picture, a file would be opened in place of the page.
  if (event.dataTransfer?.types.includes('Files')) event.preventDefault();
  if (event.dataTransfer) event.dataTransfer.dropEffect = underFiles(event) ? 'copy' : 'none';
});
window.addEventListener('drop', (event) => {
  event.preventDefault();
  const picture = underFiles(event);
  if (picture) tell({ kind: 'dropped', picture, files: Array.from(event.dataTransfer?.files ?? []) });
});
window.addEventListener('keydown', (event) => {
  if (event.defaultPrevented || editor?.element.contains(event.target as Node)) return;
  const { key, ctrlKey, metaKey, altKey } = event;
  if (early !== null && key.length === 1 && !ctrlKey && !metaKey && !altKey) {
    early += key;
    event.preventDefault();
    return;
  }
  if (early !== null && (key === 'Escape' || key === 'Tab')) {
    onwards ??= key === 'Escape' ? 'escape' : event.shiftKey ? 'before' : 'next';
    event.preventDefault();
    return;
  }
  if (ctrlKey || metaKey || altKey || key === '/' || key === '?' || key === '[' || key === ']') handKey(event);
});
tell({ kind: 'ready' });
