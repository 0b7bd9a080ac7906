import { apply } from '../../operations/apply.js';
import { OperationError } from '../../operations/definition.js';
import type { Operation, SingleOperation } from '../../operations/operation.js';
import type { SiteDocument } from '../../model/site.js';
import { withFollowing } from '../plan/follow.js';
import * as facts from './intents/facts.js';
import * as look from './intents/look.js';
import * as other from './intents/other.js';
import * as pages from './intents/pages.js';
import * as pictures from './intents/pictures.js';
import * as sections from './intents/sections.js';
import * as words from './intents/words.js';
import { even, mentionsIn, type Even, type Mention } from './mention.js';
import { Reader, type InHand } from './reader.js';
import { no, type Asked, type Choice, type Context, type Intent, type Reply, type SlipChange } from './reply.js';

const isIntent = (x: unknown): x is Intent => typeof x === 'object' && x !== null && 'read' in x && 'examples' in x;
/** Every kind of request there is. */
export const INTENTS: readonly Intent[] = [facts, words, pages, sections, look, pictures, other].flatMap((family) =>
  Object.values(family).filter(isIntent),
);

/** How much of what was said must be explained before anything is proposed, and before it is asked about. */
const SURE = 0.7;
const MAYBE = 0.4;
/** How close two readings are when it is asked which was meant. */
const CLOSE = 0.04;
const DOUBT = 0.15;
const MOST_PARTS = 4;

/** One reading of a part of a request. */
interface Reading {
  intent: Intent;
  reply: Reply;
  score: number;
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
    const open = reader.unexplained();
    const told =
      reply.kind === 'slip' && open.length
        ? { ...reply, left: [...reply.left, `Not taken into account: ${open.join(', ')}.`] }
        : reply;
    return [{ intent, reply: told, score: reader.coverage() * (intent.weight ?? 1) }];
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

/**
 * Reads a request said in plain words and answers it: with changes to be taken or left, a question where it is unclear, an
 * answer where one was asked for, or plainly that it is not understood. Nothing is changed by it.
 */
export function ask(document: SiteDocument, asked: Asked): Reply {
  const context: Context = {
    document,
    live: asked.live ?? false,
    past: (asked.before ?? []).map((b) => b.document),
  };
  const request = even(asked.said);
  if (!request.raw) return NOT_UNDERSTOOD;
  if (!document.pages.length) return no('There is no site yet: write one first, from the brief.');
  const mentions = mentionsIn(document, request);
  const before = asked.before?.at(-1)?.said;
  const bare = before && /^(?:and|also|plus)\b/.test(request.low) && !mentions.some((m) => said(m, 'verb'));
  const verb = bare && mentionsIn(document, even(before)).find((m) => said(m, 'verb'))?.text;
  if (verb) {
    // “And questions below them”: what is done with them was said before.
    const on = { ...asked.on, ...asked.before!.at(-1)!.at };
    const whole = `${verb} ${request.raw.replace(/^(?:and|also|plus)\s+/i, '')}`;
    const reply = ask(document, { said: whole, on, ...(asked.live && { live: true }) });
    if (reply.kind === 'slip') return reply;
  }
  const again = before && saidAgain(document, request, mentions, before);
  if (again) {
    const reply = ask(document, { said: again, ...(asked.on && { on: asked.on }), ...(asked.live && { live: true }) });
    if (reply.kind !== 'no') return reply;
  }
  // “It” is what was asked for last, where nothing is in hand.
  const last = asked.before?.at(-1)?.at;
  const about =
    last && !asked.on?.section && /\b(?:it|that|them|this)\b/.test(request.low)
      ? { ...asked.on, ...last }
      : (asked.on ?? {});
  let best: { parts: { span: [number, number]; all: Reading[] }[]; score: number } | null = null;
  for (const parts of partings(request)) {
    let now = context;
    let hand: InHand = about;
    const read: { span: [number, number]; all: Reading[] }[] = [];
    for (const [from, to] of parts) {
      const all = readings(now, request, mentions, from, to, hand);
      read.push({ span: [from, to], all });
      const [first] = all;
      if (!first || first.reply.kind !== 'slip') continue;
      // What comes after is said of the site as the parts before leave it, and “it” is what they were about.
      for (const c of first.reply.changes) {
        const next = applied(now.document, onto(now.document, c));
        if (next) now = { ...now, document: next };
      }
      hand = { ...hand, ...first.reply.changes.at(-1)?.at };
    }
    const mean = read.reduce((sum, { all }) => sum + (all[0]?.score ?? 0), 0) / read.length;
    const least = Math.min(...read.map(({ all }) => all[0]?.score ?? 0));
    // Taken apart it has to read better than as a whole, and every part of it has to read well.
    // What can only be asked back about as a whole may be plain part by part.
    const doubt = parts.length === 1 && read[0]?.all[0]?.reply.kind !== 'slip' ? DOUBT : 0;
    if (parts.length > 1 && least < SURE) continue;
    const score = parts.length > 1 ? mean - 0.03 * parts.length : mean - doubt;
    if (!best || score > best.score) best = { parts: read, score };
  }
  if (!best?.parts[0]?.all.length) return NOT_UNDERSTOOD;
  if (best.parts.length > 1) {
    const slips = best.parts.map((p) => p.all[0]!.reply);
    const changes = slips.flatMap((s) => (s.kind === 'slip' ? s.changes : []));
    const said = (n: number) => request.raw.slice(...best!.parts[n]!.span);
    const left = slips.flatMap((s, n) =>
      s.kind === 'slip' ? s.left : s.kind === 'ask' || !('words' in s) ? [] : [`“${said(n)}”: ${s.words}`],
    );
    const open = slips.flatMap((s, n) =>
      s.kind === 'ask' ? [{ words: `“${said(n)}”: ${s.words}`, choices: s.choices }] : [],
    );
    if (changes.length) return proven(document, { kind: 'slip', changes, left, ...(open.length && { open }) });
    return slips[0]!;
  }
  const [first, second] = best.parts[0].all;
  if (!first || first.score < MAYBE) return NOT_UNDERSTOOD;
  const sure = proven(document, first.reply);
  if (first.reply.kind !== 'slip') return first.score < SURE && first.reply.kind === 'go' ? NOT_UNDERSTOOD : sure;
  if (first.score < SURE)
    return {
      kind: 'ask',
      words: 'Not everything of that was understood. Is this what you mean?',
      choices: choices([first]),
    };
  if (second && second.reply.kind === 'slip' && first.score - second.score < CLOSE) {
    const rival = proven(document, second.reply);
    if (rival.kind === 'slip' && sure.kind === 'slip' && !alike(document, sure.changes, rival.changes))
      return { kind: 'ask', words: 'That could be either. Which do you mean?', choices: choices([first, second]) };
  }
  return sure;

  function choices(of: Reading[]): Choice[] {
    return of.flatMap(({ reply }) => {
      const answer = proven(document, reply);
      return answer.kind === 'slip'
        ? [
            {
              label: answer.changes
                .map((c) => c.words)
                .slice(0, 3)
                .join('; '),
              reply: answer,
            },
          ]
        : [];
    });
  }
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
