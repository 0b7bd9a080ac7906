import { fetch, type Agent, type BodyInit } from 'undici';
import { agentFor, newIdentity, pairWith, type Identity } from '@tin-porch/sign-in/pairing';

/** Somebody who looks after a server, as Tin Porch does: paired with it at the first call. */
export class Paired {
  private connections: Agent | null = null;
  private own: Identity | null = null;

  constructor(
    private readonly url: string,
    private readonly code: string,
  ) {}

  /** Pairs, and is let in from then on. @throws NotPaired */
  async pair(): Promise<void> {
    this.own ??= await newIdentity('A test');
    const certificate = await pairWith(this.url, this.code, this.own);
    await this.connections?.close();
    this.connections = agentFor(this.own, certificate);
  }

  /** Asks something of the control API. What was not answered in JSON has an empty body. */
  async ask(method: string, path: string, body?: unknown): Promise<{ status: number; body: Record<string, never> }> {
    if (!this.connections) await this.pair();
    const raw = body instanceof Uint8Array;
    const response = await fetch(`${this.url}/v1${path}`, {
      method,
      headers: !raw && body !== undefined ? { 'content-type': 'application/json' } : {},
      body: raw ? (body as BodyInit) : body === undefined ? null : JSON.stringify(body),
      dispatcher: this.connections!,
    });
    return { status: response.status, body: (await response.json().catch(() => ({}))) as Record<string, never> };
  }

  async end(): Promise<void> {
    await this.connections?.destroy();
    this.connections = null;
  }
}
