import { Carrier, type MailServer } from '@tin-porch/mail';
import type { Database } from '../db/database.js';

/** How often what waits is looked at again, ms. */
const AGAIN_MS = 15_000;

/** Carries Tin Porch’s own letters: at once where one was written, again where one waits. */
export class OwnPost {
  private readonly carrier: Carrier;
  private timer: NodeJS.Timeout | undefined;
  private carrying: Promise<unknown> = Promise.resolve();

  constructor(
    private readonly db: Database,
    server: MailServer,
    private readonly log: { error(o: object, m: string): void },
  ) {
    this.carrier = new Carrier(server);
  }

  /** Says that there is a letter to send. */
  wake = (): void => {
    this.carrying = this.carrier
      .run(this.db, { name: 'Tin Porch' })
      .catch((error: Error) => this.log.error({ err: error }, 'letters could not be carried so far'));
  };
  start(): void {
    this.wake();
    this.timer = setInterval(this.wake, AGAIN_MS).unref();
  }
  /** Ends once the letter that is under way has come to its end. */
  async stop(): Promise<void> {
    clearInterval(this.timer);
    await this.carrying;
    this.carrier.close();
  }
}
