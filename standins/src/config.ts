import type { LibraryBehaviour } from './library/library.js';
import type { Behaviour } from './writing/writing.js';

/** Where each stand-in listens, and how it is set up. */
export interface StandinsConfig {
  data: string;
  dns: {
    authority: { address: string; port: number; name: string };
    resolvers: { name: string; address: string; port: number }[];
  };
  registrar: { address: string; port: number; apiKey: string };
  /** Left out where none is wanted; so is the library. */
  writing?: {
    address: string;
    port: number;
    apiKey: string;
    behaviour: Behaviour;
    /** The price of a thousand tokens, in pounds. */
    price: number;
  };
  library?: { address: string; port: number; apiKey: string; behaviour: LibraryBehaviour; folder: string };
  /** Where letters are taken, and where one reads what arrived. */
  mail?: {
    address: string;
    port: number;
    page: number;
    /** Where mail for a domain goes: what is sent back goes there. */
    exchangers?: Record<string, { address: string; port: number }>;
  };
  acme: {
    address: string;
    port: number;
    /** The name of this authority in CAA records (RFC 8659). */
    caaName: string;
    /** The port http-01 challenges are fetched from. RFC 8555 says 80; a machine without the right to bind it uses another. */
    httpPort: number;
    /** Domains this authority will not certify. */
    refuses: string[];
  };
}
