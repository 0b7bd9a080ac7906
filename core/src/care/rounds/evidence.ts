import type { InsideEvidence } from './inside.js';

/** What stands on a page that was fetched, read without drawing it. */
export interface PageSeen {
  title: string;
  /** Paths of links, pictures and styles of the same origin, each once. */
  links: string[];
  /** Where it leads that is not of its site: addresses over http and https, each once. */
  outside: string[];
  description: string;
  /** The language it says it is in. */
  lang: string;
  /** How many headings of the first rank it has. */
  heads: number;
  /** It asks search engines to leave it out. */
  noindex: boolean;
  /** Pictures that say nothing to who does not see them: not even that they are only decoration. */
  unsaid: string[];
  /** What is loaded without encryption. */
  insecure: string[];
  /** Structured data that cannot be read, with why. */
  badData: string[];
  /** What looks like a key or a password. */
  secrets: string[];
  /** Paths of feeds it names. */
  feeds: string[];
  /** Paths of what is loaded with it: pictures, styles, scripts. */
  loads: string[];
  /** Its words, and the addresses of its links to phones and mailboxes. */
  text: string;
}

/** What a page answered. `status` 0 means there was no answer; `error` says why. */
export interface PageEvidence {
  url: string;
  status: number;
  ms: number;
  error: string;
  /** Bytes of the page itself, as they came. */
  bytes: number;
  /** Null where there was nothing to read. */
  seen: PageSeen | null;
}

/** Where an address led, hop by hop. */
export interface TrailEvidence {
  from: string;
  hops: { url: string; status: number }[];
  /** `page` where it ended with an answer under 400. */
  end: 'page' | 'nowhere' | 'circle' | 'silent';
}

export interface RoundEvidence {
  domain: string | null;
  address: string;
  /** A records the name servers give now; null where they did not answer. */
  resolved: string[] | null;
  /** AAAA records the name servers give now. */
  resolved6: string[];
  /** Who holds the domain and until when, as the registry says; null where it did not. */
  registration: { ours: boolean; expires: string | null; registrar: string | null } | null;
  /** Paths whose files on the server are not what was deployed. */
  damaged: string[];
  /** Why there is no backup of the last two days that was proven to be one; null where there is, or none is wanted. */
  unproven: string | null;
  certificate: {
    notBefore?: string;
    notAfter: string;
    issuer: string;
    names: string[];
    /** Bits of its key where that is RSA; null for other kinds. */
    rsaBits?: number | null;
  } | null;
  certificateError: string;
  /** Headers of the home page, names in lower case; null where it was not asked over https. */
  headers: Record<string, string> | null;
  /** Cookies the home page set for somebody who only looked. */
  cookies: string[];
  pages: PageEvidence[];
  /** Links tried that are not pages of the walk, with their status and weight. */
  otherLinks: { url: string; from: string; status: number; error: string; bytes: number }[];
  /** Links to others’ sites that failed whenever they were asked for, for a day at least. */
  outside: { url: string; from: string; since: string; detail: string }[];
  /** Addresses that are to lead on: over http, the www name, those of pages that moved. */
  trails: TrailEvidence[];
  /** Feeds that cannot be read, with why. */
  badFeeds: { path: string; detail: string }[];
  /** Paths that nobody should get an answer from, and did. */
  ajar: string[];
  /** What `robots.txt` and `sitemap.xml` say; null where they were not asked for. */
  search: { shutOut: boolean; listed: string[] | null; error: string } | null;
  /** Paths of pages that are to be found: an event that is past, say, is not among them. */
  toFind: string[];
  /** Facts visitors need to get in touch, as the sheet has them; empty where it has none. */
  facts: { phone: string; mail: string };
  /**
   * What became of a message sent as a visitor sends one; null where the site has no form. `arrived` is null where none
   * could be sent at that moment.
   */
  message: { arrived: boolean | null; detail: string } | null;
  open: boolean;
  /** What no visitor sees of it; null where nobody looked. */
  inside: InsideEvidence | null;
}
