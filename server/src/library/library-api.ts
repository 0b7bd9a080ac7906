import { Router, type Request, type Response } from 'express';
import { Problem } from '@tin-porch/core';
import type { SiteRow } from '../sites/site-row.js';
import type { LibrarySearch } from './library-client.js';
import type { Library } from './library.js';

const ASKED = ['q', 'group', 'style', 'format', 'page', 'per'] as const;

/** The calls about the picture library. `own` gives the site of whoever asks, or throws. */
export function libraryApi(
  { library }: { library: Library },
  own: (req: Request, res: Response) => Promise<SiteRow>,
): Router {
  const router = Router();
  const idOf = (value: unknown): string => {
    if (typeof value !== 'string' || !/^[A-Za-z0-9._-]{1,80}$/.test(value))
      throw new Problem(404, 'The library has no such picture');
    return value;
  };
  router.get('/library', async (req, res) => {
    if (library.name === null) return void res.json({ name: null });
    const search: LibrarySearch = {};
    for (const key of ASKED) {
      const value = req.query[key];
      if (typeof value === 'string') search[key] = value.slice(0, 200);
    }
    const { pictures, ...answer } = await library.search(search);
    res.json({
      name: library.name,
      ...answer,
      // Addresses of the library need its key: pictures are seen through here.
      pictures: pictures.map(({ id, title, group, style, format, width, height, type, credit }) => ({
        id,
        title,
        group,
        style,
        format,
        width,
        height,
        drawn: type === 'image/svg+xml',
        credit,
        preview: `/api/library/${id}/preview`,
      })),
    });
  });
  router.get('/library/:id/preview', async (req, res) => {
    const { type, bytes } = await library.preview(idOf(req.params.id));
    res.set({
      'cache-control': 'private, max-age=86400',
      'content-security-policy': "default-src 'none'; style-src 'none'",
    });
    res.type(type).send(bytes);
  });
  router.post('/sites/:id/library', async (req, res) => {
    const site = await own(req, res);
    const { picture, tint } = (req.body ?? {}) as { picture?: unknown; tint?: unknown };
    res.status(201).json(await library.take(site, idOf(picture), tint === true));
  });
  return router;
}
