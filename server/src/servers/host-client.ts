import { Readable } from 'node:stream';
import type { ReadableStream } from 'node:stream/web';
import { fetch, type Agent, type BodyInit, type Response } from 'undici';
import { JobLater, JobRefused } from '../jobs/jobs.js';
import type { Operation } from '@tin-porch/core/operations';
import type { LogFound, LogQuery, Look, MailSender, VisitDay } from '@tin-porch/core/care';
import type { SiteDocument } from '@tin-porch/core/model';
import type { Holding, Manifest } from '@tin-porch/core/page';
import type { Looked } from '@tin-porch/press/looking';

export interface HostSite {
  id: string;
  domain: string | null;
  open: boolean;
  /** `of` is the designer’s release under it, where the people of the site changed something since. */
  pointer: { release: string; before: string | null; switchedAt: string; of?: string } | null;
  /** What of it the server could not read; empty where all is well. */
  damage: string[];
  /** The version of the renderer that drew what is served; null where nothing is, or the agent does not say so yet. */
  engine?: number | null;
  /** Where it has moved to, and how many were led on since the agent was started. */
  moved: { to: string; count: number; last: string | null } | null;
}
/** Where a server leads on whoever still comes for a site that has moved. */
export interface MovedTo {
  address: string;
  httpPort: number;
  httpsPort: number;
  temporary: string;
}
export interface HostHealth {
  name: string;
  /** The process that answers. */
  process: number;
  upSeconds: number;
  database: boolean;
  freeBytes: number;
  totalBytes: number;
  sites: HostSite[];
  /** Sites of which not even the settings can be read, with why. */
  unreadable: Record<string, string[]>;
}
/** How a server is at one moment. Counters begin anew with what counts; null is what was not said. */
export interface Measured {
  load: number;
  cores: number;
  memoryBytes: number;
  memoryFreeBytes: number;
  diskBytes: number;
  diskFreeBytes: number;
  database: boolean;
  requests: number | null;
  connections: number | null;
  troubles: number;
  sites: number;
  upSeconds: number;
  /** Whether its disk can be written to, and what its clock says, in seconds; an agent of before says neither. */
  writable?: boolean;
  clock?: number;
}
/** What each site takes on a server, bytes, and when that was measured; null where it was not so far. */
export interface RoomMeasured {
  at: string | null;
  sites: Record<string, { files: number; rows: number; logs: number }>;
}
/** The versions of the agent on a server. */
export interface HostProgram {
  running: string;
  installed: string;
  /** Whether it is known to serve: until then, the one before comes back where nobody says so. */
  known: boolean;
  /** The one before it, to which it would go back. */
  before: string | null;
  /** The newest that did not come up, and why. */
  fallen: { version: string; at: string; why: string } | null;
}
/** What a version of the agent found of a backup. */
export interface TriedProgram {
  site: string;
  /** The step of the tables it knows. */
  step: number;
  wrong: string | null;
  rows?: number;
}
/** The versions of what a server is made of. */
export interface HostVersions {
  agent: { engine: number; step: number; node: string; program?: string | null };
  /** Packages of the system; null where it is no Debian. */
  packages: { name: string; installed: string; candidate: string; security: boolean; oldRuns: boolean }[] | null;
  /** When its package lists were fetched last; null where there are none. */
  listsAt: string | null;
}
/** An answer that was none. */
export interface HostTrouble {
  at: string;
  /** The site it was asked of; null where it is of none. */
  site: string | null;
  host: string;
  method: string;
  path: string;
  status: number;
  /** What the agent answered the front; `-` where it was not asked. */
  behind: string;
}
export interface HostMessage {
  id: string;
  seq: number;
  form: string;
  fields: Record<string, string>;
  receivedAt: string;
  aside: boolean;
}
/** A step that was made on a site where it is live. */
export interface HostStep {
  seq: number;
  id: string;
  turn: number;
  release: string;
  operation: Operation;
  by: string;
  at: string;
}
export interface HostProposal extends Omit<HostStep, 'seq'> {
  base: number;
  note: string;
}
/** What a designer gives somebody to do at a desk; whose the site is comes by handing it over. */
export type DeskRole = 'publish' | 'write' | 'messages';
export interface HostPerson {
  id: string;
  name: string;
  mail: string;
  role: DeskRole | 'owner';
  madeAt: string;
  seenAt: string | null;
  password: boolean;
  ownerSince: string | null;
}
/** To whom a site is handed over, by whom, and whether what was kept is left to them; sent twice, it is done once. */
export interface HostHandOver {
  id: string;
  to: { person: string } | { name: string; mail: string };
  by: string;
  unlock: boolean;
  origin: string;
}
export interface HostDesk {
  people: HostPerson[];
  log: { at: string; by: string; what: string }[];
  /** The newest letters of the site, and whether any go out from its server. */
  letters: HostLetter[];
  mail: boolean;
}
export interface HostLetter {
  id: string;
  to: string;
  subject: string;
  state: 'waiting' | 'sending' | 'sent' | 'failed' | 'unsure';
  tries: number;
  error: string | null;
  madeAt: string;
  sentAt: string | null;
}
export interface CertificateFacts {
  domain: string;
  names: string[];
  issuer: string;
  notBefore: string;
  notAfter: string;
}

