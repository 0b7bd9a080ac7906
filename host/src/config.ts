import { readFileSync } from 'node:fs';
import type { MailServer } from '@tin-porch/mail';
import { checkOf, faultsIn } from '@tin-porch/core/check';

/** How a hosting server is set up. */
export interface HostConfig {
  name: string;
  /** Address the public ports are bound to; visitors’ A records point here. */
  address: string;
  httpPort: number;
  httpsPort: number;
  /** Where temporary addresses `NAME.BASE:PORT` are answered. */
  temporary: { base: string; address: string; port: number };
  /** Where Tin Porch reaches it, and the code it is paired by, once: of 128 bits of chance or more. */
  control: { address: string; port: number; code: string };
  /** Where what is measured is told as OpenMetrics, to everybody who gets there; left out where it is not. */
  metrics?: { address: string; port: number };
  data: string;
  databaseUrl: string;
  /** The server that letters of the sites are handed to; left out where none is. */
  mail?: MailServer;
  /** Where what becomes of letters is taken in, for the domain named in `mail.bounces`. */
  bounces?: { address: string; port: number };
  /** PEM files of certificate authorities by which other servers are known, beside those the machine trusts. */
  trust?: string[];
  /** Bytes that stay free on the disk: a blob that would go below is refused with 507. */
  reserveBytes: number;
}

const port = { type: 'integer', minimum: 1, maximum: 65535 };
const text = { type: 'string', minLength: 1 };
const schema = {
  type: 'object',
  additionalProperties: false,
  required: ['name', 'address', 'httpPort', 'httpsPort', 'temporary', 'control', 'data', 'databaseUrl', 'reserveBytes'],
  properties: {
    name: { type: 'string', pattern: '^[a-z][a-z0-9-]{0,30}$' },
    address: text,
    httpPort: port,
    httpsPort: port,
    temporary: {
      type: 'object',
      additionalProperties: false,
      required: ['base', 'address', 'port'],
      properties: { base: text, address: text, port },
    },
    control: {
      type: 'object',
      additionalProperties: false,
      required: ['address', 'port', 'code'],
      properties: { address: text, port, code: { type: 'string', minLength: 24 } },
    },
    data: text,
    databaseUrl: text,
    reserveBytes: { type: 'integer', minimum: 0 },
    trust: { type: 'array', items: text },
    metrics: {
      type: 'object',
      additionalProperties: false,
      required: ['address', 'port'],
      properties: { address: text, port },
    },
    bounces: {
      type: 'object',
      additionalProperties: false,
      required: ['address', 'port'],
      properties: { address: text, port },
    },
    mail: {
      type: 'object',
      additionalProperties: false,
      required: ['host', 'port', 'from'],
      properties: {
        host: text,
        port,
        secure: { type: 'boolean' },
        user: text,
        password: text,
        from: { type: 'string', pattern: '^[^\\s@<>]+@[^\\s@<>]+$' },
        bounces: { type: 'string', pattern: '^[a-z0-9.-]+$' },
        spf: { type: 'string', pattern: '^[a-z0-9]+:[^\\s"]{1,200}$' },
        dkim: {
          type: 'object',
          additionalProperties: false,
          required: ['domain', 'selector', 'key'],
          properties: { domain: text, selector: text, key: text },
        },
      },
    },
  },
};

/** Reads and checks a configuration file. @throws Error naming the field that does not fit. */
export function readConfig(file: string): HostConfig {
  const value: unknown = JSON.parse(readFileSync(file, 'utf8'));
  const check = checkOf(schema);
  if (!check(value)) throw new Error(`${file}: ${faultsIn(check.errors, 'configuration')}`);
  return value as HostConfig;
}
