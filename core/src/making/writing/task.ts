import { withMarksOf } from '../../model/marks.js';
import { allTexts, type PlacedText } from '../generate/site.js';
import { backingOf, unbacked } from '../guard/guard.js';
import { languageOfFacts } from '../../brief/format.js';
import { languages } from '../../language/registry.gen.js';
import type { Facts, SiteDocument, Text } from '../../model/site.js';
import { apply } from '../../operations/apply.js';
import type { PutVersion } from '../../operations/operation.js';
import { textsInScope, type Reworked, type ReworkKind, type ReworkRequest } from '../rework/rework.js';
import { copySentences } from '../writer/sentences.js';
import { toneOf } from '../writer/slots.js';

/** One message to an outside writing service. */
export interface ServiceMessage {
  role: 'system' | 'user';
  content: string;
}

/** What is asked of an outside writing service: messages, and the JSON Schema its answer must match. */
export interface WritingTask {
  messages: ServiceMessage[];
  schema: object;
  /** The texts it is asked for, by the id each has in the messages. */
  texts: Map<string, PlacedText>;
}

/** The answer of a writing service: each text by its id. */
export interface WritingAnswer {
  texts: { id: string; value: string }[];
}

/** The JSON Schema (2020-12) an answer must match; the same for every task. */
export const ANSWER_SCHEMA = {
  type: 'object',
  additionalProperties: false,
  required: ['texts'],
  properties: {
    texts: {
      type: 'array',
      maxItems: 400,
      items: {
        type: 'object',
        additionalProperties: false,
        required: ['id', 'value'],
        properties: { id: { type: 'string', maxLength: 200 }, value: { type: 'string', maxLength: 4000 } },
      },
    },
  },
};

const ORDERS: Record<ReworkKind, string> = {
  another: 'Say each text in other words, as long as it is.',
  shorter: 'Make each text shorter, by a third at least where that can be done.',
  longer: 'Make each text longer, with facts that it does not say yet.',
  plainer: 'Make each text plainer: short sentences, everyday words.',
  warmer: 'Make each text warmer: speak to the reader, as the client would at the door.',
  formal: 'Make each text more formal: no contractions, full sentences.',
  livelier: 'Make each text livelier: short sentences, a question here and there.',
  list: 'Make a list of each text that enumerates: a line that leads in, then lines that begin with “• ”.',
  spelling: 'Put right spelling and punctuation, and nothing else.',
  keywords: 'Work the keywords in where they fit, each once in all.',
  free: 'Follow the instruction.',
};

/** Facts as a service is told them: those somebody has given, and of the client’s mail only what could stand on a site. */
export function told(facts: Facts): Record<string, unknown> {
  const { description, ...rest } = facts;
  const from = languageOfFacts(facts) ?? 'en';
  const language = Object.values(languages).find((l) => l.reading === from)!;
  const given = Object.entries(rest).filter(([, v]) => v.length > 0);
  return { ...Object.fromEntries(given), brief: copySentences(description, language) };
}

function taskFor(document: SiteDocument, texts: readonly PlacedText[], order: string): WritingTask {
  const language = languages[document.language];
  const byId = new Map(texts.map((t) => [`${t.section.id}/${t.path}`, t]));
  const system = [
    `You write the copy of a small business’s web site, in ${language.name} (${language.tag}), in a ${toneOf(document.facts)} tone.`,
    'Use only what the facts say. Never add a number, name, date, price, award, quote or promise that is not there.',
    'Keep every fact a text has. No cliché, no filler, no sentence twice.',
    'Answer with JSON that matches the schema: each text by its id.',
  ].join('\n');
  const user = JSON.stringify({
    order,
    facts: told(document.facts),
    texts: [...byId].map(([id, t]) => ({
      id,
      part: `${t.page?.label ?? 'Every page'}: ${t.label}`,
      value: t.text.value,
      most: t.long ? 1200 : 120,
    })),
  });
  return {
    messages: [
      { role: 'system', content: system },
      { role: 'user', content: user },
    ],
    schema: ANSWER_SCHEMA,
    texts: byId,
  };
}

/** The task that works texts over as asked. */
export function reworkTask(document: SiteDocument, request: ReworkRequest): WritingTask {
  const order = `${ORDERS[request.kind]}${request.instruction?.trim() ? ` Instruction: ${request.instruction.trim().slice(0, 600)}` : ''}`;
  return taskFor(document, textsInScope(document, request.scope, request.kind), order);
}

/** A site with a version of the built-in writer in place, and the task that has a service write its texts anew. */
export function versionTask(document: SiteDocument, version: PutVersion): WritingTask & { drawn: SiteDocument } {
  const drawn = apply(document, version).document;
  const texts = allTexts(drawn).filter(
    (t) =>
      t.text.value &&
      (t.long || t.path === 'heading') &&
      t.text.from.kind !== 'placeholder' &&
      t.text.from.kind !== 'designer' &&
      t.text.from.kind !== 'client',
  );
  return {
    ...taskFor(drawn, texts, 'Write each text anew for its place; what stands there says what it is about.'),
    drawn,
  };
}

/**
 * What a service answered, each text past the fact guard: what nobody has said is named on the text and keeps it from going
 * live unnoticed. Texts that were not asked for, are empty, too long or unchanged are left out.
 */
export function readAnswer(
  task: WritingTask,
  facts: Facts,
  document: SiteDocument,
  answer: WritingAnswer,
  known?: (word: string) => boolean,
): Reworked[] {
  const backing = backingOf(facts, languages[document.language]);
  return answer.texts.flatMap(({ id, value }): Reworked[] => {
    const t = task.texts.get(id);
    const said = value.trim();
    if (!t || !said || said === t.text.value || /[<>{}]/.test(said)) return [];
    const missing = unbacked(said, backing, known);
    const after: Text = {
      value: said.slice(0, 4000),
      from: { kind: 'service', unbacked: missing.map((u) => u.words.slice(0, 300)).slice(0, 40) },
    };
    return [
      {
        at: { section: t.section.id, path: t.path },
        label: t.label,
        page: t.page?.label ?? 'Every page',
        before: t.text,
        after: withMarksOf(t.text, after),
        measured: missing.length
          ? `Nobody has said: ${missing.map((u) => u.words).join('; ')}`
          : `${said.split(/\s+/).length} words, all backed by the facts`,
      },
    ];
  });
}

/** A version with the texts a service wrote in it. */
export function withTexts(document: SiteDocument, version: PutVersion, changes: readonly Reworked[]): PutVersion {
  const drawn = changes.reduce(
    (now, c) => apply(now, { op: 'setText', at: c.at, text: c.after }).document,
    apply(document, version).document,
  );
  return { ...version, header: drawn.header, pages: drawn.pages, footer: drawn.footer };
}
