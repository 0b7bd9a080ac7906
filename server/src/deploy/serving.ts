import { tell } from '../events/events.js';
import { EachServer } from '../servers/each-server.js';
import type { Servers } from '../servers/servers.js';
import type { Sites } from '../sites/sites.js';

/**
 * Keeps what is known here of each site equal to what its server really does: which release it serves, and whether it
 * is open to visitors. The server is the truth; whatever was killed between it and the database is put right by it.
 */
export class Serving {
  private timer: NodeJS.Timeout | undefined;
  private readonly each = new EachServer();

  constructor(
    private readonly sites: Sites,
    private readonly servers: Servers,
  ) {}

  start(everyMs = 4000): void {
    this.timer = setInterval(() => void this.look().catch(() => undefined), everyMs);
  }
  stop(): void {
    clearInterval(this.timer);
  }

  /** Asks every server what it serves, and takes that over. Servers that do not answer change nothing. */
  async look(): Promise<void> {
    await this.each.run(await this.servers.all(), async (server) => {
      // What changes here while the answer is on its way is newer than the answer.
      const before = await this.sites.placedOn(server.name);
      const health = await server.client.health();
      for (const site of before) {
        const served = health.sites.find((s) => s.id === site.id);
        // What is damaged there is found by the rounds and mended by the next deploy; it says nothing of what was meant.
        if (served?.damage.length || health.unreadable[site.id]) continue;
        if (
          await this.sites.takeOver(site, {
            liveRelease: served?.pointer?.of ?? served?.pointer?.release ?? null,
            open: served?.open ?? false,
            // An agent of before does not say.
            engine: served?.engine === undefined ? site.engine : served.engine,
          })
        )
          await tell(this.sites.db, { kind: 'care', site: site.id });
      }
    });
  }
}