/** What a host refused, with its own words. */
export class HostRefused extends Error {
  override name = 'HostRefused';
  constructor(
    readonly status: number,
    message: string,
    readonly body: Record<string, unknown>,
  ) {
    super(message);
  }
}

/** Whether an agent says that it does not know of a call: it is older than what is asked of it. */
export const isTooOld = (error: unknown): error is HostRefused =>
  error instanceof HostRefused && error.status === 404 && error.body['title'] === 'There is no such call';

/** Whether the other end is not who it should be. */
const isOther = (error: unknown): boolean =>
  /SELF_SIGNED|UNABLE_TO_VERIFY|CERT_/.test(codeOf(error) ?? '') ||
  /another certificate/.test(String((error as { cause?: Error }).cause?.message));

const codeOf = (error: unknown): string | undefined => (error as { cause?: { code?: string } }).cause?.code;

/** How long a host may take for an answer, ms. */
const ANSWER_MS = 15_000;
/** How long it may take to say what letters are sent with, ms: who asks for the records of a domain waits for it. */
const MAIL_MS = 4000;
/** How long a backup or its try may take, ms. */
const BACKUP_MS = 280_000;
/** How long it may take to look through logs, ms. */
const SEARCH_MS = 15_000;
/** How long an agent may take to be there, ms: some megabytes. */
const PROGRAM_MS = 180_000;
/** Where a backup is kept, and what it is closed with. */
export interface BackupPlace {
  repository: string;
  password: string;
}
/** A message of a backup that is not there any more. */
export interface MissingMessage {
  id: string;
  form: string;
  fields: Record<string, string>;
  receivedAt: string;
  aside: boolean;
  /** How often it was answered. */
  answers: number;
  /** Whether somebody erased it, or it is gone otherwise. */
  erased: boolean;
}
/** How long it may take to give all out that is kept of people, ms. */
const KEPT_MS = 120_000;
/** The same for a site that is held for its move: it is let go after twenty seconds, and what was carried then is nothing. */
const HELD_MS = 25_000;

/** Who looked by a link: how many different browsers, how many pages, and when. */
export interface HostLooked {
  lookers: number;
  pages: number;
  first: string;
  last: string;
}

/** Speaks the control API of one host agent, over TLS with a certificate on both sides. */
export class HostClient {
  constructor(
    readonly name: string,
    private readonly url: string,
    private readonly connections: () => Promise<Agent>,
  ) {}

