import { inject, Injectable, signal } from '@angular/core';
import { firstValueFrom } from 'rxjs';
import { DeskApi, refusalOf } from './desk-api';
import type { Here } from './model';
import { showPasskey } from './passkeys';
import { Wording } from './words/words';

/** Who is here, and at whose desk. */
@Injectable({ providedIn: 'root' })
export class Session {
  private readonly api = inject(DeskApi);
  private readonly wording = inject(Wording);
  readonly here = signal<Here | null>(null);
  readonly unread = signal(0);
  /** What stands between the person and the desk; empty where nothing does. */
  readonly fault = signal('');
  readonly asking = signal(true);

  /** Comes in: by the link in the address where there is one, else by what is left of the last time. */
  async begin(): Promise<void> {
    const link = /^#link=([\w-]{43})$/.exec(location.hash)?.[1];
    // A link is good once: what is in the address is no more than paper after that.
    if (link) history.replaceState(null, '', location.pathname);
    try {
      if (link) await firstValueFrom(this.api.post('/follow', { link }));
    } catch (error) {
      if (refusalOf(error).status === 401) this.fault.set(this.wording.words().linkBad);
    }
    await this.load();
  }

  /** Asks who is here. */
  async load(): Promise<void> {
    this.asking.set(true);
    try {
      const here = await firstValueFrom(this.api.get<Here>('/here'));
      this.here.set(here);
      this.unread.set(here.unread);
      this.wording.tag.set(here.site.language);
      document.documentElement.lang = here.site.language;
      document.title = here.site.name;
      this.api.ended.set(false);
      this.fault.set('');
    } catch (error) {
      const refused = refusalOf(error);
      if (refused.status === 401) this.here.set(null);
      else this.fault.set(refused.status === 0 ? this.wording.words().away : refused.message);
    } finally {
      this.asking.set(false);
    }
  }

  /** Signs in by password; gives a ticket where a code is asked for besides. @throws Refused */
  async signIn(mail: string, password: string): Promise<string | null> {
    const asked = await firstValueFrom(this.api.post<{ ticket: string } | null>('/sign-in', { mail, password }));
    if (asked) return asked.ticket;
    await this.load();
    return null;
  }
  /** Goes on with a ticket and a code. @throws Refused */
  async withCode(ticket: string, code: string): Promise<void> {
    await firstValueFrom(this.api.post('/sign-in/code', { ticket, code }));
    await this.load();
  }
  /** Signs in by a passkey alone. @throws Refused or NoPasskey */
  async withPasskey(): Promise<void> {
    const { ticket, options } = await firstValueFrom(
      this.api.post<{ ticket: string; options: unknown }>('/sign-in/passkey/options', {}),
    );
    const response = await showPasskey(options);
    await firstValueFrom(this.api.post('/sign-in/passkey', { ticket, response }));
    await this.load();
  }
  async signOut(): Promise<void> {
    await firstValueFrom(this.api.post('/sign-out', {}));
    this.here.set(null);
    this.api.ended.set(true);
  }
}
