import type { previews as previewRoutes } from '@tin-porch/contract';
import { NO_HOLDING } from '@tin-porch/core/page';
import { tell } from '../../events/events.js';
import type { Parts } from '../parts.js';
import type { Call, Handlers } from '../serve.js';

type Known = Pick<Call<(typeof previewRoutes)['GET /sites/:id/previews']>, 'me' | 'params'>;

/** How a site is seen before it is open. */
export function previewHandlers({ sites, previews }: Parts): Handlers<typeof previewRoutes> {
  const headOf = ({ me, params }: Known) => sites.headOf(me.organisation, params['id']!);
  const told = (site: string) => tell(sites.db, { kind: 'care', site });

  return {
    'GET /sites/:id/previews': async (call) => {
      const site = await headOf(call);
      return { ...(await previews.of(site)), holding: site.holding ?? NO_HOLDING };
    },
    'POST /sites/:id/previews': async (call) => {
      const site = await headOf(call);
      const made = await previews.make(site, call.body, call.me.name);
      await call.note(`Made the link “${made.name}” for looking at the site`);
      await told(site.id);
      return made;
    },
    'DELETE /sites/:id/previews': async (call) => {
      const site = await headOf(call);
      await previews.endAll(site);
      await call.note('Ended every link for looking at the site');
      await told(site.id);
    },
    'PUT /sites/:id/previews/:preview': async (call) => {
      const site = await headOf(call);
      await previews.put(site, call.params['preview']!, call.body);
      await call.note('Changed a link for looking at the site');
      await told(site.id);
    },
    'DELETE /sites/:id/previews/:preview': async (call) => {
      const site = await headOf(call);
      const name = await previews.end(site, call.params['preview']!);
      await call.note(`Ended the link “${name}” for looking at the site`);
      await told(site.id);
    },
    'PUT /sites/:id/holding': async (call) => {
      const site = await headOf(call);
      const holding = await previews.hold(site, call.body);
      await call.note('Changed what the holding page says');
      await told(site.id);
      return holding ?? NO_HOLDING;
    },
  };
}
