import type { library as libraryRoutes, pictures as pictureRoutes } from '@tin-porch/contract';
import { Problem } from '@tin-porch/core/ground';
import type { Parts } from '../parts.js';
import type { Handlers } from '../serve.js';

const sourceOf = (source: string | undefined): string => {
  if (!source || !/^[0-9a-f]{64}$/.test(source)) throw new Problem(404, 'There is no such picture');
  return source;
};
const pictureOf = (id: string | undefined): string => {
  if (!id || !/^[A-Za-z0-9._-]{1,80}$/.test(id)) throw new Problem(404, 'The library has no such picture');
  return id;
};

/** Picture files of a site, and files for its visitors. */
export function pictureHandlers({ sites, pictures, files }: Parts): Handlers<typeof pictureRoutes> {
  return {
    'POST /sites/:id/pictures': async ({ me, params, query, req }) => {
      const site = await sites.of(me.organisation, params['id']!);
      const bytes: unknown = req.body;
      if (!Buffer.isBuffer(bytes) || !bytes.length) throw new Problem(400, 'The file is empty');
      return pictures.bring(site, (query.name ?? '').slice(0, 200), bytes);
    },
    'POST /sites/:id/files': async ({ me, params, query, req }) => {
      const site = await sites.of(me.organisation, params['id']!);
      const bytes: unknown = req.body;
      if (!Buffer.isBuffer(bytes) || !bytes.length) throw new Problem(400, 'The file is empty');
      return files.bring(site, query.name, bytes, query.instead);
    },
    'POST /sites/:id/pictures/:source/sight': async ({ body, me, params, res }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      res.type('image/webp').send(await pictures.sight(site.id, sourceOf(params['source']), body.retouch));
      return undefined;
    },
    'POST /sites/:id/pictures/:source/print': async ({ body, me, params }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      return pictures.print(site.id, sourceOf(params['source']), body.retouch);
    },
    'GET /sites/:id/pictures/:source/light': async ({ me, params }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      return pictures.light(site.id, sourceOf(params['source']));
    },
  };
}

/** The outside picture library. */
export function libraryHandlers({ sites, library }: Parts): Handlers<typeof libraryRoutes> {
  return {
    'GET /library': async ({ query }) => {
      if (library.name === null) return { name: null };
      const { pictures, total, page, pages, groups, styles } = await library.search(query);
      return {
        name: library.name,
        total,
        page,
        pages,
        groups,
        styles,
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
      };
    },
    'GET /library/:id/preview': async ({ params, res }) => {
      const { type, bytes } = await library.preview(pictureOf(params['id']));
      res.set({
        'cache-control': 'private, max-age=86400',
        'content-security-policy': "default-src 'none'; style-src 'none'",
      });
      res.type(type).send(bytes);
      return undefined;
    },
    'POST /sites/:id/library': async ({ body, me, params }) => {
      const site = await sites.of(me.organisation, params['id']!);
      return library.take(site, pictureOf(body.picture), body.tint === true);
    },
  };
}
