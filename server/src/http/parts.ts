import type { Accounts } from '../accounts/accounts.js';
import type { Audit } from '../accounts/audit.js';
import type { SecondFactors } from '@tin-porch/sign-in';
import type { Team } from '../accounts/team.js';
import type { Backups } from '../backups/backups.js';
import type { Rounds } from '../care/rounds.js';
import type { Certificates } from '../certificates/certificates.js';
import type { Choices } from '../choosing/choices.js';
import type { PorchConfig } from '../config.js';
import type { Moving } from '../moving/moving.js';
import type { Departures } from '../departures/departures.js';
import type { Registrar } from '../domains/registrar.js';
import type { Events } from '../events/events.js';
import type { Inbox } from '../inbox/inbox.js';
import type { Jobs } from '../jobs/jobs.js';
import type { Leaving } from '../leaving/leaving.js';
import type { OwnPost } from '../letters/own-post.js';
import type { LiveChanges } from '../live/live-changes.js';
import type { Library } from '../library/library.js';
import type { SiteFiles } from '../files/site-files.js';
import type { Pictures } from '../pictures/pictures.js';
import type { References } from '../reference/reference.js';
import type { Servers } from '../servers/servers.js';
import type { KeptSections } from '../sites/kept-sections.js';
import type { Sites } from '../sites/sites.js';
import type { Strangers } from '../strangers/strangers.js';
import type { Writing } from '../writing/writing.js';

/** All that answers the API stands on. */
export interface Parts {
  config: PorchConfig;
  accounts: Accounts;
  audit: Audit;
  factors: SecondFactors;
  team: Team;
  /** Carries our own letters; null where none go out. */
  post: OwnPost | null;
  sites: Sites;
  servers: Servers;
  jobs: Jobs;
  certificates: Certificates;
  registrar: Registrar;
  rounds: Rounds;
  inbox: Inbox;
  live: LiveChanges;
  leaving: Leaving;
  departures: Departures;
  moving: Moving;
  backups: Backups;
  events: Events;
  strangers: Strangers;
  writing: Writing;
  choices: Choices;
  keptSections: KeptSections;
  pictures: Pictures;
  files: SiteFiles;
  library: Library;
  references: References;
}
