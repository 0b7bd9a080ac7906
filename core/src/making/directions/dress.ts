import { seeded, shortHash } from '../../ground/random.js';
import type { DirectionRef, Ground, Page, Section, SiteDocument } from '../../model/site.js';
import type { Operation, SingleOperation } from '../../operations/operation.js';
import { shapes } from '../../look/shapes/registry.gen.js';
import type { AnyShape } from '../../look/shapes/shape.js';
import { packOf } from '../../brief/trades/packs.js';
import { directionOf, lookOf, type Direction } from './direction.js';

const kindOf = (shape: string) => shape.split('/')[0]!;
const byKind = new Map<string, [string, AnyShape][]>();
for (const [name, shape] of Object.entries(shapes)) {
  const kind = kindOf(name);
  byKind.set(kind, [...(byKind.get(kind) ?? []), [name, shape]]);
}

/** True where a shape may stand at this place of a site: openings of the home page are for the home page. */
const mayStand = (shape: AnyShape, home: boolean) =>
  shape.belongs === 'anywhere' || shape.belongs === (home ? 'home' : 'inner');

/** The shapes a section could have with the content it has, at its place. */
export function shapesFor(section: Section, home: boolean): string[] {
  const all = (byKind.get(kindOf(section.shape)) ?? []).filter(([, s]) => mayStand(s, home));
  const able = all.filter(([, s]) => s.fits(section.content as never));
  return (able.length ? able : all).map(([name]) => name);
}

/** The shape a direction gives a section: the one whose traits its family likes best, varied by its seed. */
export function shapeIn(direction: Direction, section: Section, home: boolean): string {
  const { likes } = direction.family;
  const kind = kindOf(section.shape);
  const draw = seeded(direction.seed + parseInt(shortHash(kind).slice(0, 5), 16));
  const jitter = new Map((byKind.get(kind) ?? []).map(([name]) => [name, draw.next() * 2.2]));
  const worth = (name: string) =>
    shapes[name]!.traits.reduce((sum, t) => sum + (likes[t] ?? 0), 0) / Math.sqrt(shapes[name]!.traits.length) +
    jitter.get(name)!;
  return shapesFor(section, home).reduce((best, name) => (worth(name) > worth(best) ? name : best));
}

/** Kinds that stand better on a ground of their own. */
const LIKES_GROUND: Record<string, Ground> = { call: 'deep', statement: 'wash', quotes: 'wash' };

/** The grounds of the sections of a page, so that no two strong ones meet and none meets a footer of its own colour. */
function groundsOf(direction: Direction, sections: readonly { shape: string }[]): Ground[] {
  const { rhythm } = direction.family;
  let turn = 0;
  const out: Ground[] = [];
  sections.forEach(({ shape }, n) => {
    const previous = out[n - 1] ?? 'plain';
    if (shapes[shape]!.ownGround || n === 0) return void out.push('plain');
    const liked = LIKES_GROUND[kindOf(shape)];
    let ground = liked ?? rhythm[turn++ % rhythm.length]!;
    if (
      ground !== 'plain' &&
      (ground === previous || (n > 0 && shapes[sections[n - 1]!.shape]!.ownGround && ground === 'deep'))
    )
      ground = 'plain';
    out.push(ground);
  });
  return out;
}

/** Pages and what they share, dressed in a direction: other shapes and grounds, not a word changed. */
export function dressPages<T extends Pick<SiteDocument, 'header' | 'footer' | 'pages'>>(
  site: T,
  direction: Direction,
): T {
  const shared = (s: Section | null) => s && { ...s, shape: shapeIn(direction, s, false) };
  const dressed = (page: Page): Page => {
    const home = page.slug === '';
    const sections = page.sections.map((s) => ({ ...s, shape: shapeIn(direction, s, home) }));
    const grounds = groundsOf(direction, sections);
    return {
      ...page,
      sections: sections.map(({ ground: _, content, ...s }, n) => ({
        ...s,
        ...(grounds[n] !== 'plain' && { ground: grounds[n]! }),
        content,
      })),
    };
  };
  return { ...site, header: shared(site.header), footer: shared(site.footer), pages: site.pages.map(dressed) };
}

/** A document as it would be in a direction. */
export function inDirection(document: SiteDocument, ref: DirectionRef): SiteDocument {
  const direction = directionOf(document.facts, packOf(document.facts), ref);
  return { ...dressPages(document, direction), look: lookOf(direction), direction: ref };
}

/** The operation that puts a site into a direction. */
export function takeDirection(document: SiteDocument, ref: DirectionRef): Operation {
  const after = inDirection(document, ref);
  const sections = (d: SiteDocument) => [
    ...[d.header, d.footer].flatMap((s) => (s ? [s] : [])),
    ...d.pages.flatMap((p) => p.sections),
  ];
  const before = new Map(sections(document).map((s) => [s.id, s]));
  const changes = sections(after).flatMap((s): SingleOperation[] => {
    const old = before.get(s.id);
    if (!old || (old.shape === s.shape && old.ground === s.ground)) return [];
    return [{ op: 'setShape', section: s.id, shape: s.shape, ...(s.ground && { ground: s.ground }) }];
  });
  return {
    op: 'batch',
    operations: [{ op: 'setLook', look: after.look }, { op: 'setDirection', direction: ref }, ...changes],
  };
}

/** How differently two directions build the same site: the share of its sections whose shape or ground is another. */
export function structureDistance(document: SiteDocument, a: DirectionRef, b: DirectionRef): number {
  const list = (ref: DirectionRef) => {
    const d = inDirection(document, ref);
    return [d.header!, d.footer!, ...d.pages.flatMap((p) => p.sections)];
  };
  const [x, y] = [list(a), list(b)];
  return x.filter((s, n) => s && (s.shape !== y[n]!.shape || s.ground !== y[n]!.ground)).length / x.length;
}
