import type { team as routes } from '@tin-porch/contract';
import { Problem } from '@tin-porch/core/ground';
import { invitationLetter, resetLetter } from '../../letters/own-letters.js';
import type { Parts } from '../parts.js';
import { placeOf } from './session.js';
import type { Handlers } from '../serve.js';

const ROLE = { owner: 'an owner', designer: 'a designer', helper: 'a helper', accountant: 'an accountant' } as const;
const idOf = (id: string | undefined, what: string): string => {
  if (!id || !/^[0-9a-f-]{36}$/.test(id)) throw new Problem(404, `There is no such ${what}`);
  return id;
};

/** The organisation, its people, and the links by which they come in. */
export function teamHandlers({ team, audit, post }: Parts): Handlers<typeof routes> {
  return {
    'GET /team': async ({ me }) => ({
      organisation: me.organisationName,
      people: await team.people(me.organisation),
      invitations: me.role === 'owner' ? await team.invitations(me.organisation) : [],
    }),
    'PUT /team': async ({ body, me, note }) => {
      await team.rename(me.organisation, body.name);
      await note(`Named the organisation ${body.name.trim()}`);
    },
    'POST /team/invitations': async ({ body, me, req, note }) => {
      const { origin } = placeOf(req);
      const who = { by: me.name, organisation: me.organisationName };
      const made = await team.invite(
        me,
        body.mail,
        body.role,
        post ? (link, to) => invitationLetter(origin, to, link, who) : undefined,
      );
      post?.wake();
      await note(`Invited ${body.mail.trim().toLowerCase()} as ${ROLE[body.role]}`);
      return { ...made, written: post !== null };
    },
    'DELETE /team/invitations/:invitation': async ({ me, params, note }) => {
      const mail = await team.takeBack(me.organisation, idOf(params['invitation'], 'invitation'));
      await note(`Took the invitation of ${mail} back`);
    },
    'PUT /team/people/:person': async ({ body, me, params, note }) => {
      const { name } = await team.setRole(me.organisation, idOf(params['person'], 'account'), body.role);
      await note(`Made ${name} ${ROLE[body.role]}`);
    },
    'DELETE /team/people/:person': async ({ me, params, note }) => {
      const { name, mail } = await team.remove(me.organisation, idOf(params['person'], 'account'));
      await note(`Took the account of ${name} (${mail}) away`);
    },
    'POST /team/people/:person/reset': async ({ me, params, req, note }) => {
      const { origin } = placeOf(req);
      const { mail, ...made } = await team.reset(
        me,
        idOf(params['person'], 'account'),
        post ? (link, to) => resetLetter(origin, to, link, me.name) : undefined,
      );
      post?.wake();
      await note(`Made a link for another password of ${mail}`);
      return { ...made, written: post !== null };
    },
    'GET /audit': ({ me, query }) => audit.list(me.organisation, query.before),
    'GET /links/:token': async ({ params }) => {
      const { kind, organisationName, mail, name, role } = await team.linked(params['token']!);
      return { kind, organisation: organisationName, mail, name, role };
    },
    'POST /links/:token': async ({ body, params }) => {
      const link = await team.follow(params['token']!, body.name, body.password);
      await audit.write(
        { id: link.account, name: link.name, organisation: link.organisation },
        link.kind === 'invitation'
          ? `Came in as ${ROLE[link.role]}, by an invitation`
          : 'Took another password, by a link',
      );
    },
  };
}
