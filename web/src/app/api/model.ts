import type {
  CheckItem,
  Chip,
  DirectionRef,
  Finding,
  Operation,
  Part,
  RecordPlan,
  SiteDocument,
  StepState,
} from '@tin-porch/core';

export interface Session {
  designer: { mail: string; name: string };
  csrf: string;
}

export interface SiteSummary {
  id: string;
  head: number;
  drawn: boolean;
  name: string;
  trade: string;
  domain: string | null;
  server: string | null;
  address: string | null;
  open: boolean;
  changedAt: string;
  chip: Chip;
  path: StepState[];
  certificateUntil: string | null;
  lastRound: string | null;
  weeks: number[] | null;
}

export interface OpenFinding extends Finding {
  site: string;
  name?: string;
  firstSeen: string;
  lastSeen: string;
}

export interface JobStep {
  name: string;
  state: 'running' | 'done' | 'failed';
  detail: string;
  ms: number;
}

export interface Job {
  id: string;
  kind: 'deploy' | 'certificate' | 'publish' | 'rollback' | 'round';
  state: 'waiting' | 'running' | 'retrying' | 'done' | 'failed' | 'cancelled';
  steps: JobStep[];
  error: string | null;
  attempt: number;
  nextTry: string | null;
  createdAt: string;
  finishedAt: string | null;
}

export interface DomainSeen {
  at: string;
  leadsHere: boolean;
  registration: {
    state: 'free' | 'ours' | 'elsewhere' | 'unknown';
    expires: string | null;
    registrar: string | null;
    page: string | null;
  };
  records: { name: string; type: string; ttl: number; data: string }[];
  error: string | null;
  resolvers: { name: string; answer: string[]; ttl: number | null; state: 'new' | 'old' | 'none' | 'silent' }[];
}

export interface CertificateInfo {
  domain: string;
  names: string[];
  issuer: string;
  notBefore: string;
  notAfter: string;
}

export interface Release {
  id: string;
  head: number;
  files: number;
  bytes: number;
  sent: number;
  madeAt: string;
  liveAt: string | null;
  origin: string;
  /** What came with it that the one before did not have. */
  what: string[];
}

export interface SiteDetail {
  id: string;
  document: SiteDocument;
  head: number;
  changedAt: string;
  history: {
    canUndo: boolean;
    canRedo: boolean;
    lines: { seq: number; kind: string; words: string; by: string; part: Part; at: string }[];
  };
  path: StepState[];
  chip: Chip;
  server: { name: string; address: string; httpPort: number; httpsPort: number } | null;
  temporary: string | null;
  origin: string | null;
  domain: string | null;
  domainSeen: DomainSeen | null;
  records: RecordPlan[] | null;
  certificate: CertificateInfo | null;
  open: boolean;
  publishedAt: string | null;
  liveRelease: string | null;
  releases: Release[];
  jobs: Job[];
  checklist: CheckItem[];
}

/** What is new of a site that is known already: what was changed of its document, and all the rest of it. */
export type SiteNews = Omit<SiteDetail, 'document'> & { operations: Operation[] };

export interface ServerInfo {
  name: string;
  address: string;
  temporaryBase: string;
  sites: { id: string; name: string }[];
  error?: string;
  upSeconds?: number;
  database?: boolean;
  freeBytes?: number;
  totalBytes?: number;
}

export interface InboxMessage {
  id: string;
  site: string;
  siteName: string;
  form: string;
  fields: Record<string, string>;
  receivedAt: string;
  readAt: string | null;
  aside: boolean;
}

export interface WayLink {
  title: string;
  state: 'good' | 'bad' | 'open';
  detail: string;
  ms: number | null;
}

export type PorchEvent =
  | { kind: 'site'; site: string; head: number }
  | { kind: 'job'; site: string; job: string }
  | { kind: 'inbox'; site: string }
  | { kind: 'care'; site: string }
  | { kind: 'choice'; site: string }
  | ({ kind: 'writing'; site: string } & WritingProgress);

/** How much a writing service has sent, and the end of it. */
export interface WritingProgress {
  characters: number;
  tail: string;
}

export interface WritingCost {
  input: number;
  output: number;
  amount: number;
  currency: string;
}

/** What the server says no with (RFC 9457). */
export interface ProblemDetails {
  status: number;
  title: string;
  detail?: string;
}

/** Directions that were put before a client by a link, and which was chosen. */
export interface ClientChoice {
  token: string;
  directions: DirectionRef[];
  madeAt: string;
  endsAt: string;
  chosen: number | null;
  by: string;
  note: string;
}
