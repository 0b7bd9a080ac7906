import type { Finishes, Look, SiteDocument } from '../../../model/site.js';
import { colourDistance, lch, palettesFrom, partsOf, wishesIn, type Wishes } from '../../../look/palette.js';
import { families, rankPairings, type TypeClass, type TypeMood } from '../../../look/type.js';
import { readColours } from '../../../look/wishes.js';
import { colourName } from '../../directions/direction.js';
import { changeOn, no, slip, type Intent, type SlipChange } from '../reply.js';
import type { Reader } from '../reader.js';

const within = (v: number, least: number, most: number) => Math.min(Math.max(v, least), most);
const tenth = (v: number) => Math.round(v * 100) / 100;

/** How far and which way something is to go, from the words that say it: 0 where none does. */
export function wayOf(r: Reader, of: string): number {
  const compared = r.word(`comp:${of}`);
  const too = r.has('too:');
  // “Dark” alone says how a thing is, “too dark” which way it should go.
  const raw = too || r.has('less:') ? r.word(`raw:${of}`) : undefined;
  const by = compared ?? raw;
  if (!by) return 0;
  if (raw) r.word('too:');
  const less = r.word('less:') !== undefined && !compared;
  const sign = (by.by === '+' ? 1 : -1) * (raw && !compared && too ? -1 : 1) * (less ? -1 : 1);
  const degree = Number(r.word('degree:')?.of || 1);
  return sign * degree;
}
const dressed = (
  document: SiteDocument,
  patch: Partial<Look>,
  words: string,
  before: string,
  after: string,
): SlipChange | null =>
  changeOn(document, (d) => ({ op: 'setLook', look: { ...d.look, ...patch } }), words, {}, { before, after });
const EXPLAINED = ['verb:', 'all:', 'noun:', 'prep:', 'this:', 'degree:', 'more:', 'less:'];

/** Sizes, corners, room: numbers of the look that go up and down. */
export const measure: Intent = {
  name: 'measure',
  examples: [
    'bigger text please',
    'make the headings a bit smaller',
    'rounder corners',
    'more space between the sections',
    'everything a touch smaller',
  ],
  read(r, { document }) {
    const { look } = document;
    if (r.has('look:colours', 'rework:longer') || r.things('quoted').length) return null;
    if (r.has('look:spacing', 'comp:room') || (r.has('raw:room') && r.has('too:'))) {
      if (r.hand.section && r.has('this:') && !r.has('noun:page')) return null;
      const way = wayOf(r, 'room') || wayOf(r, 'size') || (r.has('more:') ? 1 : r.has('less:') ? -1 : 0);
      if (!way) return null;
      r.every(...EXPLAINED, 'look:spacing', 'look:edges', 'raw:room', 'too:');
      const density = tenth(within(look.density + 0.15 * way, 0.7, 1.4));
      return slip([
        dressed(
          document,
          { density },
          `${way > 0 ? 'More' : 'Less'} room between things, on every page`,
          `${look.density}`,
          `${density}`,
        ),
      ]);
    }
    if (r.has('look:corners') || (r.has('comp:round') && !r.has('part:button'))) {
      const way = wayOf(r, 'round');
      if (!way) return null;
      r.every(...EXPLAINED, 'look:corners');
      const corner =
        way > 0
          ? Math.round(within(look.corner + 8 * way, 6, 24))
          : Math.round(within(look.corner + 8 * way, 0, look.corner > 8 ? 4 : 0));
      return slip([dressed(document, { corner }, 'Corners', `${look.corner} px`, `${corner} px`)]);
    }
    if (!r.has('comp:size', 'raw:size') || r.has('part:picture', 'part:button', 'rework:', 'kind:')) return null;
    const heading = r.has('part:heading');
    const text = r.has('part:text', 'look:fonts', 'all:', 'part:lead') || /\b(?:print|letters)\b/.test(r.even.low);
    if (!heading && !text) return null;
    const large = r.find(/\b(?:big|large) (?:print|letters|type|text|writing)\b/);
    if (large && !r.has('too:')) r.explain(r.from + large.index, r.from + large.index + large[0].length);
    if (!r.has('comp:size') && !r.has('too:') && !large) return null;
    const way = large && !r.has('too:') ? 1 : wayOf(r, 'size');
    if (!way) return null;
    r.every(...EXPLAINED, 'part:heading', 'part:text', 'part:lead', 'look:fonts', 'raw:size', 'too:');
    if (heading) {
      const scale = tenth(within(look.scale + 0.07 * way, 1.1, 1.6));
      return slip([
        dressed(
          document,
          { scale },
          `${way > 0 ? 'Larger' : 'Smaller'} headings, on every page`,
          `each ${look.scale} times the next`,
          `${scale} times`,
        ),
      ]);
    }
    const base = within(look.base + 1.5 * way, 15, 21);
    return slip([
      dressed(
        document,
        { base },
        `${way > 0 ? 'Larger' : 'Smaller'} text, on every page`,
        `${look.base} px`,
        `${base} px`,
      ),
    ]);
  },
};

