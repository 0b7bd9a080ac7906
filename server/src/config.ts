import { readFileSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import { checkOf, faultsIn } from '@tin-porch/core/check';
import type { LanguageService } from './writing/writing-client.js';

/** A name server or resolver as Tin Porch asks it. */
export interface NameServer {
  name: string;
  address: string;
  port: number;
}

/** A hosting server Tin Porch looks after. */
export interface ServerConfig {
  name: string;
  address: string;
  httpPort: number;
  httpsPort: number;
  temporaryBase: string;
  temporaryPort: number;
  controlUrl: string;
  /** What it is paired by, once; another one pairs it anew. */
  code: string;
}

/** Places for backups: repositories that restic writes to over its REST protocol. */
export interface BackupsConfig {
  cron: string;
  places: {
    name: string;
    repository: string;
    /** The hosting server it stands on, where it stands on one: the sites of that are not backed up there. */
    server?: string;
  }[];
  /** Where Tin Porch itself is backed up at the same hour, each place with a repository of its own for it; without it it is not. */
  own?: {
    /** The file with what they are closed with: whoever restores has it from elsewhere. */
    passwordFile: string;
    places: { name: string; repository: string }[];
  };
}

export interface PorchConfig {
  address: string;
  port: number;
  /**
   * Where the interface is reached besides its own address, as “https://porch.example”: other names get no answer. Over
   * TLS only, since browsers keep what the interface needs to keep from plain pages that are not on this machine.
   */
  origins?: string[];
  databaseUrl: string;
  /** The file of the key that secrets in the database are closed with; made where there is none yet. */
  secretsKey: string;
  /** The built interface. */
  web: string;
  servers: ServerConfig[];
  dns: {
    /** Asked first; without it the name servers are found by their NS records, on `port`. */
    authority: NameServer | null;
    resolvers: NameServer[];
    port: number;
  };
  /** RDAP base address (RFC 9083). */
  rdap: string;
  registrar: { url: string; key: string } | null;
  /** An outside writing service; null where only the built-in writer writes. */
  writing: (LanguageService & { name: string }) | null;
  /** An outside picture library; null where pictures are only made or brought. */
  library: { url: string; key: string; name: string } | null;
  acme: { directory: string; contact: string; caaName: string };
  /** The mail server our own letters are handed to, and the address they come from; without it links are handed over by hand. */
  mail?: { host: string; port: number; secure?: boolean; user?: string; password?: string; from: string };
  /** The browser that reports and invoices are printed with, and that looks at sites; without it nothing is. */
  browser?: string;
  /** The folder in which the agent lies that is brought to servers; the one beside Tin Porch where left out. */
  agent?: string;
  /** At what minutes it is seen whose turn it is that a browser looks, as a line of cron (UTC); where left out only who asks is looked at. */
  lookCron?: string;
  /** PEM files of certificate authorities trusted beside the well-known ones. */
  trust: string[];
  /** Where sites are backed up at night, and when, as a cron line in UTC; without it they are not. */
  backups?: BackupsConfig;
  /** When certificates that end are renewed and it is written what there is to do, as a cron line in UTC. */
  morningCron: string;
  /** Where what is measured is told as OpenMetrics, to everybody who gets there; left out where it is not. */
  metrics?: { address: string; port: number };
  /** Looks at every answer of the API before it is sent: for tests. */
  checkAnswers?: boolean;
}

const text = { type: 'string', minLength: 1 };
const repository = { type: 'string', pattern: '^rest:https?://[^\\s]+$' };
const port = { type: 'integer', minimum: 1, maximum: 65535 };
const object = (properties: Record<string, unknown>, optional: Record<string, unknown> = {}) => ({
  type: 'object',
  additionalProperties: false,
  required: Object.keys(properties),
  properties: { ...properties, ...optional },
});
const nameServer = object({ name: text, address: text, port });
const schema = object(
  {
    address: text,
    port,
    databaseUrl: text,
    secretsKey: text,
    web: text,
    servers: {
      type: 'array',
      items: object({
        name: text,
        address: text,
        httpPort: port,
        httpsPort: port,
        temporaryBase: text,
        temporaryPort: port,
        controlUrl: text,
        code: { type: 'string', minLength: 24 },
      }),
    },
    dns: object({
      authority: { anyOf: [nameServer, { type: 'null' }] },
      resolvers: { type: 'array', items: nameServer },
      port,
    }),
    rdap: text,
    registrar: { anyOf: [object({ url: text, key: text }), { type: 'null' }] },
    writing: {
      anyOf: [
        object({
          url: text,
          key: { type: 'string' },
          name: text,
          model: text,
          price: {
            anyOf: [
              object({
                input: { type: 'number', minimum: 0 },
                output: { type: 'number', minimum: 0 },
                currency: { type: 'string', pattern: '^[A-Z]{3}$' },
              }),
              { type: 'null' },
            ],
          },
        }),
        { type: 'null' },
      ],
    },
    library: { anyOf: [object({ url: text, key: text, name: text }), { type: 'null' }] },
    acme: object({ directory: text, contact: text, caaName: text }),
    trust: { type: 'array', items: text },
    morningCron: text,
  },
  {
    checkAnswers: { type: 'boolean' },
    metrics: object({ address: text, port }),
    browser: text,
    agent: text,
    lookCron: text,
    backups: object(
      { cron: text, places: { type: 'array', items: object({ name: text, repository }, { server: text }) } },
      {
        own: object({
          passwordFile: text,
          places: { type: 'array', items: object({ name: text, repository }) },
        }),
      },
    ),
    mail: object({ host: text, port, from: text }, { secure: { type: 'boolean' }, user: text, password: text }),
    origins: { type: 'array', items: { type: 'string', pattern: '^https://[^/]+$' } },
  },
);

/** Reads and checks a configuration file; paths in it are relative to it. @throws Error naming what does not fit */
export function readConfig(file: string): PorchConfig {
  const value = JSON.parse(readFileSync(file, 'utf8')) as PorchConfig;
  const check = checkOf(schema);
  if (!check(value)) throw new Error(`${file}: ${faultsIn(check.errors, 'configuration')}`);
  const from = (path: string) => resolve(dirname(file), path);
  const { backups } = value;
  return {
    ...value,
    ...{ web: from(value.web), secretsKey: from(value.secretsKey), trust: value.trust.map(from) },
    ...(backups?.own && {
      backups: { ...backups, own: { ...backups.own, passwordFile: from(backups.own.passwordFile) } },
    }),
  };
}
