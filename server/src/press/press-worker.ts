import { render, type FontCut, type Raster, type RenderedFile, type SiteDocument } from '@tin-porch/core';
import subsetFont from 'subset-font';
import { answerWith } from '../threads/answer.js';
import { outlined, rasterBytes } from './rastering.js';
import { readAsset } from './read-asset.js';

/** What a thread of the press is asked: the files of a document, or the bytes of one that take long to make. */
export type PressRequest =
  | { kind: 'render'; document: SiteDocument; origin: string }
  | { kind: 'font'; asset: string; cut: FontCut }
  | { kind: 'raster'; raster: Raster; file: Uint8Array | null }
  | { kind: 'outline'; svg: string };

async function cutFont(asset: string, { letters, weights: [min, max] }: FontCut): Promise<Uint8Array> {
  return subsetFont(await readAsset(asset), letters, {
    targetFormat: 'woff2',
    variationAxes: { wght: min === max ? min : { min, max, default: min } },
  });
}

answerWith<PressRequest>((request): RenderedFile[] | Promise<string | Uint8Array> => {
  switch (request.kind) {
    case 'render':
      return render(request.document, { origin: request.origin });
    case 'font':
      return cutFont(request.asset, request.cut);
    case 'raster':
      return rasterBytes(request.raster, request.file && Buffer.from(request.file));
    case 'outline':
      return Promise.resolve(outlined(request.svg));
  }
});
