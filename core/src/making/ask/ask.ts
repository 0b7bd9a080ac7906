import { apply } from '../../operations/apply.js';
import { OperationError } from '../../operations/definition.js';
import type { Operation, SingleOperation } from '../../operations/operation.js';
import type { SiteDocument } from '../../model/site.js';
import { withFollowing } from '../plan/follow.js';
import * as facts from './intents/facts.js';
import * as given from './intents/given.js';
import * as layout from './intents/layout.js';
import * as look from './intents/look.js';
import * as other from './intents/other.js';
import * as pages from './intents/pages.js';
import * as pictures from './intents/pictures.js';
import * as sections from './intents/sections.js';
import * as words from './intents/words.js';
import { even, mentionsIn, type Even, type Mention } from './mention.js';
import { Reader, type InHand } from './reader.js';
import {
  no,
  type Asked,
  type Choice,
  type Context,
  type Given,
  type Intent,
  type Reply,
  type SlipChange,
} from './reply.js';

const isIntent = (x: unknown): x is Intent => typeof x === 'object' && x !== null && 'read' in x && 'examples' in x;
/** Every kind of request there is. */
export const INTENTS: readonly Intent[] = [given, facts, words, pages, sections, layout, look, pictures, other].flatMap(
  (family) => Object.values(family).filter(isIntent),
);

/** How much of what was said must be explained before anything is proposed, and before it is asked about. */
const SURE = 0.7;
const MAYBE = 0.4;
/** How close two readings are when it is asked which was meant. */
const CLOSE = 0.04;
/** What a whole that is only asked back about is worth less than one that is plain, and what each taking apart costs. */
const DOUBT = 0.15;
const PARTING = 0.03;
/** What a reading is worth less whose value goes over an “and”. */
const SWALLOWED = 0.2;
const MOST_PARTS = 4;

/** One reading of a part of a request. */
interface Reading {
  intent: Intent;
  reply: Reply;
  score: number;
  /** True where a value in it is taken over a joint: what comes after may be another request. */
  swallows: boolean;
}

const NOT_UNDERSTOOD = no(
  'Not understood, so nothing was changed. Say what should be done and to what: make the opening darker; add opening hours to the contact page; phone is 01632 960 114.',
);

/** Applies a change with what follows from it, or exactly; null where it does not fit. */
function applied(document: SiteDocument, operation: Operation, exact = false): SiteDocument | null {
  try {
    return apply(document, exact ? operation : withFollowing(document, operation)).document;
  } catch (error) {
    if (error instanceof OperationError) return null;
    throw error;
  }
}
const same = (a: SiteDocument, b: SiteDocument) => JSON.stringify(a) === JSON.stringify(b);

/** What a change of a slip is on a site as those before it leave it. */
function onto(document: SiteDocument, change: SlipChange): Operation {
  const operation = change.on?.(document) ?? change.operation;
  // Where one before it is left, there may be fewer pages or sections to stand after.
  if (operation.op === 'insertPage') return { ...operation, at: Math.min(operation.at, document.pages.length) };
  if (operation.op !== 'insertSection') return operation;
  const page = document.pages.find((p) => p.id === operation.page);
  return { ...operation, at: Math.min(operation.at, page?.sections.length ?? operation.at) };
}

/** A reply whose changes all fit the site, one after the other; said plainly where one does not or changes nothing. */
function proven(document: SiteDocument, reply: Reply): Reply {
  if (reply.kind === 'ask')
    return { ...reply, choices: reply.choices.map((c): Choice => ({ ...c, reply: proven(document, c.reply) })) };
  if (reply.kind !== 'slip') return reply;
  const open = reply.open?.map((o) => ({
    ...o,
    choices: o.choices.map((c): Choice => ({ ...c, reply: proven(document, c.reply) })),
  }));
  let now = document;
  const changes: SlipChange[] = [];
  let why = '';
  for (const change of reply.changes) {
    try {
      const next = apply(now, withFollowing(now, onto(now, change))).document;
      if (same(now, next)) continue;
      now = next;
      changes.push(change);
    } catch (error) {
      if (!(error instanceof OperationError)) throw error;
      why = error.message;
    }
  }
  if (!changes.length) return no(why || 'That is so already: nothing was changed.');
  return { ...reply, changes, left: [...reply.left, ...(why ? [why] : [])], ...(open && { open }) };
}