  /** @throws JobLater where the host does not answer or has trouble of its own, HostRefused where it says no */
  private async answerTo(
    method: string,
    path: string,
    body?: unknown,
    raw?: Uint8Array | string | Readable,
    within = ANSWER_MS,
  ): Promise<Response> {
    const ask = async () =>
      fetch(`${this.url}/v1${path}`, {
        method,
        headers: {
          ...(body !== undefined && { 'content-type': 'application/json' }),
          ...(raw !== undefined && { 'content-type': 'application/octet-stream' }),
        },
        body: raw !== undefined ? (raw as BodyInit) : body !== undefined ? JSON.stringify(body) : null,
        ...(raw instanceof Readable && { duplex: 'half' as const }),
        signal: AbortSignal.timeout(within),
        redirect: 'error',
        dispatcher: await this.connections(),
      });
    let response: Response;
    try {
      response = await ask().catch((error: unknown) => {
        // A connection that rested may be closed just when it is used again: what may be said twice is (RFC 9110, 9.2.2).
        if (method !== 'POST' && !(raw instanceof Readable) && codeOf(error) === 'UND_ERR_SOCKET') return ask();
        // Both sides may have taken other keys into use between our looking for them and asking: nothing was said so far.
        if (!(raw instanceof Readable) && isOther(error)) return ask();
        throw error;
      });
    } catch (error) {
      if (error instanceof JobRefused) throw error;
      if (isOther(error))
        throw new JobRefused(
          `${this.name} is not the machine it was paired with: it has another certificate. Where that is meant, give both another code.`,
        );
      throw new JobLater(`The server ${this.name} does not answer (${codeOf(error) ?? (error as Error).name}).`, 4);
    }
    if (response.ok) return response;
    const problem = (await response.json().catch(() => ({}))) as { title?: string; detail?: string };
    const words = [problem.title ?? `The server answered ${response.status}`, problem.detail]
      .filter(Boolean)
      .join('. ')
      .replace(/\.\.$/, '.');
    if (response.status === 507) throw new JobLater(`${this.name}: ${words}`, 30);
    if (response.status >= 500) throw new JobLater(`${this.name}: ${words}`, 5);
    if (response.status === 401) throw new JobRefused(`${this.name} does not let us in: ${words}.`);
    throw new HostRefused(response.status, `${this.name}: ${words}`, problem as Record<string, unknown>);
  }

  private async call<T>(...asked: Parameters<HostClient['answerTo']>): Promise<T> {
    const response = await this.answerTo(...asked);
    return (response.status === 204 ? undefined : await response.json()) as T;
  }

