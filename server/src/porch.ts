import { Backups } from './backups/backups.js';
import { OwnBackups } from './backups/own-backups.js';
import { Choices } from './choosing/choices.js';
import { createServer } from 'node:http';
import type { PorchConfig } from './config.js';
import { CarePlans } from './books/care-plans.js';
import { EInvoices } from './books/e-invoice.js';
import { Invoices } from './books/invoices.js';
import { Printer } from './books/printing.js';
import { Reports } from './books/reports.js';
import { Mending } from './care/mending.js';
import { writeMornings } from './care/morning.js';
import { BrowserTurn } from './browser/turn.js';
import { Lab, lookDue } from './care/lab.js';
import { LabBrowser } from './care/lab-browser.js';
import { Rounds } from './care/rounds.js';
import { walkDue } from './care/turns.js';
import { Visits } from './care/visits.js';
import { Watch } from './care/watch.js';
import { Certificates, trustedRoots } from './certificates/certificates.js';
import { migrate, openDatabase } from './db/database.js';
import { deployJob } from './deploy/deploy.js';
import { Departures } from './departures/departures.js';
import { Staging } from './staging/staging.js';
import { rollbackSteps } from './deploy/rollback.js';
import { Serving } from './deploy/serving.js';
import { Registrar } from './domains/registrar.js';
import { Events } from './events/events.js';
import { accountFactors } from './accounts/account-factors.js';
import { Accounts } from './accounts/accounts.js';
import { Audit } from './accounts/audit.js';
import { Team } from './accounts/team.js';
import type { Parts } from './http/parts.js';
import { Credentials } from './secrets/credentials.js';
import { Seal } from './secrets/seal.js';
import { porchApp } from './http/app.js';
import { Inbox } from './inbox/inbox.js';
import { Leaving } from './leaving/leaving.js';
import { metricsServer } from './measuring.js';
import { Moving } from './moving/moving.js';
import { OwnPost } from './letters/own-post.js';
import { LiveChanges } from './live/live-changes.js';
import { cleaningSteps } from './jobs/cleaning.js';
import { JobRefused, Jobs, type JobKind, type Work } from './jobs/jobs.js';
import { LibraryClient } from './library/library-client.js';
import { Library } from './library/library.js';
import { SiteFiles } from './files/site-files.js';
import { Pictures } from './pictures/pictures.js';
import { publishPlanned } from './publish/planned.js';
import { publishSteps, RENEW_DAYS } from './publish/publish.js';
import { References } from './reference/reference.js';
import { ServerTroubles } from './servers/server-troubles.js';
import { Servers } from './servers/servers.js';
import { Watching } from './servers/watching.js';
import { Strangers } from './strangers/strangers.js';
import { KeptSections } from './sites/kept-sections.js';
import { Sites } from './sites/sites.js';
import { Previews } from './previews/previews.js';
import { AgentUpdates, OWN_AGENT } from './updates/agent-updates.js';
import { AsVisitor } from './updates/as-visitor.js';
import { Rollouts } from './updates/rollouts.js';
import { Trials } from './updates/trials.js';
import { TwoSides } from './updates/two-sides.js';
import { Updates, UpdateLeft } from './updates/updates.js';
import { Spellings } from './writing/spelling.js';
import { WritingClient } from './writing/writing-client.js';
import { Writing } from './writing/writing.js';

/** When the house is cleaned, UTC: at night in most of the places it is used from. */
const CLEANING_CRON = '20 3 * * *';
/** When it is looked what is to be published by itself, whose round is due, and whether visitors get in. */
const EACH_MINUTE = '* * * * *';
/** When it is looked whether sites that moved are led on for nothing. */
const MOVES_CRON = '*/10 * * * *';

/** When copies of sites that are behind are to be tried, where nobody asked. */
const TRIALS_CRON = '*/10 * * * *';