/** Every reading of a part of a request, the likeliest first. */
function readings(
  context: Context,
  said: Even,
  mentions: readonly Mention[],
  from: number,
  to: number,
  hand: InHand,
): Reading[] {
  const within = mentions.filter((m) => m.from >= from && m.to <= to);
  return INTENTS.flatMap((intent): Reading[] => {
    const reader = new Reader(context.document, said, from, to, within, hand);
    const reply = intent.read(reader, context);
    if (!reply) return [];
    // What is asked for phones is not done to every page.
    if (reply.kind === 'slip' && reader.leaves('device:')) return [];
    const open = reader.unexplained();
    const told =
      reply.kind === 'slip' && open.length
        ? { ...reply, left: [...reply.left, `Not taken into account: ${open.join(', ')}.`] }
        : reply;
    return [
      {
        intent,
        reply: told,
        score: reader.coverage() * (intent.weight ?? 1),
        swallows: reader.swallows(joints(said)),
      },
    ];
  }).sort((a, b) => b.score - a.score);
}

/** Where a request can be taken apart: at “and”, “then”, commas and stops that are not within what is quoted. */
function joints(said: Even): number[][] {
  return [...said.low.matchAll(/\s*(?:[,;.]\s*)?\b(?:and then|and also|and|then|plus)\b\s+|\s*[;]\s*|[,.]\s+/g)].map(
    (m) => [m.index, m.index + m[0].length],
  );
}
/** The ways a request can be taken apart into at most so many parts, the whole first. */
function partings(said: Even): [number, number][][] {
  const cuts = joints(said).slice(0, MOST_PARTS + 2);
  const out: [number, number][][] = [[[0, said.raw.length]]];
  for (let mask = 1; mask < 1 << cuts.length; mask++) {
    const chosen = cuts.filter((_, n) => mask & (1 << n));
    if (chosen.length >= MOST_PARTS) continue;
    const parts: [number, number][] = [];
    let from = 0;
    for (const [a, b] of chosen as [number, number][]) {
      parts.push([from, a]);
      from = b;
    }
    parts.push([from, said.raw.length]);
    if (parts.every(([a, b]) => b - a > 2)) out.push(parts);
  }
  return out;
}

const said = (m: Mention, ...kinds: string[]) => m.meanings.some((x) => x.is === 'word' && kinds.includes(x.kind));

/** “The same for the story”: what was asked for before, said of what is named now. */
function saidAgain(document: SiteDocument, now: Even, mentions: readonly Mention[], before: string): string | null {
  const again = mentions.some((m) => m.meanings.some((x) => x.is === 'word' && x.kind === 'verb' && x.of === 'again'));
  if (!again) return null;
  const target = mentions.filter(
    (m) =>
      m.meanings.some(
        (x) =>
          x.is === 'page' ||
          x.is === 'section' ||
          x.is === 'item' ||
          (x.is === 'word' && ['kind', 'part', 'nth'].includes(x.kind)),
      ) || said(m, 'this', 'all'),
  );
  const first = target[0];
  if (!first) return null;
  const to = now.raw.slice(first.from).trim();
  const earlier = even(before);
  const were = mentionsIn(document, earlier);
  const things = were.filter((m) =>
    m.meanings.some(
      (x) => x.is === 'page' || x.is === 'section' || x.is === 'item' || (x.is === 'word' && x.kind === 'kind'),
    ),
  );
  const [old] = things;
  const last = things.at(-1);
  if (!old || !last) return `${before} ${to}`;
  // What stands between the first and the last thing named belongs to them: “the services section on the home page”.
  let end = last.to;
  const next = were.find((m) => m.from >= end && m.from - end < 2 && said(m, 'noun'));
  if (next) end = next.to;
  return `${earlier.raw.slice(0, old.from)}${to}${earlier.raw.slice(end)}`;
}

