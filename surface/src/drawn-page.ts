import morphdom from 'morphdom';
import type { FromFrame, SectionPlace, ToFrame } from './messages.js';

type Put = Extract<ToFrame, { kind: 'put' }>;

const HOVER =
  '[data-part]:hover{outline:1px dashed #a5421d;outline-offset:4px;cursor:text}[data-picture]:hover{outline:1px dashed #a5421d;outline-offset:-4px;cursor:pointer}[data-hidden]{opacity:.4}';
/** What is written in keeps its spaces, and the page goes where it is told at once. */
const WORKED =
  '.ProseMirror{white-space:pre-wrap;outline:none}.ProseMirror .doubt{text-decoration:underline dotted #a5421d 2px;text-underline-offset:3px}html{scroll-behavior:auto!important}';

/** Tells the page that holds this one. */
export const tell = (message: FromFrame): void => parent.postMessage(message, '*');

/** The parts of a page in order, with the elements they stand in: what may be put in place around one that is edited. */
const outlineOf = (root: ParentNode): string =>
  Array.from(root.querySelectorAll('[data-part], [data-section]'), (e) => {
    const { part, section } = (e as HTMLElement).dataset;
    return `${e.tagName} ${section ?? ''} ${part ?? ''}`;
  }).join('\n');

/** The page as it was last drawn, put in place of the one before node by node, so that scroll and pictures stay still. */
export class DrawnPage {
  private readonly sheet = new CSSStyleSheet();
  private readonly marks = new CSSStyleSheet();
  private readonly seams = new CSSStyleSheet();
  private css = '';
  private shown = '';
  private waiting: Put | null = null;
  private last: Put | null = null;
  /** How far down the page is, so that pages beside it can be at the same place. */
  private share = 0;
  private height = 0;
  private places = '';
  /** The element that is written in: it is left alone until it is let go. */
  private kept: HTMLElement | null = null;
  /** What is done when something new has been drawn. */
  drawn: () => void = () => undefined;
  /** @param measures whether the interface wants to know where sections are */
  constructor(private readonly measures: boolean) {
    document.adoptedStyleSheets = [this.sheet, this.marks, this.seams];
    this.marks.replaceSync(HOVER + WORKED);
    addEventListener('message', (event: MessageEvent<ToFrame>) => {
      if (event.source === parent) this.hear(event.data);
    });
    // Fonts and pictures come after the page: its height is told again when it changes.
    new ResizeObserver(() => this.resized()).observe(document.body);
    addEventListener('scroll', () => this.scrolled(), { passive: true });
    addEventListener('submit', (event) => event.preventDefault());
  }

  hear(message: ToFrame): void {
    switch (message.kind) {
      case 'put':
        return this.put(message);
      case 'select':
        return this.select(message.part, message.scroll);
      case 'top':
        return scrollTo(0, 0);
      case 'scroll':
        return scrollBy(0, message.by);
      case 'share':
        this.share = message.share;
        return scrollTo(0, this.share * this.room);
      case 'still':
        document.documentElement.style.overflow = 'hidden';
        return;
      case 'show':
        return void this.section(message.section)?.scrollIntoView({ block: 'nearest' });
      case 'again':
        this.shown = '';
        if (this.last) this.put(this.last);
        return;
      case 'seam':
        return this.seam(message.under, message.height);
    }
  }

  private get room(): number {
    return document.documentElement.scrollHeight - innerHeight;
  }
  private section = (id: string) => document.querySelector<HTMLElement>(`[data-section="${CSS.escape(id)}"]`);

  /** Leaves an element as it is while it is written in; what was drawn meanwhile is put in place when it is let go. */
  keep(element: HTMLElement | null): void {
    this.kept = element;
    if (element) return;
    this.shown = '';
    if (this.waiting) this.put(this.waiting);
  }

  private put(message: Put): void {
    this.last = message;
    if (message.css !== this.css) {
      this.css = message.css;
      this.sheet.replaceSync(this.css);
    }
    // Where only the look is another, the page itself need not be read again.
    const body = message.html.slice(message.html.indexOf('<body'));
    if (body !== this.shown) this.morph(message, body);
    tell({ kind: 'drawn', serial: message.serial, height: document.body.scrollHeight });
    this.measure();
    this.drawn();
  }

