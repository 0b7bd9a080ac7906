import { cleanMarks, reworded, takesMarks, withMarksOf } from '../../../model/marks.js';
import { openerOf } from '../../../model/page.js';
import type { ButtonFamily, Section, Text } from '../../../model/site.js';
import type { SingleOperation } from '../../../operations/operation.js';
import { allTexts, textsOf, type PlacedText } from '../../generate/site.js';
import { hasFamily, readLink, targetOfButton, targetWords } from '../../links.js';
import { rework, type ReworkKind, type ReworkScope } from '../../rework/rework.js';
import { change, no, question, slip, type Context, type Intent, type SlipChange } from '../reply.js';
import type { Reader } from '../reader.js';
import { reworkSlip } from '../rework-slip.js';

const setText = (t: PlacedText, text: Text): SingleOperation => ({
  op: 'setText',
  at: { section: t.section.id, path: t.path },
  text,
});
const atOf = (t: PlacedText) => ({ ...(t.page && { page: t.page.id }), section: t.section.id, path: t.path });
/** A text put otherwise: one change of a slip. */
const worded = (t: PlacedText, value: string): SlipChange =>
  change(setText(t, withMarksOf(t.text, { value, from: { kind: 'designer' } })), t.label, atOf(t), {
    before: t.text.value,
    after: value,
  })!;

