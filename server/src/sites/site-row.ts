import type { SiteDocument } from '@tin-porch/core/model';
import type { Holding } from '@tin-porch/core/page';
import type { MailSender, SiteSummary } from '@tin-porch/core/care';

/** What is known of a site without its document: what lists are made of. */
export interface SiteHead {
  id: string;
  organisation: string;
  /** What the designer calls it; null where that is the name of the client. */
  called: string | null;
  summary: SiteSummary;
  head: number;
  createdAt: Date;
  changedAt: Date;
  server: string | null;
  temporary: string;
  previewKey: string;
  domain: string | null;
  domainSeen: DomainSeen | null;
  open: boolean;
  liveRelease: string | null;
  /** The version of the renderer that drew what is served; null where nothing is, or nobody said so yet. */
  liveEngine: number | null;
  publishedAt: Date | null;
  /** When it goes for good; null where it stays. */
  leavesAt: Date | null;
  /** When it is published by itself, and who said so; null where that is not planned. */
  plannedAt: Date | null;
  plannedBy: string | null;
  /** Links by which others may look at it while it is closed, those that are over among them. */
  previews: KeptPreview[];
  /** What the page says that stands before it; null where that is left to the house. */
  holding: Holding | null;
  /** Of which site it is a copy to try things on; null where it is one of its own. */
  stagingOf: string | null;
}

/** A link by which others may look at a closed site. */
export interface KeptPreview {
  id: string;
  /** Stands in the link. */
  token: string;
  /** Whom or what it is for. */
  name: string;
  /** Until when it is good, ISO 8601. */
  until: string;
  /** The password that is asked for, hashed; null where none is. */
  lock: string | null;
  madeAt: string;
  by: string;
}
export interface SiteRow extends SiteHead {
  document: SiteDocument;
}

/** What the name servers and resolvers said when they were last asked. */
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
  /** What letters of the site are sent with, where its server said so. */
  mail?: MailSender | null;
  /** Null where the name servers answered; else why not. */
  error: string | null;
  resolvers: { name: string; answer: string[]; ttl: number | null; state: 'new' | 'old' | 'none' | 'silent' }[];
}

/** What a site is called where several stand beside each other. */
export const nameOf = ({ called, summary }: Pick<SiteHead, 'called' | 'summary'>): string => called ?? summary.name;

/** The columns of a `SiteHead`. */
export const HEAD = `id, organisation, called, summary, head, created_at as "createdAt", changed_at as "changedAt", server, temporary, preview_key as "previewKey", domain, domain_seen as "domainSeen", open, live_release as "liveRelease", live_engine as "liveEngine", published_at as "publishedAt", leaves_at as "leavesAt", planned_at as "plannedAt", planned_by as "plannedBy", previews, holding, staging_of as "stagingOf"`;
/** The columns of a `SiteRow`. */
export const SITE = `document, ${HEAD}`;