  private morph(message: Put, body: string): void {
    const next = new DOMParser().parseFromString(message.html, 'text/html');
    const { kept } = this;
    // What is put in around it may move what is written in: that waits.
    if (kept && outlineOf(next.body) !== outlineOf(document.body)) {
      this.waiting = message;
      return;
    }
    this.waiting = null;
    this.shown = body;
    document.documentElement.lang = next.documentElement.lang;
    morphdom(document.body, next.body, {
      getNodeKey: (node) => (node instanceof HTMLElement ? node.dataset['section'] || node.id || undefined : undefined),
      onBeforeElUpdated: (from, to) => {
        if (from !== kept) return !from.isEqualNode(to);
        const own = Array.from(from.classList).filter((c) => c.startsWith('ProseMirror'));
        from.className = [...to.classList, ...own].join(' ');
        return false;
      },
    });
  }

  private select(part: string | null, scroll: boolean): void {
    const safe = part ? CSS.escape(part) : '';
    this.marks.replaceSync(
      HOVER +
        WORKED +
        (part
          ? `[data-part="${safe}"]{outline:2px solid #a5421d!important;outline-offset:5px}[data-picture="${safe}"]{outline:3px solid #a5421d!important;outline-offset:-3px}`
          : ''),
    );
    if (part && scroll)
      document
        .querySelector(`[data-part="${safe}"], [data-picture="${safe}"]`)
        ?.scrollIntoView({ block: 'center', behavior: 'auto' });
  }

  private seam(under: string | null, height: number): void {
    this.seams.replaceSync(
      under ? `[data-section="${CSS.escape(under)}"]{margin-block-end:${Math.round(height)}px!important}` : '',
    );
    const section = under && this.section(under);
    // What is laid in there has to be seen to be chosen.
    if (section) scrollBy(0, section.getBoundingClientRect().bottom + height / 2 - innerHeight / 2);
    this.measure();
  }

  private resized(): void {
    if (document.body.scrollHeight !== this.height) {
      this.height = document.body.scrollHeight;
      tell({ kind: 'height', height: this.height });
    }
    this.measure();
  }

  /** Says where the sections are, where that is another place than before. */
  private measure(): void {
    if (!this.measures) return;
    const sections = Array.from(document.querySelectorAll<HTMLElement>('[data-section]'), (e): SectionPlace => {
      const { top, bottom } = e.getBoundingClientRect();
      return { id: e.dataset['section']!, top: Math.round(top + scrollY), bottom: Math.round(bottom + scrollY) };
    });
    const places = JSON.stringify(sections);
    if (places === this.places) return;
    this.places = places;
    tell({ kind: 'sections', sections, height: document.documentElement.scrollHeight });
    tell({ kind: 'scrolled', share: this.share, top: scrollY });
  }

  private scrolled(): void {
    const share = this.room > 0 ? scrollY / this.room : 0;
    if (!this.measures && Math.abs(share - this.share) < 0.004) return;
    this.share = share;
    tell({ kind: 'scrolled', share, top: scrollY });
  }
}

/** The part, the section and the link that something on the page is in. */
export function placeOf(
  target: EventTarget | null,
): Pick<Extract<FromFrame, { kind: 'chosen' }>, 'part' | 'picture' | 'section' | 'link'> {
  const element = target instanceof Element ? target : null;
  const within = (attribute: string) => element?.closest(`[${attribute}]`)?.getAttribute(attribute) ?? null;
  return {
    part: within('data-part'),
    picture: within('data-picture'),
    section: within('data-section'),
    link: element?.closest('a[href]')?.getAttribute('href') ?? null,
  };
}

/** Hands a key to the interface. */
export const handKey = ({ key, ctrlKey, metaKey, shiftKey, altKey }: KeyboardEvent): void =>
  tell({ kind: 'key', key, ctrlKey: ctrlKey || metaKey, shiftKey, altKey });