/** What a request that leans on the one before it comes to; null where it does not. */
function leaning(document: SiteDocument, asked: Asked, request: Even, mentions: readonly Mention[]): Reply | null {
  const last = asked.before?.at(-1);
  if (!last) return null;
  const more = asked.live ? { live: true } : {};
  // “And questions below them”: what is done with them was said before.
  const bare = /^(?:and|also|plus)\b/.test(request.low) && !mentions.some((m) => said(m, 'verb'));
  const verb = bare && mentionsIn(document, even(last.said)).find((m) => said(m, 'verb'))?.text;
  if (verb) {
    const whole = `${verb} ${request.raw.replace(/^(?:and|also|plus)\s+/i, '')}`;
    const reply = ask(document, { said: whole, on: { ...asked.on, ...last.at }, ...more });
    if (reply.kind === 'slip') return reply;
  }
  const again = saidAgain(document, request, mentions, last.said);
  if (!again) return null;
  const reply = ask(document, { said: again, ...(asked.on && { on: asked.on }), ...more });
  return reply.kind === 'no' ? null : reply;
}

/** A part of a request with its readings, the likeliest first. */
interface Part {
  span: [number, number];
  all: Reading[];
}
/** A request read part by part, each said of the site as those before it leave it. */
function readParts(
  context: Context,
  request: Even,
  mentions: readonly Mention[],
  spans: [number, number][],
  about: InHand,
): Part[] {
  let now = context;
  let hand = about;
  return spans.map((span) => {
    const all = readings(now, request, mentions, ...span, hand);
    const [first] = all;
    if (first?.reply.kind === 'slip') {
      for (const c of first.reply.changes) {
        const next = applied(now.document, onto(now.document, c));
        if (next) now = { ...now, document: next };
      }
      // “It” is what the part before was about.
      hand = { ...hand, ...first.reply.changes.at(-1)?.at };
    }
    return { span, all };
  });
}

/** The way of taking a request apart that reads best: as a whole, unless every part of it reads well and better. */
function bestParting(context: Context, request: Even, mentions: readonly Mention[], about: InHand): Part[] {
  let best: { parts: Part[]; score: number } = { parts: [], score: -Infinity };
  for (const spans of partings(request)) {
    const parts = readParts(context, request, mentions, spans, about);
    const scores = parts.map(({ all }) => all[0]?.score ?? 0);
    const mean = scores.reduce((a, b) => a + b, 0) / scores.length;
    const apart = parts.length > 1;
    if (apart && Math.min(...scores) < SURE) continue;
    const asks = !apart && parts[0]?.all[0]?.reply.kind !== 'slip';
    const swallows = parts.some(({ all }) => all[0]?.swallows);
    const score = mean - (apart ? PARTING * parts.length : asks ? DOUBT : 0) - (swallows ? SWALLOWED : 0);
    if (score > best.score) best = { parts, score };
  }
  return best.parts;
}

/** What several parts come to, on one slip. */
function together(document: SiteDocument, request: Even, parts: readonly Part[]): Reply {
  const replies = parts.map((p) => ({ reply: p.all[0]!.reply, words: request.raw.slice(...p.span) }));
  const changes = replies.flatMap(({ reply }) => (reply.kind === 'slip' ? reply.changes : []));
  if (!changes.length) return replies[0]!.reply;
  const left = replies.flatMap(({ reply, words }) =>
    reply.kind === 'slip' ? reply.left : reply.kind === 'ask' ? [] : [`“${words}”: ${reply.words}`],
  );
  const open = replies.flatMap(({ reply, words }) =>
    reply.kind === 'ask' ? [{ words: `“${words}”: ${reply.words}`, choices: reply.choices }] : [],
  );
  return proven(document, { kind: 'slip', changes, left, ...(open.length && { open }) });
}

/** Readings as choices: each by what it would change. */
const asChoices = (document: SiteDocument, of: readonly Reading[]): Choice[] =>
  of.flatMap(({ reply }) => {
    const answer = proven(document, reply);
    if (answer.kind !== 'slip') return [];
    return [
      {
        label: answer.changes
          .slice(0, 3)
          .map((c) => c.words)
          .join('; '),
        reply: answer,
      },
    ];
  });

