import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { Ajv } from 'ajv';
import express, { type Express, type Response } from 'express';
import MiniSearch from 'minisearch';
import { synonymsOf } from './synonyms.js';

/** How the library behaves: `good`, or one of the ways such services go wrong. */
export const LIBRARY_BEHAVIOURS = ['good', 'slow', 'nonsense', 'hostile', 'down'] as const;
export type LibraryBehaviour = (typeof LIBRARY_BEHAVIOURS)[number];

export interface LibraryConfig {
  apiKey: string;
  behaviour: LibraryBehaviour;
  /** Where its files and their index lie. */
  folder: string;
  /** Its own address, for the addresses of pictures. */
  origin: string;
}

/** A picture as the index on disk has it. */
interface Held {
  id: string;
  title: string;
  group: string;
  tags: string[];
  style: string;
  format: string;
  width: number;
  height: number;
  type: string;
  file: string;
  small: string;
  inks: Record<string, string>;
  by: string;
  licence: string;
}

const problem = (res: Response, status: number, title: string) =>
  void res.status(status).type('application/problem+json').send(JSON.stringify({ title, status }));

const ajv = new Ajv({ strict: false, coerceTypes: true, useDefaults: true });
const word = { type: 'string', maxLength: 40 };
const checkSearch = ajv.compile<{ q: string; group: string; style: string; format: string; page: number; per: number }>(
  {
    type: 'object',
    additionalProperties: false,
    properties: {
      q: { type: 'string', maxLength: 200, default: '' },
      group: { ...word, default: '' },
      style: { ...word, default: '' },
      format: { ...word, default: '' },
      page: { type: 'integer', minimum: 1, maximum: 1000, default: 1 },
      per: { type: 'integer', minimum: 1, maximum: 60, default: 24 },
    },
  },
);

/**
 * A picture library: `GET /v1/pictures` searches titles and tags with synonyms, `GET /v1/pictures/{id}` gives one,
 * `GET /v1/files/{file}` its bytes. `PUT /behaviour` makes it go wrong in the ways such services do.
 */
export function libraryApp(config: LibraryConfig): Express {
  const held = JSON.parse(readFileSync(join(config.folder, 'index.json'), 'utf8')) as Held[];
  const byId = new Map(held.map((h) => [h.id, h]));
  const files = new Set(held.flatMap((h) => [h.file, h.small]));
  const search = new MiniSearch<Held>({
    fields: ['title', 'tags', 'group'],
    extractField: (h, field) => (field === 'tags' ? h.tags.join(' ') : String(h[field as keyof Held])),
    searchOptions: {
      boost: { title: 2, tags: 1.5 },
      prefix: (term) => term.length > 3,
      fuzzy: (term) => (term.length > 5 ? 0.2 : 0),
    },
  });
  search.addAll(held);
  const shown = (h: Held) => ({
    id: h.id,
    title: h.title,
    group: h.group,
    tags: h.tags,
    style: h.style,
    format: h.format,
    width: h.width,
    height: h.height,
    type: h.type,
    inks: h.inks,
    file: `${config.origin}/v1/files/${h.file}`,
    preview: `${config.origin}/v1/files/${h.small}`,
    credit: { by: h.by, licence: h.licence, address: `${config.origin}/v1/pictures/${h.id}` },
  });

  /** Pictures for some words, best first: a word counts most, what means the same counts half. */
  function find(q: string): Held[] {
    const words = q.toLowerCase().match(/[\p{L}\d-]+/gu) ?? [];
    if (!words.length) return held;
    const scores = new Map<string, number>();
    for (const w of words) {
      const best = new Map<string, number>();
      const take = (term: string, weight: number) => {
        for (const { id, score } of search.search(term, weight < 1 ? { prefix: false, fuzzy: false } : {}))
          best.set(String(id), Math.max(best.get(String(id)) ?? 0, score * weight));
      };
      take(w, 1);
      for (const other of synonymsOf(w)) take(other, 0.5);
      // “Boatyard” and “clockmaker” are found by the word they begin with.
      for (let length = w.length - 2; length >= 4 && !best.size; length--) {
        take(w.slice(0, length), 0.9);
        for (const other of synonymsOf(w.slice(0, length))) take(other, 0.5);
      }
      for (const [id, score] of best) scores.set(id, (scores.get(id) ?? 0) + 4 + score);
    }
    const styles = new Map<string, number>();
    return [...scores]
      .sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1))
      .map(([id], n) => {
        // The same thing in other styles waits behind other things.
        const subject = id.split('-')[0]!;
        const seen = styles.get(subject) ?? 0;
        styles.set(subject, seen + 1);
        return { id, rank: n + seen * 5 };
      })
      .sort((a, b) => a.rank - b.rank)
      .map(({ id }) => byId.get(id)!);
  }

  const app = express();
  app.disable('x-powered-by');
  let { behaviour } = config;
  app.use((req, res, next) =>
    req.headers.authorization === `Bearer ${config.apiKey}` ? next() : problem(res, 401, 'The key is missing or wrong'),
  );
  app.put('/behaviour', express.json({ limit: '1kb' }), (req, res) => {
    const wanted = (req.body as { behaviour?: unknown } | undefined)?.behaviour;
    if (!LIBRARY_BEHAVIOURS.includes(wanted as LibraryBehaviour))
      return problem(res, 400, `One of ${LIBRARY_BEHAVIOURS.join(', ')}`);
    behaviour = wanted as LibraryBehaviour;
    res.json({ behaviour });
  });
  app.use(async (_req, res, next) => {
    if (behaviour === 'down') return problem(res, 503, 'The library is down');
    if (behaviour === 'slow') await pause(30_000);
    next();
  });
  app.get('/v1/pictures', (req, res) => {
    const query: unknown = { ...req.query };
    if (!checkSearch(query)) return problem(res, 400, ajv.errorsText(checkSearch.errors, { dataVar: 'query' }));
    if (behaviour === 'nonsense') return void res.json({ total: 'many', pictures: [{ id: 7 }] });
    const { q, group, style, format, page, per } = query;
    const found = find(q).filter(
      (h) => (!group || h.group === group) && (!style || h.style === style) && (!format || h.format === format),
    );
    res.json({
      total: found.length,
      page,
      pages: Math.ceil(found.length / per),
      groups: [...new Set(held.map((h) => h.group))].sort(),
      styles: [...new Set(held.map((h) => h.style))].sort(),
      pictures: found.slice((page - 1) * per, page * per).map(shown),
    });
  });
  app.get('/v1/pictures/:id', (req, res) => {
    const one = byId.get(req.params.id);
    if (!one) return problem(res, 404, 'There is no such picture');
    res.json(shown(one));
  });
  app.get('/v1/files/:file', (req, res) => {
    if (!files.has(req.params.file)) return problem(res, 404, 'There is no such file');
    if (behaviour === 'hostile')
      return void res
        .type('image/svg+xml')
        .send(
          '<svg xmlns="http://www.w3.org/2000/svg" onload="alert(1)"><script>alert(2)</script><rect width="9" height="9"/></svg>',
        );
    res.set('cache-control', 'public, max-age=86400').sendFile(join(config.folder, req.params.file));
  });
  return app;
}
