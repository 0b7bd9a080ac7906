import express, { Router, type Request, type Response } from 'express';
import { rateLimit, type RateLimitInfo } from 'express-rate-limit';
import type { Pool } from 'pg';
import type { SiteDocument } from '@tin-porch/core/model';
import { instantOf } from '@tin-porch/core/collections';
import { languages } from '@tin-porch/core/language';
import type { FormState } from '@tin-porch/core/look';
import { renderPage } from '@tin-porch/core/page';
import { readSubmission } from './forms.js';
import { messageLetter } from './desk/letters.js';
import { keepMessage, tryMessage } from './messages.js';

/**
 * What the CMS needs to answer for a site: its database, the document and origin that are live now, and the stylesheet its
 * pages link, which another version of the renderer may have made.
 */
export interface LiveSite {
  db: Pool;
  /** Whether letters go out from here: then whom the designer said is told of a message. */
  mail?: boolean;
  /**
   * Whether a message is one of a round that tries the way of messages, by the mark it came with. Each mark is good once.
   */
  tried?(mark: string): boolean;
  /** Told after a message was kept. */
  kept?(): void;
  current(): Promise<{ document: SiteDocument; origin: string; stylesheet?: string | undefined } | undefined>;
}

/** The field a message of a round is marked by; no form has one of that name. */
export const TRIED = '-tried';

/** Messages one visitor may send in a minute. */
const PER_MINUTE = 20;
type RateLimited = Request & { rateLimit: RateLimitInfo };

/** The page a form stands on. */
const pageOf = (document: SiteDocument, form: string) =>
  document.pages.find((p) => p.sections.some((s) => s.content['form'] === form));

/**
 * The dynamic parts of a site, under `/-/`: `POST /-/forms/ID` takes a message, keeps it and leads on to
 * `/-/forms/ID/sent` (303); what does not fit the form is answered 422 with the page, the errors and what was written.
 */
export function dynamicParts(site: (req: Request) => LiveSite): Router {
  const router = Router();
  const show = async (live: LiveSite, state: FormState) => {
    const now = await live.current();
    const page = now && pageOf(now.document, state.form);
    if (!now || !page) return undefined;
    const { document, origin, stylesheet } = now;
    const at = instantOf(Date.now());
    return renderPage(document, page.id, { origin, at, formState: state, ...(stylesheet && { stylesheet }) });
  };
  /** A message that was not kept, with why in the words of the site: what was written stays in the form. */
  const refuse = async (
    live: LiveSite,
    status: number,
    state: Omit<FormState, 'state'>,
    res: Response,
    retryAfterS?: number,
  ) => {
    const html = await show(live, { ...state, state: 'refused' });
    res.status(status).set('cache-control', 'no-store');
    if (retryAfterS !== undefined) res.set('retry-after', String(retryAfterS));
    res.type('html').send(html ?? 'The form could not be read.\n');
  };
  const perVisitor = rateLimit({
    windowMs: 60_000,
    limit: PER_MINUTE,
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    // It is read all the same, and what was written given back; what goes on regardless is a program, and costs little.
    handler: (req, res, next) => {
      if ((req as RateLimited).rateLimit.used <= 3 * PER_MINUTE) {
        res.locals['often'] = true;
        return next();
      }
      res.status(429).type('text/plain').send('Too many messages in a minute.\n');
    },
  });
  router.post(
    '/-/forms/:form',
    perVisitor,
    express.urlencoded({ extended: false, limit: '64kb', parameterLimit: 100 }),
    async (req, res) => {
      const live = site(req);
      const now = await live.current();
      const form = now?.document.forms.find((f) => f.id === req.params['form']);
      if (!now || !form) return void res.status(404).type('text/plain').send('There is no such form.\n');
      const { words } = languages[now.document.language];
      const { values, errors, trapped } = readSubmission(form, (req.body ?? {}) as Record<string, unknown>, words);
      const refused = (status: number, errors: Record<string, string>, retryAfterS?: number) =>
        refuse(live, status, { form: form.id, values, errors }, res, retryAfterS);
      if (res.locals['often']) return refused(429, { '': words.tooOften });
      if (Object.keys(errors).length) return refused(422, errors);
      try {
        const mark = (req.body as Record<string, unknown>)[TRIED];
        if (typeof mark === 'string' && live.tried?.(mark)) {
          await tryMessage(live.db, form.id, values);
          if (live.mail) messageLetter(now.document, form, '', values, now.origin);
          return void res.status(202).json({ arrived: true, trapped });
        }
        if (!trapped) {
          const tell = (id: string) => messageLetter(now.document, form, id, values, now.origin);
          if (!(await keepMessage(live.db, form.id, values, live.mail ? tell : undefined)))
            return await refused(429, { '': words.tooMany }, 3600);
          live.kept?.();
        }
      } catch {
        return refused(503, { '': words.lost }, 60);
      }
      res.redirect(303, `/-/forms/${form.id}/sent`);
    },
  );
  router.get('/-/forms/:form/sent', async (req, res) => {
    const html = await show(site(req), { form: req.params['form'], state: 'sent', values: {}, errors: {} });
    if (!html) return void res.status(404).type('text/plain').send('There is no such form.\n');
    res.set('cache-control', 'no-store').type('html').send(html);
  });
  return router;
}