/** The choices of a look that are one of a few, with what asks for them. */
const CHOICES: { about: string[]; value: string; field: keyof Finishes; off?: string; words: string }[] = [
  { about: ['part:heading', 'look:fonts'], value: 'value:case', field: 'headingCase', words: 'Headings' },
  { about: ['part:button'], value: 'value:button', field: 'button', words: 'Buttons' },
  { about: ['look:edges'], value: 'value:edge', field: 'edge', off: 'straight', words: 'Edges between sections' },
  { about: ['look:motion'], value: 'value:motion', field: 'motion', off: 'still', words: 'Motion' },
  { about: ['look:icons'], value: 'value:icon', field: 'icon', off: 'none', words: 'Icons' },
  { about: ['part:picture', 'look:frames'], value: 'value:drawn', field: 'pictures', words: 'Style of made pictures' },
  { about: ['part:picture', 'look:frames'], value: 'value:frame', field: 'picture', off: 'plain', words: 'Pictures' },
];
export const finish: Intent = {
  name: 'finish',
  weight: 1.02,
  examples: [
    'remove all the animations',
    'use capital letters for the headings',
    'the buttons should be round',
    'no slanted edges between the sections',
    'no icons please',
  ],
  read(r, { document }) {
    if (r.has('kind:gallery') && !r.has('part:picture')) return null;
    for (const { about, value, field, off, words } of CHOICES) {
      if (!r.has(...about)) continue;
      const wished = r.has(value) ? r.word(value)!.by : undefined;
      const asked =
        off && r.has('verb:out', 'verb:hide', 'less:') && field !== 'picture'
          ? off
          : /\bno\b/.test(r.even.low) && off && field !== 'picture'
            ? off
            : wished;
      const to = asked ?? (field === 'motion' && r.has('verb:add', 'more:', 'verb:show') ? 'rise' : undefined);
      if (!to) continue;
      if (field === 'picture' && (r.hand.path || r.has('kind:'))) continue;
      r.every(...about, ...EXPLAINED, value, 'verb:out', 'verb:hide', 'comp:round');
      const no_ = r.even.low.search(/\bno\b/);
      if (no_ >= 0) r.explain(no_, no_ + 2);
      const was = document.look[field];
      if (was === to) return no(`${words}: that is so already (${to}).`);
      return slip([dressed(document, { [field]: to } as Partial<Look>, words, was, to)]);
    }
    return null;
  },
};