/** What one sentence of one part comes to: its likeliest reading, or a question where it is not likely enough. */
function alone(document: SiteDocument, [first, second]: readonly Reading[]): Reply {
  if (!first || first.score < MAYBE) return NOT_UNDERSTOOD;
  const reply = proven(document, first.reply);
  if (first.reply.kind !== 'slip') return first.score < SURE && first.reply.kind === 'go' ? NOT_UNDERSTOOD : reply;
  if (first.score < SURE)
    return {
      kind: 'ask',
      words: 'Not everything of that was understood. Is this what you mean?',
      choices: asChoices(document, [first]),
    };
  if (second?.reply.kind === 'slip' && first.score - second.score < CLOSE) {
    const rival = proven(document, second.reply);
    if (rival.kind === 'slip' && reply.kind === 'slip' && !alike(document, reply.changes, rival.changes))
      return {
        kind: 'ask',
        words: 'That could be either. Which do you mean?',
        choices: asChoices(document, [first, second]),
      };
  }
  return reply;
}

/**
 * Reads a request said in plain words and answers it: with changes to be taken or left, a question where it is unclear, an
 * answer where one was asked for, or plainly that it is not understood. Nothing is changed by it.
 */
export function ask(document: SiteDocument, asked: Asked): Reply {
  const request = even(asked.said);
  if (!request.raw) return asked.given ? withGiven(document, asked, asked.given, NOT_UNDERSTOOD) : NOT_UNDERSTOOD;
  if (!document.pages.length) return no('There is no site yet: write one first, from the brief.');
  const mentions = mentionsIn(document, request);
  const leant = leaning(document, asked, request, mentions);
  if (leant) return leant;
  const last = asked.before?.at(-1)?.at;
  // “It” is what was asked for last, where nothing is in hand.
  const about =
    last && !asked.on?.section && /\b(?:it|that|them|this)\b/.test(request.low) ? { ...asked.on, ...last } : asked.on;
  const past = (asked.before ?? []).map((b) => b.document);
  const parts = bestParting(
    { document, live: asked.live ?? false, visits: asked.visits ?? [], given: asked.given ?? null, past },
    request,
    mentions,
    about ?? {},
  );
  const reply = !parts[0]?.all.length
    ? NOT_UNDERSTOOD
    : parts.length > 1
      ? together(document, request, parts)
      : alone(document, parts[0].all);
  return asked.given ? withGiven(document, asked, asked.given, reply) : reply;
}
/** A reply to a request that something was given along with: what it is for is asked where it was not said. */
function withGiven(document: SiteDocument, asked: Asked, thing: Given, reply: Reply): Reply {
  if (reply.kind === 'no')
    return proven(document, given.whatFor(document, thing, asked.on?.page ?? document.pages[0]!.id));
  if (reply.kind !== 'slip' || reply.changes.some((c) => given.brings(thing, c))) return reply;
  return { ...reply, left: [...reply.left, 'What you gave along is not used by it.'] };
}
const alike = (document: SiteDocument, a: readonly SlipChange[], b: readonly SlipChange[]): boolean =>
  same(withSlip(document, a), withSlip(document, b));

/** The changes of a slip that are taken, as one step of history; null where none is, or none fits any more. */
export function takeSlip(document: SiteDocument, changes: readonly SlipChange[], exact = false): Operation | null {
  let now = document;
  const operations = changes.flatMap((change): SingleOperation[] => {
    const operation = onto(now, change);
    const next = applied(now, operation, exact);
    if (!next) return [];
    now = next;
    return operation.op === 'batch' ? operation.operations : [operation];
  });
  return operations.length > 1 ? { op: 'batch', operations } : (operations[0] ?? null);
}
/** A site with changes of a slip made, and with what follows from them: what the window shows before they are taken. */
export const withSlip = (document: SiteDocument, changes: readonly SlipChange[], exact = false): SiteDocument =>
  changes.reduce((d, c) => applied(d, onto(d, c), exact) ?? d, document);
