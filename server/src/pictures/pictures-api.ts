import { Ajv } from 'ajv';
import express, { Router, type Request, type Response } from 'express';
import { Problem, Retouch } from '@tin-porch/core';
import type { SiteRow } from '../sites/site-row.js';
import { MOST_BYTES } from './darkroom.js';
import type { Pictures } from './pictures.js';

const ajv = new Ajv({ strict: false });
const checkRetouch = ajv.compile<{ retouch: Retouch }>({
  type: 'object',
  additionalProperties: false,
  required: ['retouch'],
  properties: { retouch: Retouch },
});

/** The calls about picture files of a site. `own` gives the site of whoever asks, or throws. */
export function picturesApi(
  { pictures }: { pictures: Pictures },
  own: (req: Request, res: Response) => Promise<SiteRow>,
): Router {
  const router = Router();
  const retouchOf = (req: Request): Retouch => {
    const body: unknown = req.body;
    if (!checkRetouch(body))
      throw new Problem(400, 'The request is not valid', ajv.errorsText(checkRetouch.errors, { dataVar: 'body' }));
    return body.retouch;
  };
  const sourceOf = (req: Request): string => {
    const hash = String(req.params['source']);
    if (!/^[0-9a-f]{64}$/.test(hash)) throw new Problem(404, 'There is no such picture');
    return hash;
  };

  /** Takes the bytes of one picture, named by `?name=`; puts nothing into the document. */
  router.post(
    '/sites/:id/pictures',
    express.raw({ type: 'application/octet-stream', limit: MOST_BYTES }),
    async (req, res) => {
      const site = await own(req, res);
      const bytes: unknown = req.body;
      if (!Buffer.isBuffer(bytes) || !bytes.length) throw new Problem(400, 'The file is empty');
      const name = typeof req.query['name'] === 'string' ? req.query['name'].slice(0, 200) : '';
      res.status(201).json(await pictures.bring(site, name, bytes));
    },
  );
  router.post('/sites/:id/pictures/:source/sight', async (req, res) => {
    const site = await own(req, res);
    res.type('image/webp').send(await pictures.sight(site.id, sourceOf(req), retouchOf(req)));
  });
  router.post('/sites/:id/pictures/:source/print', async (req, res) => {
    const site = await own(req, res);
    res.json(await pictures.print(site.id, sourceOf(req), retouchOf(req)));
  });
  router.get('/sites/:id/pictures/:source/light', async (req, res) => {
    const site = await own(req, res);
    res.json(await pictures.light(site.id, sourceOf(req)));
  });
  return router;
}