/** Starts Tin Porch’s server: API, interface and job worker against one PostgreSQL. Resolves once it listens. */
export async function startPorch(
  config: PorchConfig,
  log: { error(o: object, m: string): void },
): Promise<{ accounts: Accounts; close(): Promise<void> }> {
  await migrate(config.databaseUrl);
  const db = openDatabase(config.databaseUrl);
  const strangers = new Strangers();
  const sites = new Sites(db);
  await sites.summarise();
  const seal = Seal.of(config.secretsKey);
  const servers = new Servers(db, seal);
  await servers.put(config.servers);
  const registrar = new Registrar(config);
  const accounts = new Accounts(db);
  const events = new Events(config.databaseUrl, db);
  const jobs = new Jobs(db, config.databaseUrl, log);
  const certificates = new Certificates(db, config, sites, servers, registrar, seal);
  const backups = new Backups(db, config.backups, sites, servers, seal);
  const ownBackups = new OwnBackups(db, config);
  // A copy of before opens none of them.
  const credentials = new Credentials(servers, backups, async () => {
    if (config.backups?.own) await jobs.begin(null, 'own');
  });
  const visits = new Visits(db);
  const rounds = new Rounds(db, config, sites, servers, registrar, strangers, visits, backups);
  const turn = new BrowserTurn();
  const lab = new Lab(db, sites, servers, new LabBrowser(config.browser ?? null, undefined, turn));
  const mending = new Mending(db, jobs, registrar, servers);
  const inbox = new Inbox(db, servers);
  const pictures = new Pictures(db, strangers);
  const live = new LiveChanges(db, sites, servers, pictures);
  const sides = new TwoSides(config.browser ?? null, turn);
  const trials = new Trials(db, sites, servers, pictures, sides);
  const visitor = new AsVisitor(config.browser ?? null, turn, trustedRoots(config));
  const updates = new Updates(db, { sites, servers }, trials, visitor);
  const rollouts = new Rollouts(db, jobs);
  const agents = new AgentUpdates(db, config.agent ?? OWN_AGENT, { servers, backups, jobs }, trustedRoots(config));
  const spellings = new Spellings();
  const service = config.writing && { client: new WritingClient(config.writing), name: config.writing.name };
  const writing = new Writing(db, service, spellings);
  const post = config.mail ? new OwnPost(db, config.mail, log) : null;
  const watch = new Watch(db, config, servers, post);
  const troubles = new ServerTroubles(db, post);
  const watching = new Watching(db, servers, troubles);
  const plans = new CarePlans(db);
  const printer = new Printer(config.browser ?? null);
  const forms = new EInvoices();
  const origin = config.origins?.[0] ?? null;
  const reports = new Reports(db, sites, servers, visits, plans, printer, post, origin);
  const leaving = new Leaving(servers, live, pictures);
  const moving = new Moving(db, config, sites, servers, registrar);
  const departures = new Departures(db, sites, servers, leaving, moving);
  const parts: Parts = {
    config,
    accounts,
    audit: new Audit(db),
    factors: accountFactors(db, seal, accounts.tries),
    team: new Team(db, accounts),
    post,
    sites,
    servers,
    jobs,
    certificates,
    registrar,
    rounds,
    lab,
    trials,
    previews: new Previews({ sites, servers }),
    updates,
    rollouts,
    agents,
    mending,
    visits,
    watch,
    plans,
    invoices: new Invoices(db, plans, printer, forms, post),
    reports,
    inbox,
    live,
    leaving,
    departures,
    staging: new Staging(db, sites),
    moving,
    backups,
    ownBackups,
    credentials,
    watching,
    events,
    writing,
    strangers,
    choices: new Choices(db),
    keptSections: new KeptSections(db),
    pictures,
    files: new SiteFiles(pictures),
    references: new References(servers, trustedRoots(config), strangers),
    library: new Library(
      config.library && { client: new LibraryClient(config.library), name: config.library.name },
      pictures,
      strangers,
    ),
  };

  /** Work that may mend what a round found: once it is done, it is looked. */
  const mends = (kind: JobKind, steps: (work: Work) => Promise<void>) =>
    jobs.handle(kind, async (work) => {
      await steps(work);
      await mending.after(work.job.site);
    });
  mends('deploy', (work) => deployJob(work, parts));
  mends('rollback', async (work) => {
    // Who goes back is in a hurry: a place that does not answer is not to hold them up.
    await backups.first(work, false);
    await rollbackSteps(work, parts);
  });
  mends('certificate', (work) => certificates.steps(work));
  mends('publish', (work) => publishSteps(work, parts));
  jobs.handle('round', async (work) => {
    await rounds.steps(work);
    await mending.unasked(work.job.site!);
  });
  jobs.handle('lab', (work) => lab.steps(work));
  const goOn = () => trials.beginWanted(jobs).then(() => rollouts.goOn());
  jobs.handle('trial', async (work) => {
    await trials.steps(work);
    // Its own row still says that it runs.
    setTimeout(() => void goOn().catch(() => undefined), 1000).unref();
  });
  mends('update', async (work) => {
    const { site, input } = work.job;
    if (input['back'])
      return updates.backSteps(work).then(
        () => rollouts.returned(site!, null),
        async (error: Error) => {
          if (error instanceof JobRefused) await rollouts.returned(site!, error.message);
          throw error;
        },
      );
    try {
      await backups.first(work, true);
      await updates.steps(work);
      await rollouts.ended(site!, 'done', '');
    } catch (error) {
      if (error instanceof JobRefused)
        await rollouts.ended(site!, error instanceof UpdateLeft ? 'left' : 'trouble', error.message);
      throw error;
    } finally {
      setTimeout(() => void goOn().catch(() => undefined), 500).unref();
    }
  });
  jobs.every('updates', EACH_MINUTE, goOn);
  if (config.browser && config.lookCron)
    jobs.every('trials', TRIALS_CRON, async () => void (await trials.wantBehind()));
  jobs.handle('leave', (work) => departures.leaveSteps(work));
  jobs.handle('remove', (work) => departures.removeSteps(work));
  jobs.handle('revive', (work) => backups.reviveSteps(work, { registrar, live }));
  jobs.handle('move', async (work) => {
    await moving.steps(work);
    // Where it is now, another place than before is not its own server’s.
    await jobs.begin(work.job.site, 'backup').catch(() => undefined);
  });
  mends('backup', (work) => backups.steps(work));
  jobs.handle('agent', (work) => agents.steps(work));
  jobs.handle('credentials', (work) => credentials.steps(work));
  jobs.handle('own', (work) => ownBackups.steps(work));
  jobs.handle('cleaning', async (work) => {
    await cleaningSteps(work, db);
    await backups.keepSteps(work);
  });
  jobs.every('planned', EACH_MINUTE, () => publishPlanned(db, jobs));
  jobs.every('moves', MOVES_CRON, () => moving.tidy());
  jobs.every('daily-cleaning', CLEANING_CRON, async () => {
    for (const site of await departures.due()) await jobs.begin(site, 'remove').catch(() => undefined);
    await jobs.begin(null, 'cleaning');
  });
  jobs.every('rounds', EACH_MINUTE, () => walkDue(db, jobs));
  if (config.browser && config.lookCron) jobs.every('lab', config.lookCron, () => lookDue(db, jobs));
  jobs.every('watch', EACH_MINUTE, () => watch.look());
  jobs.every('morning', config.morningCron, async () => {
    for (const site of await certificates.ending(RENEW_DAYS)) await jobs.begin(site, 'certificate');
    await writeMornings(db, {
      rounds,
      watch,
      troubles,
      post,
      origin: origin ?? `http://${config.address}:${config.port}`,
    });
    await reports.sendDue(log);
  });
  if (config.backups)
    jobs.every('nightly-backup', config.backups.cron, async () => {
      const { rows } = await db.query<{ id: string }>(
        'select id from site where live_release is not null and leaves_at is null',
      );
      for (const { id } of rows) await jobs.begin(id, 'backup');
      if (config.backups?.own) await jobs.begin(null, 'own');
    });
  await events.listen();
  await jobs.start();
  inbox.start();
  const serving = new Serving(sites, servers);
  serving.start();
  watching.start();
  live.start();
  post?.start();

  const server = createServer({ maxHeaderSize: 16_384 }, porchApp(parts, log));
  server.headersTimeout = 15_000;
  server.requestTimeout = 60_000;
  await new Promise<void>((done, fail) => server.once('error', fail).listen(config.port, config.address, done));
  const figures = config.metrics ? metricsServer(db) : null;
  if (figures)
    await new Promise<void>((done, fail) =>
      figures.once('error', fail).listen(config.metrics!.port, config.metrics!.address, done),
    );
  return {
    accounts,
    async close() {
      inbox.stop();
      serving.stop();
      watching.stop();
      live.stop();
      await post?.stop();
      for (const open of [server, figures]) open?.closeAllConnections();
      figures?.close();
      await new Promise((done) => server.close(done));
      await jobs.stop();
      await servers.close();
      await spellings.close();
      await Promise.all([printer.close(), forms.close(), sides.close()]);
      await pictures.close();
      await strangers.close();
      await events.close();
      await db.end();
    },
  };
}