/** Other families of type. */
export const fonts: Intent = {
  name: 'fonts',
  weight: 1.02,
  examples: [
    'can the headings be in a serif font',
    'a different font for the headings, something friendlier',
    'use a modern typeface',
  ],
  read(r, { document }) {
    const face = r.word('value:face')?.by as TypeClass | undefined;
    if (!r.has('look:fonts') && !face) return null;
    if (r.has('value:case', 'comp:size', 'look:colours')) return null;
    const moods = r.every('value:mood').map((m) => m.by as TypeMood);
    const warm = r.word('comp:warm', 'rework:warmer') && !moods.length ? (['warm'] as TypeMood[]) : [];
    const formal = r.word('rework:formal') && !moods.length ? (['formal'] as TypeMood[]) : [];
    const plain = r.word('rework:plainer') && !moods.length ? (['plain'] as TypeMood[]) : [];
    const reading = r.has('part:text', 'part:lead') && !r.has('part:heading');
    const headings = r.has('part:heading');
    r.every(
      'look:fonts',
      'part:text',
      'part:lead',
      'part:heading',
      ...EXPLAINED,
      'like:other',
      'rework:another',
      'value:face',
      'value:mood',
      'comp:warm',
      'raw:size',
      'ground:plain',
    );
    for (const word of ['something', 'somewhat', 'looking']) {
      const at = r.even.low.indexOf(word);
      if (at >= 0) r.explain(at, at + word.length);
    }
    const { look } = document;
    const wishedMoods = [...moods, ...warm, ...formal, ...plain];
    if (
      !face &&
      !wishedMoods.length &&
      !r.has('like:other', 'rework:another', 'verb:change', 'verb:use', 'verb:replace', 'verb:add')
    )
      return null;
    const language = document.language.split('-')[0]!;
    const ranked = rankPairings({
      language,
      moods: wishedMoods,
      ...(reading ? { heading: look.heading } : headings ? { reading: look.reading } : {}),
    }).filter((p) => (reading ? p.reading !== look.reading : p.heading !== look.heading));
    const kindOf = (p: { heading: string; reading: string }) => families[reading ? p.reading : p.heading]!.kind;
    const best = face ? ranked.find((p) => kindOf(p) === face) : ranked[0];
    if (!best) return no('No family of that kind goes with the other one: choose under Look.');
    const next = { heading: best.heading, reading: headings ? look.reading : best.reading };
    const weight = families[next.heading]!.weights;
    return slip([
      dressed(
        document,
        { ...next, headingWeight: Math.round(within(look.headingWeight, weight[0], weight[1])) },
        reading ? 'Type of the text' : headings ? 'Type of the headings' : 'Type',
        named(look),
        named(next),
      ),
    ]);
  },
};
const named = ({ heading, reading }: { heading: string; reading: string }) =>
  `${families[heading]!.name} over ${families[reading]!.name}`;

const COLOURS =
  /(?<![\p{L}])(?:(?:dark|deep|light|pale|bright|soft|navy|sky|olive|bottle|forest|burnt) )?(?:navy|teal|turquoise|indigo|blue|olive|moss|sage|green|terracotta|rust|copper|brick|burgundy|maroon|red|coral|salmon|orange|mustard|yellow|gold|golden|brass|ochre|sand|brown|violet|purple|plum|lavender|lilac|pink|slate|grey|gray|black|white|cream|beige|(?:dunkel|hell|marine|himmel)?(?:blau|grün|rot|gelb|braun|grau)|weiß|schwarz|ocker|bleu(?: marine)?|vert|rouge|jaune|noir|blanc|gris|marron|azul(?: marino)?|verde|rojo|amarillo|negro|blanco|marrón|naranja)(?![\p{L}])/gu;
const PALE = /white|cream|beige|sand|weiß|blanc/;
type Role = 'lead' | 'accent' | 'ground' | 'deep' | 'text';
const ROLE_WORDS: Record<Role, string> = {
  lead: 'leading colour',
  accent: 'accent',
  ground: 'background',
  deep: 'dark ground',
  text: 'text',
};
/** A colour as a word names it. */
const colourOf = (word: string, like: string): string | null => {
  const read = readColours(word);
  const [c] = read.colours;
  const parts = partsOf(like);
  if (c) return lch(c.light ?? within(parts.l, 0.35, 0.7), c.strong ?? within(parts.c, 0.07, 0.15), c.hue);
  return read.pale
    ? lch(0.97, 0.012, 85)
    : read.dark
      ? lch(0.24, 0.012, parts.h)
      : read.grey
        ? lch(0.45, 0.012, parts.h)
        : null;
};
/** The role a colour word means on this site: the one that looks most like it. */
function roleLike(look: Look, word: string): Role {
  const wished = colourOf(word, look.day.lead);
  const hueOf = (hex: string) => partsOf(hex).h;
  const distance = (hex: string) => {
    if (!wished) return 1;
    const d = Math.abs(((hueOf(hex) - hueOf(wished) + 540) % 360) - 180) / 180;
    return d + colourDistance(hex, wished) * 0.3;
  };
  return distance(look.day.accent) < distance(look.day.lead) ? 'accent' : 'lead';
}
const recoloured = (
  document: SiteDocument,
  wishes: Partial<Wishes>,
  words: string,
  richness = document.look.richness,
): SlipChange | null => {
  const { look } = document;
  const { lead, accent, ground, ...rest } = wishesIn(look.day);
  // What followed from a leading colour follows from the new one.
  const kept = wishes.lead ? { lead, accent, ground } : { lead, accent, ground, ...rest };
  const { day, night } = palettesFrom({ ...kept, ...wishes }, richness);
  const say = (p: Look['day']) => `${colourName(p.lead)} with ${colourName(p.accent)}, ${p.lead} and ${p.accent}`;
  return changeOn(
    document,
    (d) => ({ op: 'setLook', look: { ...d.look, day, night, richness } }),
    words,
    {},
    { before: say(look.day), after: say(day) },
  );
};

