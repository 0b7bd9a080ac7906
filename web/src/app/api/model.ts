import type { Answer } from '@tin-porch/contract';

// What the server says, as the contract has it.
export type {
  CertificateInfo,
  ClientChoice,
  DomainSeen,
  InboxMessage,
  Job,
  OpenFinding,
  PorchEvent,
  Release,
  Role,
  ServerInfo,
  Session,
  SiteDetail,
  SiteLine,
  SiteNews,
} from '@tin-porch/contract';

/** The answer to a call, by its name in the contract. */
export type { Answer as Answered } from '@tin-porch/contract';

export type JobStep = Answer<'POST /sites/:id/deploy'>['job']['steps'][number];
export type WayLink = Answer<'POST /sites/:id/way-in'>['links'][number];
export type WritingCost = NonNullable<Answer<'POST /sites/:id/write'>['cost']>;

/** How much a writing service has sent, and the end of it. */
export interface WritingProgress {
  characters: number;
  tail: string;
}

/** What the server says no with (RFC 9457). */
export interface ProblemDetails {
  status: number;
  title: string;
  detail?: string;
}
