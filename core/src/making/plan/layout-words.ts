import { ALL_LAYOUTS, DEVICES, type Device, type LayoutName, type Section } from '../../model/site.js';

/** What the ways to lay out a section otherwise are called, and what each of their values is. */
export const LAYOUT_TITLES: Record<LayoutName, string> = {
  room: 'Room',
  size: 'Size',
  align: 'Words',
  side: 'Picture',
  columns: 'In a row',
  width: 'Width',
  edge: 'Edge',
  motion: 'Entrance',
  pace: 'It enters',
};
const VALUES: { [K in LayoutName]: Record<(typeof ALL_LAYOUTS)[K][number], string> } = {
  room: { close: 'close', wide: 'wide' },
  size: { smaller: 'smaller', larger: 'larger' },
  align: { start: 'at the edge', middle: 'in the middle' },
  side: { other: 'on the other side' },
  columns: { '1': 'one', '2': 'two', '3': 'three', '4': 'four' },
  width: { narrow: 'narrow', full: 'to the edges' },
  edge: { straight: 'straight', rule: 'a rule', slant: 'slanting', inset: 'inset', scallop: 'scalloped' },
  motion: { still: 'none', rise: 'rises', slide: 'slides in', grow: 'grows' },
  pace: { later: 'later', together: 'all at once', reverse: 'the last first' },
};
/** A way to lay out a section in words. */
export const layoutValue = (name: LayoutName, value: string): string =>
  (VALUES[name] as Record<string, string>)[value] ?? 'as the look';

/** How a section is laid out otherwise, in words: “close”, “phone: hidden, words smaller”. */
export function layoutWords(section: Section): string[] {
  const said = (name: LayoutName, value: string | undefined) =>
    value === undefined ? [] : [`${LAYOUT_TITLES[name].toLowerCase()} ${layoutValue(name, value)}`];
  const names = Object.keys(ALL_LAYOUTS) as LayoutName[];
  const own = (device: Device) => {
    const on = section.on?.[device];
    if (!on) return [];
    const hidden = on.hidden === undefined ? [] : [on.hidden ? 'hidden' : 'shown'];
    const words = [...hidden, ...names.flatMap((n) => said(n, (on as Partial<Record<LayoutName, string>>)[n]))];
    return [`${device}: ${words.join(', ')}`];
  };
  return [...DEVICES]
    .reverse()
    .flatMap(own)
    .concat(names.flatMap((n) => said(n, section[n])));
}
