import { Carrier, noteBounce, type MailServer, type Sender } from '@tin-porch/mail';
import type { HostParts } from '../public.js';
import type { Site } from '../sites.js';

/** How often what waits is looked at again, ms. */
const AGAIN_MS = 15_000;

/** Carries the letters of the sites of this server: at once where one was written, again where one waits. */
export class Post {
  private readonly carrier: Carrier;
  /** Sites that may have letters waiting: all of them at first. */
  private readonly waiting = new Set<string>();
  private timer: NodeJS.Timeout | undefined;
  private stopped = false;

  constructor(
    private readonly parts: Pick<HostParts, 'config' | 'sites' | 'databases' | 'log' | 'mailKeys' | 'marks'>,
    server: MailServer,
  ) {
    this.carrier = new Carrier(server);
  }

  /** Why the mail server takes no letters now; null where it does. */
  fault = (): Promise<string | null> => this.carrier.fault();

  /** Says that a site has a letter to send. */
  wake(site: string): void {
    this.waiting.add(site);
    void this.carry(site);
  }
  /** Notes that a letter was not delivered after all, whichever site it is of. True where it is one of ours. */
  async bounced(letter: string, words: string): Promise<boolean> {
    const { sites, databases, marks } = this.parts;
    for (const { settings } of sites.all()) {
      if (!(await databases.has(settings.id))) continue;
      if (!(await noteBounce(await databases.pool(settings.id), letter, words))) continue;
      marks.set(settings.id, Date.now() + Math.random());
      return true;
    }
    return false;
  }
  start(): void {
    for (const site of this.parts.sites.all()) this.waiting.add(site.settings.id);
    const run = async () => {
      for (const site of [...this.waiting]) await this.carry(site);
      if (!this.stopped) this.timer = setTimeout(() => void run(), AGAIN_MS).unref();
    };
    void run();
  }
  stop(): void {
    this.stopped = true;
    clearTimeout(this.timer);
    this.carrier.close();
  }

  private async senderOf({ settings: { id, name, sender } }: Site): Promise<Sender> {
    if (!sender) return { name };
    const { config, mailKeys } = this.parts;
    return { name, own: { address: sender, dkim: await mailKeys.signing(id, sender.split('@')[1]!, config.name) } };
  }

  private async carry(id: string): Promise<void> {
    const { sites, databases, log } = this.parts;
    const site = sites.get(id);
    try {
      if (!site || !(await databases.has(id))) return void this.waiting.delete(id);
      const { waiting } = await this.carrier.run(await databases.pool(id), await this.senderOf(site));
      if (!waiting) this.waiting.delete(id);
    } catch (error) {
      log.error({ err: error, site: id }, 'letters could not be carried so far');
    }
  }
}
