import type { Look } from '../model/site.js';
import { palettesFrom, partsOf } from './palette.js';
import type { Reference } from './reference.js';
import { families, rankPairings } from './type.js';
import { mixWishes } from './wishes.js';
import { some } from '../ground/some.js';

/**
 * A look that begins where a page somebody likes is: its colours, the character of its type, its density and corners.
 * What the page does not say stays as it is. Every pair of colours can be read, as in any look.
 */
export function lookLike(look: Look, reference: Reference, language: string): Look {
  const { colours, heading, reading, corner, room, ground } = reference;
  let next: Look = { ...look };
  if (colours.length) {
    const { wishes } = mixWishes({ colours }, 1);
    const pale = ground && partsOf(ground).l > 0.86 ? { ground } : {};
    next = { ...next, ...palettesFrom({ ...wishes, ...pale }, 1), richness: 1 };
  }
  if (heading.kind || reading.kind) {
    const wantedHeading = heading.kind ?? reading.kind;
    const best = rankPairings({ language })
      .map((p) => ({
        ...p,
        fit:
          p.score +
          (families[p.heading]!.kind === wantedHeading ? 1 : 0) +
          (reading.kind && families[p.reading]!.kind === reading.kind ? 1 : 0),
      }))
      .reduce((a, b) => (b.fit > a.fit ? b : a));
    next = { ...next, heading: best.heading, reading: best.reading };
  }
  const within = (v: number, [least, most]: readonly [number, number]) => Math.min(Math.max(v, least), most);
  const weight = heading.weight ?? next.headingWeight;
  return {
    ...next,
    headingWeight: Math.round(within(weight, families[next.heading]!.weights)),
    headingCase: heading.capitals ? 'capitals' : heading.kind ? 'sentence' : next.headingCase,
    base: reading.size === null ? next.base : Math.round(within(reading.size, [15, 21])),
    corner: corner === null ? next.corner : Math.round(within(corner, [0, 24])),
    density: room === null ? next.density : Math.round(within(0.7 + (room - 24) / 130, [0.7, 1.4]) * 100) / 100,
  };
}

/** What was taken over from a page, in words. */
export function saysReference({ colours, heading, reading, corner, room }: Reference): string[] {
  return [
    colours.length ? some(colours.length, 'colour') : '',
    heading.kind ? `${heading.kind} headings` : '',
    reading.kind ? `${reading.kind} text` : '',
    corner === null ? '' : corner < 2 ? 'square corners' : `corners of ${Math.round(corner)} px`,
    room === null ? '' : room > 80 ? 'plenty of room' : room < 44 ? 'little room' : 'some room',
  ].filter(Boolean);
}