/** Colours: other ones, darker, warmer, calmer. */
export const colours: Intent = {
  name: 'colours',
  weight: 1.01,
  examples: [
    'make the green a bit darker',
    'use warmer colours',
    'use navy instead of the green',
    'the background should be cream',
    'calmer colours please',
  ],
  read(r, { document }) {
    const { look } = document;
    if (r.things('quoted').length) return null;
    const low = r.even.low.slice(r.from, r.to);
    const said = [...low.matchAll(COLOURS)].map((m) => ({
      word: m[0],
      from: r.from + m.index,
      to: r.from + m.index + m[0].length,
    }));
    const about = r.has('look:colours', 'look:accent');
    const onGround = r.has('look:ground');
    if (r.has('kind:', 'noun:section') || (r.hand.section && r.has('this:') && !about)) return null;
    if (r.has('part:picture', 'value:case', 'cannot:night')) return null;
    const take = (...of: string[]) => {
      for (const s of said) r.explain(s.from, s.to);
      r.every(...EXPLAINED, 'look:colours', 'look:accent', 'look:ground', ...of);
    };
    const role: Role | undefined = r.has('look:accent')
      ? 'accent'
      : onGround
        ? 'ground'
        : r.has('part:text') && said.length
          ? 'text'
          : undefined;
    // Which of the colours named is the one that goes.
    const gone = said.filter((s) =>
      /\b(?:instead of|rather than|not|drop|without|no more|too much|less|away from|replace|swap|get rid of|remove|zu viel|trop de|demasiado|statt|anstatt|au lieu d[eu]|en lugar del?|en vez del?)(?: the| our)?\s*$/.test(
        low.slice(0, s.from - r.from),
      ),
    );
    const new_ = said.filter((s) => !gone.includes(s));
    const way = wayOf(r, 'light');
    if (way) {
      if (!said.length && !about && !onGround && !r.has('all:')) return null;
      const target = role ?? (said[0] ? roleLike(look, said[0].word) : 'lead');
      const { l, c, h } = partsOf(look.day[target]);
      take('comp:light', 'raw:light', 'too:', role === 'text' ? 'part:text' : 'ground:plain');
      const all = !said.length && !role;
      const shifted = (hex: string, by: number) => {
        const p = partsOf(hex);
        return lch(within(p.l + by, 0.12, 0.98), p.c, p.h);
      };
      const wishes: Partial<Wishes> = all
        ? { lead: shifted(look.day.lead, 0.07 * way), accent: shifted(look.day.accent, 0.06 * way) }
        : { [target]: lch(within(l + 0.08 * way, 0.12, 0.98), c, h) };
      return slip([
        recoloured(
          document,
          wishes,
          `${all ? 'Colours' : `The ${ROLE_WORDS[target]}`} ${way > 0 ? 'lighter' : 'darker'}; what has to be read on it stays readable`,
        ),
      ]);
    }
    const warm = wayOf(r, 'warm');
    if (warm && (about || r.has('all:') || r.has('noun:site'))) {
      take('comp:warm', 'rework:warmer', 'value:mood:warm');
      const turn = (hex: string, strength: number) => {
        const p = partsOf(hex);
        const to = warm > 0 ? 60 : 240;
        const d = ((to - p.h + 540) % 360) - 180;
        return lch(p.l, p.c, p.h + Math.sign(d) * Math.min(Math.abs(d), strength * Math.abs(warm)));
      };
      const ground = lch(partsOf(look.day.ground).l, warm > 0 ? 0.016 : 0.008, warm > 0 ? 80 : 240);
      return slip([
        recoloured(
          document,
          { lead: turn(look.day.lead, 35), accent: turn(look.day.accent, 25), ground },
          warm > 0 ? 'Warmer colours' : 'Cooler colours',
        ),
      ]);
    }
    const strong = wayOf(r, 'strong');
    if (strong && (about || r.has('all:') || said.length)) {
      take('comp:strong', 'raw:strong', 'raw:light', 'too:', 'rework:livelier');
      const times = strong > 0 ? 1 + 0.25 * strong : 1 / (1 + 0.3 * -strong);
      const by = (hex: string) => {
        const p = partsOf(hex);
        return lch(p.l, p.c * times, p.h);
      };
      return slip([
        recoloured(
          document,
          { lead: by(look.day.lead), accent: by(look.day.accent) },
          strong > 0 ? 'Stronger colours' : 'Calmer colours',
          within(look.richness * times, 0.2, 2),
        ),
      ]);
    }
    if (!said.length) return null;
    const alone = said.length > 1 && !r.has('verb:', 'part:', 'kind:', 'noun:');
    if (
      !about &&
      !role &&
      !alone &&
      !r.has('verb:use', 'verb:change', 'verb:replace', 'verb:out', 'part:button', 'prep:instead', 'verb:add')
    )
      return null;
    if (gone.length && !new_.length) {
      // A colour that goes without another in its place: the other one leads alone.
      take('verb:out');
      const target = roleLike(look, gone[0]!.word);
      const p = partsOf(target === 'accent' ? look.day.lead : look.day.accent);
      const alone =
        target === 'accent'
          ? { accent: lch(0.72, Math.min(p.c, 0.06), p.h) }
          : { lead: lch(0.42, Math.min(p.c, 0.09), p.h) };
      return slip([recoloured(document, alone, `No ${gone[0]!.word} any more`)]);
    }
    const target: Role = role ?? (gone[0] ? roleLike(look, gone[0].word) : 'lead');
    // “The green buttons should be blue”: the colour a thing has, then the one it gets.
    const several = new Set(new_.map((s) => s.word)).size > 1 && !gone.length;
    if (several && (about || alone)) {
      // A pale colour among them is what the others stand on.
      const pale = new_.find((s) => PALE.test(s.word));
      const strong = new_.filter((s) => s !== pale).map((s) => colourOf(s.word, look.day.lead));
      const ground = pale && colourOf(pale.word, look.day.ground);
      const [lead, accent] = strong;
      if (!lead) return null;
      take('verb:replace', 'verb:out', 'prep:instead', 'raw:light');
      return slip([
        recoloured(
          document,
          { lead, ...(accent && { accent }), ...(ground && { ground }) },
          `Colours: ${new_.map((s) => s.word).join(', ')}, as near as they can be read`,
        ),
      ]);
    }
    const wanted = several ? new_.at(-1)! : new_[0]!;
    const from = several
      ? roleLike(look, new_[0]!.word)
      : PALE.test(wanted.word) && !role && !r.has('part:button')
        ? 'ground'
        : target;
    const wish = colourOf(wanted.word, look.day[from]);
    if (!wish) return null;
    take('verb:replace', 'verb:out', 'prep:instead', 'part:button', role === 'text' ? 'part:text' : 'raw:light');
    return slip([
      recoloured(
        document,
        { [role ?? from]: wish },
        `${wanted.word[0]!.toUpperCase()}${wanted.word.slice(1)} as ${ROLE_WORDS[role ?? from]}, as near as it can be read`,
      ),
    ]);
  },
};

/** The colours, the type or all of the look as they were. */
export const lookBack: Intent = {
  name: 'look back',
  weight: 1.06,
  examples: ['undo the colours', 'go back to how the fonts were'],
  read(r, { document, past }) {
    if (!r.word('verb:undo')) return null;
    const what = r.word('look:colours', 'look:accent', 'look:ground')
      ? 'colours'
      : r.word('look:fonts')
        ? 'fonts'
        : null;
    if (!what) return null;
    r.every('verb:', 'prep:');
    const { look } = document;
    const of = (l: Look) =>
      what === 'colours'
        ? { day: l.day, night: l.night, richness: l.richness }
        : { heading: l.heading, reading: l.reading, headingWeight: l.headingWeight };
    const earlier = [...past].reverse().find((d) => JSON.stringify(of(d.look)) !== JSON.stringify(of(look)));
    if (!earlier)
      return no(`The ${what} were not changed by asking since this site was opened: the history has what was before.`);
    return slip([
      changeOn(
        document,
        (d) => ({ op: 'setLook', look: { ...d.look, ...of(earlier.look) } }),
        `The ${what} as they were`,
      ),
    ]);
  },
};
