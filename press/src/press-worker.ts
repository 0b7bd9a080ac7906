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
  | { kind: 'render' | 'measure'; document: SiteDocument; origin: string; at?: string }
  | { kind: 'window'; document: SiteDocument; page: string; mediaBase: string; at?: string }
  | { kind: 'font'; asset: string; cut: FontCut }
  | { kind: 'raster'; raster: Raster; file: Uint8Array | null }
  | { kind: 'outline'; svg: string };

/** Of so many sites it is remembered what was drawn of them: a page is some kilobytes. */
const MOST_SITES = 3;
const sites = new Map<string, SiteProofs>();

/** What was drawn of a site before, for an origin; the site asked for last is forgotten last. */
function proofsOf(site: string, origin: string): SiteProofs {
  const key = `${origin} ${site}`;
  const proofs = sites.get(key) ?? newProofs();
  sites.delete(key);
  sites.set(key, proofs);
  if (sites.size > MOST_SITES) sites.delete(sites.keys().next().value!);
  return proofs;
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
): RenderedFile[] | { files: number; drawn: number } | ReturnType<typeof renderWindow> | Promise<string | Uint8Array> {
  switch (request.kind) {
    case 'render':
    case 'measure': {
      const { document, origin, at } = request;
      const proofs = proofsOf(document.id, origin);
      const files = render(document, { origin, proofs, ...(at && { at }) });
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
