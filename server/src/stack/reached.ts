import { connect } from 'node:net';

/** Resolves once something listens at an address. Asked again every 50 ms. */
export async function reached(address: string, port: number): Promise<void> {
  for (;;) {
    const there = await new Promise<boolean>((done) => {
      const socket = connect({ host: address, port });
      socket.once('connect', () => done(true)).once('error', () => done(false));
      socket.once('connect', () => socket.destroy());
    });
    if (there) return;
    await new Promise((done) => setTimeout(done, 50));
  }
}