  /**
   * How it is, what each site takes there, and by how many seconds its clock is ahead of ours (null where it does not say).
   * @param within how long it may take to say so, ms
   */
  async measures(within?: number): Promise<{ now: Measured; room: RoomMeasured; clockAheadS: number | null }> {
    const asked = Date.now();
    const said = await this.call<{ now: Measured; room: RoomMeasured }>(
      ...(['GET', '/measures', undefined, undefined, within] as const),
    );
    // It looked at it some time between the question and the answer.
    const ours = (asked + Date.now()) / 2000;
    return { ...said, clockAheadS: said.now.clock === undefined ? null : said.now.clock - ours };
  }
  /** The versions of what it is made of. @param within how long it may take to say so, ms */
  versions = (within?: number) => this.call<HostVersions>('GET', '/versions', undefined, undefined, within);
  /** Has its front start anew, with the program that is installed by now; nobody is refused meanwhile. */
  renewFront = () => this.call<void>('POST', '/renewals/front');
  /** Has its agent start anew: it says which process is to end. */
  renewAgent = () => this.call<{ process: number }>('POST', '/renewals/agent');
  /** The versions of its agent. @param within how long it may take to say so, ms */
  programs = (within?: number) => this.call<HostProgram>('GET', '/programs', undefined, undefined, within);
  /** Sends it a version of the agent; it says no to one that cannot run there. */
  putProgram = (version: string, archive: Readable) =>
    this.call<void>('PUT', `/programs/${version}`, undefined, archive, PROGRAM_MS);
  /** Has a version prove backups beside the one that serves. */
  tryProgram = (version: string, sites: { site: string; snapshot: string; place: BackupPlace }[]) =>
    this.call<{ tried: TriedProgram[] }>('POST', `/programs/${version}/tries`, { sites }, undefined, BACKUP_MS);
  /** Begins a version in place of the one that runs: from then on it has two minutes to be known to serve. */
  beginProgram = (version: string) => this.call<{ process: number }>('POST', `/programs/${version}/beginning`);
  /** Says that a version is known to serve. */
  programServes = (version: string) => this.call<void>('POST', `/programs/${version}/serving`);
  /** The newest lines of the logs of sites that a query is about, and how far back they were looked through. */
  searchLogs = (query: LogQuery & { sites: string[]; most: number }) =>
    this.call<{ sites: { site: string; found: LogFound[]; whole: boolean; since: string | null }[] }>(
      ...(['POST', '/logs/search', query, undefined, SEARCH_MS] as const),
    );
  /** What went wrong lately, the newest first. */
  troubles = async () => (await this.call<{ troubles: HostTrouble[] }>('GET', '/troubles')).troubles;
  health = (within?: number) => this.call<HostHealth>('GET', '/health', undefined, undefined, within);
  putSite = (
    id: string,
    settings: {
      name: string;
      temporary: string;
      domain: string | null;
      open: boolean;
      previewKey: string;
      sender: string | null;
      staging?: boolean;
      holding?: Holding;
      previews?: { token: string; until: string; lock: string | null }[];
    },
  ) => this.call<HostSite>('PUT', `/sites/${id}`, settings);
  /** Takes a site off the server, with all that is kept of it there. */
  removeSite = (id: string) => this.call<void>('DELETE', `/sites/${id}`);
  /** Has it make ready for other keys on both sides: gives the certificate it is to be known by. */
  nextKeys = async (certificate: string) =>
    (await this.call<{ certificate: string }>('PUT', '/pairing/next', { certificate })).certificate;
  /** Has a backup place open with another password besides. False where nothing is kept there. */
  addPassword = async (place: BackupPlace, next: string) =>
    (await this.call<{ there: boolean }>('POST', '/backups/password', { place, next }, undefined, BACKUP_MS)).there;
  /** Has a backup place open with this password alone. */
  leavePassword = (place: BackupPlace) =>
    this.call<void>('POST', '/backups/password/alone', { place }, undefined, BACKUP_MS);
  /** Backs a site up at a place. */
  backUp = (id: string, place: BackupPlace) =>
    this.call<{ snapshot: string; added: number; files: number; rows: number; ms: number }>(
      'POST',
      `/sites/${id}/backups`,
      { place },
      undefined,
      BACKUP_MS,
    );
  /** Puts a backup up for a try beside the living site; says no with what is wrong with it. */
  proveBackup = (id: string, place: BackupPlace, snapshot: string) =>
    this.call<{ files: number; rows: number; ms: number }>(
      'POST',
      `/sites/${id}/backups/${snapshot}/try`,
      { place },
      undefined,
      BACKUP_MS,
    );
  /** The document that visitors saw when a backup was made. */
  backedUpDocument = (id: string, place: BackupPlace, snapshot: string) =>
    this.call<SiteDocument>('POST', `/sites/${id}/backups/${snapshot}/document`, { place }, undefined, BACKUP_MS);
  /** Messages in a backup of a site that are not there any more, the newest first; how many there are, and of how many. */
  missingMessages = (id: string, place: BackupPlace, snapshot: string) =>
    this.call<{ all: number; missing: number; messages: MissingMessage[] }>(
      'POST',
      `/sites/${id}/backups/${snapshot}/messages`,
      { place },
      undefined,
      BACKUP_MS,
    );
  /** Puts messages back that a backup has. Gives how many came back: those that are there stay as they are. */
  putBackMessages = async (id: string, place: BackupPlace, snapshot: string, ids: readonly string[]) =>
    (
      await this.call<{ back: number }>(
        'POST',
        `/sites/${id}/backups/${snapshot}/messages/back`,
        { place, ids },
        undefined,
        BACKUP_MS,
      )
    ).back;
  /** Brings a site up there from a backup that another server made. @param after the last step of its people that is known */
  bringUp = (id: string, place: BackupPlace, snapshot: string, after: number) =>
    this.call<{ release: string; files: number; rows: number; ms: number }>(
      'POST',
      `/sites/${id}/backups/${snapshot}/live`,
      { place, after },
      undefined,
      BACKUP_MS,
    );
  /** Keeps what the rule keeps at a place, and nothing of sites that are gone; gives the ids of what is kept. */
  keepBackups = async (place: BackupPlace, gone: readonly string[]) =>
    (await this.call<{ kept: string[] }>('POST', '/backups', { place, gone }, undefined, BACKUP_MS)).kept;
  /** The SHA-256 of every file of a site: what it is served from, and what else of it is there. */
  files = (id: string) => this.call<{ served: string[]; others: string[] }>('GET', `/sites/${id}/files`);
  /** The days of which a site has an access log. */
  logDays = async (id: string) => (await this.call<{ days: string[] }>('GET', `/sites/${id}/logs`)).days;
  log = async (id: string, day: string): Promise<string> =>
    (await this.answerTo('GET', `/sites/${id}/logs/${day}`)).text();
  /** Has whatever would change a site wait for some seconds, in which it is carried over; gives what it is held by. */
  hold = async (id: string) =>
    (await this.call<{ token: string }>('POST', `/sites/${id}/moving`, undefined, undefined, KEPT_MS)).token;
  /** Lets what waits go on there. */
  letGo = (id: string) => this.call<void>('DELETE', `/sites/${id}/moving`);
  /** Has the server lead on whoever comes for a site from now on. Where it does so already, it needs no token. */
  leadOn = (id: string, token: string, to: MovedTo) => this.call<void>('PUT', `/sites/${id}/moving`, { token, to });
  /** All of a site that is held, but its files. */
  luggage = async (id: string, token: string): Promise<ReadableStream> =>
    (await this.answerTo('GET', `/sites/${id}/luggage?token=${token}`, undefined, undefined, HELD_MS))
      .body as ReadableStream;
  /** Puts a site in place that another server gave out. @param after the last step of its people that is known elsewhere */
  putLuggage = (id: string, luggage: Readable, after: number) =>
    this.call<{ release: string; rows: number }>(
      'PUT',
      `/sites/${id}/luggage?after=${after}`,
      undefined,
      luggage,
      HELD_MS,
    );
  /** A log of a site that is to come, of a day that is over. */
  putLogBefore = (id: string, day: string, text: string) =>
    this.call<void>('PUT', `/sites/${id}/luggage/logs/${day}`, undefined, text);
  /** The site is served from there from now on. */
  arrived = (id: string) => this.call<void>('POST', `/sites/${id}/luggage/arrived`);
  /** Takes away what came of a site that does not come after all. */
  dropLuggage = (id: string) => this.call<void>('DELETE', `/sites/${id}/luggage`);
  /** Has the server believe others whom they lead there. */
  befriend = (addresses: string[]) => this.call<void>('PUT', '/friends', { addresses });
  site = (id: string) => this.call<HostSite>('GET', `/sites/${id}`);
  /** Files of a site’s live release whose bytes are not what they should be, by path. */
  damage = async (id: string) => (await this.call<{ damaged: string[] }>('GET', `/sites/${id}/damage`)).damaged;
  missing = async (hashes: string[]) =>
    (await this.call<{ missing: string[] }>('POST', '/missing', { hashes })).missing;
  putBlob = (hash: string, bytes: Uint8Array) => this.call<void>('PUT', `/blobs/${hash}`, undefined, bytes);
  /** The bytes of a file by their SHA-256; null where it is not there. */
  blob = async (hash: string): Promise<Buffer | null> => {
    try {
      return Buffer.from(await (await this.answerTo('GET', `/blobs/${hash}`)).arrayBuffer());
    } catch (error) {
      if (error instanceof HostRefused && error.status === 404) return null;
      throw error;
    }
  };
  /** What letters of a site are sent with; null where none go out from there. */
  mail = async (id: string): Promise<MailSender | null> => {
    try {
      return await this.call<MailSender>('GET', `/sites/${id}/mail`, undefined, undefined, MAIL_MS);
    } catch (error) {
      if (error instanceof HostRefused && error.status === 404) return null;
      throw error;
    }
  };
  /** What is served now: `of` is the designer’s release under it. */
  current = (id: string) =>
    this.call<{ release: string; of: string; manifest: Manifest; document: SiteDocument }>(
      'GET',
      `/sites/${id}/current`,
    );
  /** The document that visitors see. */
  document = (id: string) => this.call<SiteDocument>('GET', `/sites/${id}/document`);
  /** What is kept of people on a site, as the CMS restores it (gzip). */
  kept = async (id: string): Promise<Buffer> =>
    Buffer.from(await (await this.answerTo('GET', `/sites/${id}/kept`, undefined, undefined, KEPT_MS)).arrayBuffer());
  putRelease = (id: string, release: string, manifest: Manifest, document: string) =>
    this.call<void>('PUT', `/sites/${id}/releases/${release}`, { manifest, document });
  /** Serves a release. `knows` is the last step made on the site itself that it has seen; unseen ones are not written over (409). */
  switchTo = (id: string, release: string, knows: number) =>
    this.call<HostSite>('POST', `/sites/${id}/current`, { release, knows });
  /** Serves the same document as it was drawn anew, in place of what is served (`over`); else says no (409). */
  exchange = (id: string, release: string, over: string) =>
    this.call<HostSite>('POST', `/sites/${id}/drawn`, { release, over });
  /** What was changed on a site itself after a step, and what waits to be looked at. */
  steps = (id: string, after: number) =>
    this.call<{ steps: HostStep[]; proposals: HostProposal[] }>('GET', `/sites/${id}/steps?after=${after}`);
  answerProposal = (id: string, proposal: string, answer: string) =>
    this.call<void>('PUT', `/sites/${id}/proposals/${proposal}`, { answer });
  desk = (id: string) => this.call<HostDesk>('GET', `/sites/${id}/desk`);
  invite = (id: string, who: { name: string; mail: string; role: DeskRole; by: string; origin: string }) =>
    this.call<{ id: string; token: string; written: boolean }>('POST', `/sites/${id}/people`, who);
  setRole = (id: string, person: string, role: DeskRole, by: string) =>
    this.call<void>('PUT', `/sites/${id}/people/${person}`, { role, by });
  removePerson = (id: string, person: string, by: string) =>
    this.call<void>('DELETE', `/sites/${id}/people/${person}`, { by });
  linkFor = (id: string, person: string, by: string) =>
    this.call<{ token: string }>('POST', `/sites/${id}/people/${person}/link`, { by });
  handOver = (id: string, wanted: HostHandOver) =>
    this.call<{ token: string | null; written: boolean }>('POST', `/sites/${id}/handover`, wanted);
  deskLink = (id: string, by: string, as: DeskRole | null) =>
    this.call<{ token: string }>('POST', `/sites/${id}/desk`, { by, as });
  putChallenge = (token: string, answer: string) => this.call<void>('PUT', `/challenges/${token}`, { answer });
  dropChallenge = (token: string) => this.call<void>('DELETE', `/challenges/${token}`);
  putCertificate = (domain: string, key: string, chain: string) =>
    this.call<CertificateFacts>('PUT', `/certificates/${domain}`, { key, chain });
  preview = (id: string, days: number) =>
    this.call<{ token: string; until: string }>('POST', `/sites/${id}/preview`, { days });
  /** Who looked at a closed site, by the links they came by. */
  previews = async (id: string) =>
    (await this.call<{ previews: Record<string, HostLooked> }>('GET', `/sites/${id}/previews`)).previews;
  marks = () => this.call<{ marks: Record<string, number> }>('GET', '/marks');
  /** What visitors sent after a message, and what was erased after what is known of that. */
  messages = (id: string, after: number, erased: number) =>
    this.call<{ messages: HostMessage[]; erased: { seq: number; message: string }[] }>(
      'GET',
      `/sites/${id}/messages?after=${after}&erased=${erased}`,
    );
  eraseMessages = (id: string, which: { ids: string[] } | { aside: true }) =>
    this.call<{ erased: number }>('DELETE', `/sites/${id}/messages`, which);
  /** A mark for a message that tries the way of messages; and why letters would not go out, null where they would. */
  tries = (id: string) => this.call<{ mark: string; mail: string | null }>('POST', `/sites/${id}/tries`);
  /** How sites of other servers look from this one, in their order. */
  looks = async (looks: readonly Looked[]) =>
    (await this.call<{ looks: Omit<Look, 'place'>[] }>('POST', '/looks', { looks })).looks;
  /** What a site’s access logs say by day, since an ISO date. */
  visits = async (id: string, since: string) =>
    (await this.call<{ days: Record<string, VisitDay> }>('GET', `/sites/${id}/visits?since=${since}`)).days;
  putLog = (id: string, day: string, text: string) =>
    this.call<{ lines: number }>('PUT', `/sites/${id}/logs/${day}`, undefined, text);
}
