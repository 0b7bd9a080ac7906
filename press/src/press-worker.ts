import { createHash } from 'node:crypto';
import type { SiteDocument } from '@tin-porch/core/model';
import type { Raster } from '@tin-porch/core/look';
import {
  newProofs,
  render,
  renderWindow,
  type FontCut,
  type RenderedFile,
  type SiteProofs,
} from '@tin-porch/core/page';
import subsetFont from 'subset-font';
import { outlined, rasterBytes } from './rastering.js';
import { readAsset } from './read-asset.js';

/** What a thread of the press is asked: the files of a document, a page of it as it is looked at, or the bytes of one that take long to make. */
export type PressRequest =
  | { kind: 'release'; json: string; origin: string; at?: string; before: Readonly<Record<string, string>> }
  | { kind: 'render' | 'measure'; document: SiteDocument; origin: string; at?: string }
  | { kind: 'window'; document: SiteDocument; page: string; mediaBase: string; at?: string }
  | { kind: 'font'; asset: string; cut: FontCut }
  | { kind: 'raster'; raster: Raster; file: Uint8Array | null }
  | { kind: 'outline'; svg: string };

/** A text file as it is drawn, with its SHA-256. */
export interface DrawnText {
  path: string;
  type: string;
  hash: string;
  bytes: Uint8Array;
}
/** A release as it is drawn: every path of it, and the files that are otherwise than before: texts, and what is still to be made. */
export interface DrawnRelease {
  paths: string[];
  files: (DrawnText | RenderedFile)[];
}

/** What is remembered of a site: how it was drawn, and what its text files hashed to. */
interface Remembered {
  proofs: SiteProofs;
  hashes: Map<string, { text: string; hash: string }>;
}
/** Of so many sites it is remembered what was drawn of them: a page is some kilobytes. */
const MOST_SITES = 3;
const sites = new Map<string, Remembered>();

/** What was drawn of a site before, for an origin; the site asked for last is forgotten last. */
function rememberedOf(site: string, origin: string): Remembered {
  const key = `${origin} ${site}`;
  const remembered = sites.get(key) ?? { proofs: newProofs(), hashes: new Map() };
  sites.delete(key);
  sites.set(key, remembered);
  if (sites.size > MOST_SITES) sites.delete(sites.keys().next().value!);
  return remembered;
}

const encoder = new TextEncoder();

/** What takes long to make and is named for all that it is made of. */
const NAMED_FOR_ITSELF = /^\/(?:fonts|share)\/[\w-]+-[0-9a-z]+\.(?:woff2|jpg)$/;

/** What of a release is otherwise than before. Texts that are as they were when they were last drawn are not hashed again. */
function otherwise(
  files: readonly RenderedFile[],
  remembered: Remembered,
  before: Readonly<Record<string, string>>,
): DrawnRelease {
  const hashes = remembered.hashes;
  remembered.hashes = new Map();
  const changed = files.flatMap((file): (DrawnText | RenderedFile)[] => {
    const { path, type } = file;
    if (!('text' in file) || file.outlined) return NAMED_FOR_ITSELF.test(path) && path in before ? [] : [file];
    const { text } = file;
    const known = hashes.get(path);
    const bytes = known?.text === text ? undefined : encoder.encode(text);
    const kept = bytes ? { text, hash: createHash('sha256').update(bytes).digest('hex') } : known!;
    remembered.hashes.set(path, kept);
    const { hash } = kept;
    return before[path] === hash ? [] : [{ path, type, hash, bytes: bytes ?? encoder.encode(text) }];
  });
  return { paths: files.map((f) => f.path), files: changed };
}

async function cutFont(asset: string, { letters, weights: [min, max] }: FontCut): Promise<Uint8Array> {
  return subsetFont(await readAsset(asset), letters, {
    targetFormat: 'woff2',
    variationAxes: { wght: min === max ? min : { min, max, default: min } },
  });
}

/** Does what a thread of the press is asked. */
export default function work(
  request: PressRequest,
):
  | RenderedFile[]
  | DrawnRelease
  | { files: number; drawn: number }
  | ReturnType<typeof renderWindow>
  | Promise<string | Uint8Array> {
  switch (request.kind) {
    case 'render':
    case 'measure':
    case 'release': {
      const { origin, at } = request;
      const document = request.kind === 'release' ? (JSON.parse(request.json) as SiteDocument) : request.document;
      const remembered = rememberedOf(document.id, origin);
      const { proofs } = remembered;
      const files = render(document, { origin, proofs, ...(at && { at }) });
      if (request.kind === 'release') return otherwise(files, remembered, request.before);
      return request.kind === 'render' ? files : { files: files.length, drawn: proofs.drawn };
    }
    case 'window':
      return renderWindow(request.document, request.page, '', {
        mediaBase: request.mediaBase,
        ...(request.at && { at: request.at }),
      });
    case 'font':
      return cutFont(request.asset, request.cut);
    case 'raster':
      return rasterBytes(request.raster, request.file && Buffer.from(request.file));
    case 'outline':
      return Promise.resolve(outlined(request.svg));
  }
}
