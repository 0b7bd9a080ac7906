import {
  DEVICES,
  LAYOUTS,
  WHOLE_LAYOUTS,
  type Finishes,
  type LayoutName,
  type Layouts,
  type Look,
  type Section,
  type SiteDocument,
} from '../model/site.js';
import { shapes } from './shapes/registry.gen.js';
import { WIDTHS } from './widths.js';
import { edgeCss, motionCss, paceCss, sizeTokens, wordSizes } from './tokens.js';

const KINDS = ['wide', ...DEVICES] as const;

/** What is said for every kind of page but counts on wide ones alone: narrower ones have one column or two of their own. */
const ON_WIDE = new Set<string>(['side', 'columns']);

/** The ways a section can be laid out otherwise in the shape it has. */
export function layoutsOf(section: Pick<Section, 'shape'>): LayoutName[] {
  const turns = shapes[section.shape]?.turns ?? [];
  const always: LayoutName[] = ['room', 'size', 'edge', 'motion', 'pace'];
  return (['room', 'size', 'align', 'width', 'side', 'columns', 'edge', 'motion', 'pace'] as const).filter(
    (f) => always.includes(f) || turns.includes(f as never),
  );
}

// A section never changes: another one takes its place.
const known = new WeakMap<Section, Map<string, string[]>>();
/** How a section is laid out otherwise, by attribute: `larger`, or where it differs by kind of page `phone:larger`. */
function layoutsBy(section: Section): Map<string, string[]> {
  const before = known.get(section);
  if (before) return before;
  const found = readLayouts(section);
  known.set(section, found);
  return found;
}
function readLayouts(section: Section): Map<string, string[]> {
  const found = new Map<string, string[]>();
  const can = layoutsOf(section);
  for (const name of Object.keys(LAYOUTS) as (keyof typeof LAYOUTS)[]) {
    if (!can.includes(name)) continue;
    const values = KINDS.map((kind) => {
      const own = kind === 'wide' ? undefined : section.on?.[kind]?.[name];
      const value = own ?? (kind !== 'wide' && ON_WIDE.has(name) ? undefined : section[name]);
      return value === 'look' ? undefined : value;
    });
    const [first] = values;
    if (first && values.every((v) => v === first)) found.set(name, [first]);
    else {
      const said = values.flatMap((v, n) => (v ? [`${KINDS[n]}:${v}`] : []));
      if (said.length) found.set(name, said);
    }
  }
  for (const name of Object.keys(WHOLE_LAYOUTS) as (keyof typeof WHOLE_LAYOUTS)[])
    if (section[name] && can.includes(name)) found.set(name, [section[name]]);
  const hides = KINDS.filter((kind) =>
    kind === 'wide' ? section.hidden : (section.on?.[kind]?.hidden ?? section.hidden),
  );
  if (hides.length && hides.length < KINDS.length) found.set('without', [...hides]);
  return found;
}

/** The attributes of the outermost element of a section that is laid out otherwise. */
export const layoutAttributes = (section: Section): Record<string, string> =>
  Object.fromEntries([...layoutsBy(section)].map(([name, values]) => [`data-${name}`, values.join(' ')]));

/** What is laid out otherwise anywhere on a site, each way once: `size phone:larger`. */
export function layoutsUsed(document: SiteDocument): Set<string> {
  const used = new Set<string>();
  for (const { sections } of document.pages)
    for (const section of sections)
      for (const [name, values] of layoutsBy(section)) for (const value of values) used.add(`${name} ${value}`);
  return used;
}

const SIZES = { smaller: 0.84, larger: 1.18 } as const;
/** A rule: its selectors and what it says. */
const rule = (selectors: string[], lines: string[]) =>
  `${selectors.join(',\n')} {\n${lines.map((l) => `  ${l}`).join('\n')}\n}`;