const literal = (s: string) => s.replace(/[\\^$.*+?()[\]{}|]/g, '\\$&');
/** Words wherever they stand whole. */
const whole = (words: string): RegExp => {
  const edge = (c: string, look: string) => (/[\p{L}\p{N}]/u.test(c) ? look : '');
  return new RegExp(
    `${edge(words[0]!, '(?<![\\p{L}\\p{N}])')}${literal(words)}${edge(words.at(-1)!, '(?![\\p{L}\\p{N}])')}`,
    'gu',
  );
};
const SWAPS: readonly [RegExp, 'from-to' | 'to-from'][] = [
  [
    /^(?:please\s+)?(?:change|replace|put|swap|turn)\s+(?:the words?\s+)?(.+?)\s+(?:to|with|by|into|for)\s+(.+?)(?:\s+(?:everywhere|throughout|on (?:the )?(?:whole site|every page|all pages)))?$/is,
    'from-to',
  ],
  [
    /^(?:please\s+)?(?:say|write|use|call it)\s+(.+?)\s+(?:instead of|rather than|not)\s+(.+?)(?:\s+everywhere)?$/is,
    'to-from',
  ],
  [/["“„'‘]([^"“”„'‘’]+)["”'’]\s+should (?:be|read|say)\s+["“„'‘]([^"“”„'‘’]+)["”'’]/is, 'from-to'],
];
const unquote = (s: string) =>
  s
    .trim()
    .replace(/^["“„«‘'](.*)["”»’']$/s, '$1')
    .trim();

/** Words put in the place of others, wherever they stand. */
export const swapWords: Intent = {
  name: 'swap words',
  weight: 0.97,
  examples: ['change “wooden boats” to “wooden ships”', 'say "yard" instead of "boatyard"'],
  read(r, { document }) {
    const said = r.words.replace(/^.*?\btypo:?\s*/i, '');
    for (const [pattern, way] of SWAPS) {
      const m = pattern.exec(said);
      if (!m) continue;
      const [from, to] = (way === 'from-to' ? [m[1]!, m[2]!] : [m[2]!, m[1]!]).map(unquote) as [string, string];
      const quoted = r.even.quoted.length > 0;
      if (!from || !to || (!quoted && /^(?:this|that|it)\b/i.test(from))) continue;
      const texts = allTexts(document)
        .map((t) => ({ t, value: t.text.value.replace(whole(from), () => to) }))
        .filter(({ t, value }) => value !== t.text.value && value.length <= 4000);
      if (!texts.length) {
        if (!quoted) continue;
        r.explain(r.from, r.to);
        r.things('quoted');
        return no(`“${from}” stands nowhere on this site.`);
      }
      r.explain(r.from, r.to);
      r.things('quoted');
      return slip(
        texts.map(({ t, value }) =>
          change(
            setText(t, {
              ...reworded({ value: t.text.value, marks: t.text.marks }, value),
              from: { kind: 'designer' },
            }),
            t.label,
            atOf(t),
            { before: t.text.value, after: value },
          ),
        ),
      );
    }
    return null;
  },
};

/** Which texts of a section a part is. */
const PARTS: Record<string, RegExp> = {
  heading: /^heading$/,
  lead: /^(?:lead|note)$/,
  button: /^(?:action|second|more)$/,
  kicker: /^kicker$/,
  caption: /(?:^|\.)caption$/,
  price: /(?:^|\.)price$/,
  text: /(?:^|\.)(?:lead|text|paragraphs?|detail|note|answer)(?:\.|$)|^paragraphs\./,
};
const partIn = (r: Reader): string | undefined => {
  const found = r.every('part:').map((p) => p.of);
  return found.find((p) => p in PARTS && p !== 'text') ?? found.find((p) => p in PARTS);
};
const textsLike = (section: Section, part: string): PlacedText[] =>
  textsOf(section).filter((t) => PARTS[part]!.test(t.path));

/** A heading, a button, a line given its words. */
export const sayPart: Intent = {
  name: 'say part',
  weight: 1.03,
  examples: [
    'the button on the services page should say Write to us',
    'change the heading of the story to "Three of us, one slip"',
  ],
  read(r, { document }) {
    if (r.has('look:', 'comp:', 'seo:') && !r.even.quoted.length) return null;
    if (!r.has('verb:say', 'verb:change', 'verb:rename', 'verb:use', 'verb:write')) return null;
    const part = partIn(r);
    if (!part || part === 'price') return null;
    const quoted = r.quoted();
    const value = quoted ?? r.tail('verb:say', 'prep:to');
    if (
      !value ||
      value.length > 400 ||
      (!quoted && /^(?:this|that|it|the (?:left|right|top|bottom|other))\b/i.test(value))
    )
      return null;
    r.every('verb:', 'prep:');
    const [placed] = r.sections();
    const page = r.page() ?? document.pages[0]!;
    const on = placed?.section ?? r.inHand()?.section ?? page.sections[0]!;
    r.every('this:', 'noun:');
    const text = textsLike(on, part).find((t) => t.text.value) ?? textsLike(on, part)[0];
    if (!text) return no(`There is no ${part} in ${titleOf(on)}.`);
    const place = allTexts(document).find((t) => t.section.id === on.id && t.path === text.path) ?? text;
    return slip([worded(place, value)]);
  },
};
const titleOf = (s: Section) => s.shape.split('/')[0]!;

/** A heading, a lead, a button, the prices left out. */
export const partOut: Intent = {
  name: 'part out',
  examples: ['remove the prices from the home page', 'take the button off the story', 'no lead here please'],
  read(r, { document }) {
    const none = /^no\b/.test(r.words.toLowerCase());
    if (!r.word('verb:out', 'verb:hide') && !none) return null;
    if (none) r.explain(r.from, r.from + 2);
    if (r.has('part:picture', 'part:menu', 'part:form', 'noun:item') && !r.has('part:price', 'part:button'))
      return null;
    const part = partIn(r);
    if (!part) return null;
    r.every('all:', 'prep:', 'noun:');
    const named = r.sections();
    const page = r.page();
    const held = r.inHand();
    const within = named.length
      ? named
      : held && !r.has('all:')
        ? [held]
        : page
          ? page.sections.map((section) => ({ section, page }))
          : [];
    r.every('this:');
    if (!within.length) return question(`Of which page or section?`);
    const ids = new Set(within.map((p) => p.section.id));
    const texts = allTexts(document).filter((t) => ids.has(t.section.id) && PARTS[part]!.test(t.path) && t.text.value);
    if (!texts.length) return no(`There is no ${part} there.`);
    return slip(
      texts.map((t) =>
        change(setText(t, { value: '', from: { kind: 'designer' } }), `${t.label}: left out`, atOf(t), {
          before: t.text.value,
          after: '',
        }),
      ),
    );
  },
};

/** Words to be strong or stressed. */
export const markWords: Intent = {
  name: 'mark words',
  weight: 1.05,
  examples: ['make "wooden boats" bold', 'put "larch" in italics'],
  read(r, { document }) {
    const strong = r.word('verb:bold');
    if (!strong && !r.word('verb:italic')) return null;
    const words = r.quoted() ?? / (?:words?|phrase) (.+?) (?:bold|strong|italic)/i.exec(r.words)?.[1];
    if (!words) return null;
    r.every('verb:', 'part:text', 'this:', 'prep:');
    const found = allTexts(document).filter(
      (t) => takesMarks(t.form) && t.text.value.toLowerCase().includes(words.toLowerCase()),
    );
    if (!found.length) return no(`“${words}” stands in no text that can have anything set off.`);
    return slip(
      found.map((t) => markedIn(t, words, { kind: strong ? 'strong' : 'stress' }, strong ? 'strong' : 'stressed')),
    );
  },
};
function markedIn(
  t: PlacedText,
  words: string,
  mark: { kind: 'strong' | 'stress' } | { kind: 'link'; target: string },
  as: string,
): SlipChange | null {
  const from = t.text.value.toLowerCase().indexOf(words.toLowerCase());
  const marks = cleanMarks(t.text.value, [...(t.text.marks ?? []), { ...mark, from, to: from + words.length }]);
  return change(
    setText(t, { value: t.text.value, from: t.text.from, ...(marks && { marks }) }),
    `“${words}” ${as} in ${t.label}`,
    atOf(t),
    {
      before: t.text.value,
      after: t.text.value,
    },
  );
}

/** Words that lead somewhere. */
export const linkWords: Intent = {
  name: 'link words',
  weight: 1.05,
  examples: ['link "wooden boats" to the services page'],
  read(r, { document }) {
    if (!r.word('verb:link')) return null;
    const words = r.quoted();
    const target = r.pages('to', 'at', '')[0];
    const url = r.thing('url')?.text;
    const to = target ? `page:${target.id}` : url;
    if (!words || !to) return null;
    r.every('verb:', 'part:text', 'prep:', 'noun:page', 'this:');
    const found = allTexts(document).filter(
      (t) => takesMarks(t.form) && t.text.value.toLowerCase().includes(words.toLowerCase()),
    );
    if (!found.length) return no(`“${words}” stands in no text that can have a link.`);
    return slip([markedIn(found[0]!, words, { kind: 'link', target: to }, `leads to ${target?.label ?? url}`)]);
  },
};

/** Where a button leads. */
export const linkButton: Intent = {
  name: 'link button',
  weight: 1.08,
  examples: ['the button at the top should lead to the services page', 'let the button in the call lead to contact'],
  read(r, { document }) {
    if (!r.has('part:button') || !r.has('verb:link', 'verb:send')) return null;
    const back = /\b(?:by itself|as before|usual)\b/i.exec(r.words) !== null;
    const page = r.pages('to')[0];
    const placed = page ? undefined : r.sections('to')[0];
    const said = r.words.toLowerCase();
    const file = page || placed ? undefined : document.files?.find((f) => said.includes(f.title.toLowerCase()));
    const address = page || placed ? null : readLink(r.thing('url')?.text ?? r.tail('verb:link', 'verb:send') ?? '');
    const to = page
      ? `page:${page.id}`
      : placed?.page
        ? `page:${placed.page.id}#${placed.section.id}`
        : file
          ? `file:${file.id}`
          : back
            ? null
            : address;
    if (to === null && !back) return question('Where should the button lead: to which page, section, file or address?');
    if (back || file) r.explain(r.from, r.to);
    const second = r.word('nth:2');
    r.every('verb:', 'verb:link', 'verb:send', 'part:button', 'prep:', 'this:', 'place:top');
    const named = r.sections().find((s) => s.section !== placed?.section);
    const at = r.pages('at', '').find((p) => p !== page) ?? r.pageInHand() ?? document.pages[0]!;
    const on = named?.section ?? r.inHand()?.section ?? openerOf(at);
    r.every('noun:');
    const buttons = allTexts(document).filter(
      (t) => t.section.id === on?.id && t.form === 'button' && t.text.value && (!second || t.path === 'second'),
    );
    const button = buttons.find((t) => t.path === r.hand.path) ?? buttons[0];
    if (!button) return no(`There is no button in ${on ? titleOf(on) : 'that page'}.`);
    const led = (target: string | null) => (target === null ? 'where its place leads' : targetWords(document, target));
    return slip([
      change(
        { op: 'setTarget', at: { section: button.section.id, path: button.path }, to },
        `“${button.text.value}” leads to ${led(to)}`,
        atOf(button),
        { before: led(targetOfButton(button.text)), after: led(to) },
      ),
    ]);
  },
};

const FAMILIES: [RegExp, ButtonFamily, string][] = [
  [/\b(?:plain |simple |text )?link\b|\bquiet(?:er)?\b/i, 'quiet', 'as a link'],
  [/\b(?:outlined?|second(?:ary)?|beside)\b/i, 'second', 'as the one beside the main one'],
  [/\b(?:main|primary|filled|solid|strong)\b/i, 'main', 'as the main one'],
];
/** A button of another family. */
export const buttonFamily: Intent = {
  name: 'button family',
  weight: 1.07,
  examples: ['make the button at the top a plain link', 'show the button in the call as a plain link'],
  read(r, { document }) {
    if (!r.has('part:button') || !r.has('verb:change', 'verb:show', 'verb:use') || r.has('all:', 'noun:page'))
      return null;
    // What it is now, as “the second button”, is not what it is to be.
    const said = r.words.replace(/\b(?:main|first|second|other)\s+(?:button|one)\b(?=.*\S)/i, (w) =>
      ' '.repeat(w.length),
    );
    const found = FAMILIES.flatMap(([pattern, family, words]) => {
      const m = pattern.exec(said);
      return m ? [{ m, family, words }] : [];
    })[0];
    if (!found) return null;
    r.explain(r.from + found.m.index, r.from + found.m.index + found.m[0].length);
    const second = /\bsecond button\b/i.test(r.words);
    r.every('verb:', 'verb:change', 'verb:link', 'part:button', 'prep:', 'this:', 'place:top', 'nth:');
    const named = r.sections()[0];
    const at = r.pages('at', '')[0] ?? r.pageInHand() ?? document.pages[0]!;
    r.every('noun:', 'like:', 'kind:opening');
    const opener = openerOf(at);
    const meant = named?.section ?? (r.has('place:top') ? opener : r.inHand()?.section);
    const buttonsOf = (section: Section | undefined) =>
      allTexts(document).filter(
        (t) => t.section.id === section?.id && hasFamily(t) && t.text.value && (!second || t.path === 'second'),
      );
    const buttons = [...buttonsOf(meant), ...(named ? [] : buttonsOf(opener))];
    const button = buttons.find((t) => t.section === meant && t.path === r.hand.path) ?? buttons[0];
    if (!button) return no(`There is no button in ${meant ? titleOf(meant) : 'that page'}.`);
    return slip([
      change(
        { op: 'setFamily', at: { section: button.section.id, path: button.path }, as: found.family },
        `“${button.text.value}” ${found.words}`,
        atOf(button),
      ),
    ]);
  },
};

/** What is worked over: the text, the section, the page in hand, or all of it. */
function scopeOf(r: Reader): ReworkScope | null {
  const named = r.sections();
  const pages = r.pages();
  if (named[0]) return { section: named[0].section.id };
  if (pages[0]) return { page: pages[0].id };
  const wholePage = r.has('noun:page') && (r.has('this:') || r.pageInHand());
  if (r.has('all:') && !wholePage) return 'site';
  const { hand } = r;
  if (!wholePage && hand.section && hand.path) return { text: { section: hand.section, path: hand.path } };
  if (!wholePage && hand.section) return { section: hand.section };
  const page = r.pageInHand();
  return page && (wholePage || r.has('this:')) ? { page: page.id } : null;
}

/** Texts worked over: shorter, plainer, warmer … each of them by itself. */
export const rewordTexts: Intent = {
  name: 'reword',
  weight: 0.99,
  examples: [
    'make the story shorter',
    'write the about page a bit friendlier',
    'the text on the home page should be more formal',
  ],
  read(r, context) {
    if (r.has('look:', 'like:', 'part:picture', 'part:button', 'money:', 'seo:', 'fact:')) return null;
    const kinds = [...new Set(r.every('rework:').map((w) => w.of as ReworkKind))];
    const way = kinds.find((k) => k !== 'another') ?? kinds[0];
    if (!way) return null;
    if (r.has('part:heading') && !r.has('part:text')) return null;
    const aboutText = r.has('part:text', 'part:lead', 'verb:write') || r.hand.path !== undefined;
    const scope = scopeOf(r);
    r.every(
      'verb:',
      'part:text',
      'part:lead',
      'degree:',
      'more:',
      'less:',
      'noun:',
      'this:',
      'all:',
      'prep:',
      'comp:warm',
      'too:',
      'value:mood',
    );
    if (!aboutText && !scope && way !== 'shorter') return null;
    const { document } = context;
    if (!scope) {
      const page = r.pageInHand() ?? document.pages[0]!;
      return question(
        'Which words: this page’s, or all of the site?',
        ...[
          { label: `The words of ${page.label}`, reply: reworked(context, { page: page.id }, way) },
          { label: 'All the words of the site', reply: reworked(context, 'site', way) },
        ],
      );
    }
    return reworked(context, scope, way);
  },
};
function reworked({ document }: Context, scope: ReworkScope, kind: ReworkKind) {
  const { changes, note } = rework(document, { kind, scope });
  return reworkSlip(document, changes, note);
}

/** Something to be written that nobody has said: it cannot be made up. */
export const tellMore: Intent = {
  name: 'tell more',
  weight: 0.94,
  examples: ['write something about our winters', 'mention that we have a crane'],
  read(r) {
    const m =
      /^(?:please\s+)?(?:write|say|add|mention|tell (?:them|people))\s+(?:something|a (?:text|sentence|paragraph)|more|that)?\b(?:.*?\b)?(?:about|on|that)\s+(.+)$/i.exec(
        r.words,
      );
    if (!m || r.has('noun:page', 'kind:questions')) return null;
    r.explain(r.from, r.to);
    return question(
      `What is there to say about ${m[1]!.trim()}? Nothing is made up here: write it where it should stand, or tell it in the brief.`,
    );
  },
};
