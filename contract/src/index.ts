import type { Static } from '@sinclair/typebox';
import { inbox, rounds, type InboxMessage as InboxMessageSchema } from './resources/care.js';
import { books } from './resources/books.js';
import {
  client,
  type DeskPerson as PersonSchema,
  type HeldChange as HeldSchema,
  type LiveLine as LiveSchema,
  type Proposal as ProposalSchema,
} from './resources/client.js';
import { events } from './resources/events.js';
import { library, pictures, type LibraryPicture as LibraryPictureSchema } from './resources/pictures.js';
import { account, session, type Session as SessionSchema } from './resources/session.js';
import { fleet, serving, type ServerInfo as ServerSchema } from './resources/serving.js';
import { look, sites, writing } from './resources/sites.js';
import type * as site from './resources/sites.js';
import { team } from './resources/team.js';
import { previews } from './resources/previews.js';
import { updates } from './resources/updates.js';
import type * as shared from './schemas.js';
import type { Of } from './route.js';

export { mayAs, ROLES, type AnyRoute, type AnswerOf, type BodyOf, type QueryOf, type Role } from './route.js';
export { components } from './schemas.js';
export { openApi } from './openapi.js';
export type * from './webauthn.js';
export type { PorchEvent } from './resources/events.js';

export {
  account,
  books,
  client,
  events,
  fleet,
  inbox,
  library,
  look,
  pictures,
  rounds,
  serving,
  session,
  sites,
  team,
  previews,
  updates,
  writing,
};

/** Every call of the API, by method and path. */
export const routes = {
  ...session,
  ...account,
  ...team,
  ...sites,
  ...writing,
  ...look,
  ...pictures,
  ...library,
  ...serving,
  ...client,
  ...fleet,
  ...inbox,
  ...rounds,
  ...books,
  ...previews,
  ...updates,
  ...events,
};
export type RouteName = keyof typeof routes;
/** What a call takes and answers: `Answer<'GET /sites'>`. */
export type Body<K extends RouteName> = Of<(typeof routes)[K]['body']>;
export type Query<K extends RouteName> = Of<(typeof routes)[K]['query']>;
export type Answer<K extends RouteName> = Of<(typeof routes)[K]['answer']>;

export type Session = Static<typeof SessionSchema>;
export type SiteLine = Static<typeof site.SiteLine>;
export type Departed = Static<typeof site.Departed>;
export type SiteDetail = Static<typeof site.SiteDetail>;
export type SiteNews = Static<typeof site.SiteNews>;
export type OpenFinding = Static<typeof shared.OpenFinding>;
export type Outage = Static<typeof shared.Outage>;
export type Job = Static<typeof shared.Job>;
export type DomainSeen = Static<typeof shared.DomainSeen>;
export type CertificateInfo = Static<typeof shared.Certificate>;
export type Release = Static<typeof site.Release>;
export type DeskPerson = Static<typeof PersonSchema>;
export type HeldChange = Static<typeof HeldSchema>;
export type LiveLine = Static<typeof LiveSchema>;
export type Proposal = Static<typeof ProposalSchema>;
export type ServerInfo = Static<typeof ServerSchema>;
export type InboxMessage = Static<typeof InboxMessageSchema>;
export type ClientChoice = Static<typeof site.ClientChoice>;
export type LibraryPicture = Static<typeof LibraryPictureSchema>;