/** What lies in a section on its own, and not in a list of it. */
const ALONE = ['.head', '.words', '.panel', '.box', '.set'];
const FREE = ':is(h1, h2, p)';

type Way = {
  [K in keyof Layouts]-?: (
    of: string,
    value: NonNullable<Layouts[K]>,
    kind: string,
    look: Look,
    letters: number,
  ) => string[];
};
const WAYS: Way = {
  room: (of, value) => [rule([of], [`padding-block: calc(var(--gap) * ${value === 'close' ? 0.45 : 1.7});`])],
  size(of, value, _, look, letters) {
    const by = SIZES[value];
    const sizes = { ...sizeTokens(look, by), ...wordSizes(look, letters, by) };
    return [rule([of], [...Object.entries(sizes).map(([n, v]) => `${n}: ${v};`), 'font-size: var(--size-1);'])];
  },
  align(of, value) {
    const start = value === 'start';
    const [inline, block] = [`${of} > ${FREE}`, `${of} :is(${ALONE.join(', ')})`];
    return [
      ...(start ? [rule([of], ['--items: start;'])] : []),
      rule([inline, block], [`text-align: ${start ? 'start' : 'center'};`]),
      rule([inline, `${block} > *`], [`margin-inline: ${start ? '0' : 'auto'};`]),
      rule([`${of} .buttons`], [`justify-content: ${start ? 'flex-start' : 'center'};`]),
    ];
  },
  side: (of, _, kind) =>
    kind === 'wide'
      ? [rule([of], ['direction: rtl;']), rule([`${of} > *`], ['direction: ltr;'])]
      : [
          rule([`${of} > .pic:first-child`, `${of} > picture:first-child > .pic`], ['order: 1;']),
          rule([`${of} > .pic:last-child`, `${of} > picture:last-child > .pic`], ['order: -1;']),
        ],
  columns: (of, value) => [
    rule([`${of} .grid`], [`grid-template-columns: repeat(${value}, minmax(0, 1fr));`]),
    rule([`${of} .grid > *`, `${of} .grid > :last-child:nth-child(n)`], ['grid-column: auto;']),
  ],
  width: (of, value) => [
    rule(
      [of],
      [
        value === 'narrow'
          ? '--edge: max(clamp(1.15rem, 5.5cqi, 6rem), (100cqi - 50rem) / 2);'
          : '--edge: clamp(1.15rem, 2.2cqi, 2.5rem);',
      ],
    ),
  ],
  // Written for the whole of a site; here for the sections that have it.
  edge: (of, value) => [edgeCss(value, of)],
  motion: (of, value) => [motionOf(of, value)],
  pace: (of, value) => [paceCss(value, `main > ${of}`)],
};
function motionOf(of: string, value: Finishes['motion']): string {
  return value === 'still'
    ? rule([`main > ${of} *`], ['animation: none;'])
    : motionCss(value, of.replace('.band', ''), `enter-${value}`);
}

/**
 * The rules for what is laid out otherwise on a site, and none for what is not. `gone` is what becomes of a section that is
 * not for a kind of page.
 */
export function layoutCss(used: ReadonlySet<string>, look: Look, letters: number, gone = 'display: none;'): string[] {
  return [...used].sort().map((said) => {
    const [name = '', token = ''] = said.split(' ');
    const [kind, value] = token.includes(':') ? (token.split(':') as [keyof typeof WIDTHS, string]) : [null, token];
    const of = `.band[data-${name}~='${token}']`;
    if (name === 'without') return within(token as keyof typeof WIDTHS, [rule([of], [gone])]);
    const rules = WAYS[name as LayoutName](of, value as never, kind ?? 'all', look, letters).filter(Boolean);
    return kind ? within(kind, rules) : rules.join('\n');
  });
}
const within = (kind: keyof typeof WIDTHS, rules: string[]): string =>
  `@container page ${WIDTHS[kind]} {\n${rules.join('\n').replace(/^(?=.)/gm, '  ')}\n}`;
