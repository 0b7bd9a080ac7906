/** Does something with every server at once. One that has not answered the last time is left alone, and delays nobody. */
export class EachServer {
  private readonly busy = new Set<string>();

  /** Resolves when those that were free have ended. Trouble with one is no trouble of the others, and is thrown away. */
  async run<S extends { name: string }>(servers: readonly S[], work: (server: S) => Promise<void>): Promise<void> {
    const free = servers.filter((s) => !this.busy.has(s.name));
    await Promise.allSettled(
      free.map(async (server) => {
        this.busy.add(server.name);
        try {
          await work(server);
        } finally {
          this.busy.delete(server.name);
        }
      }),
    );
  }
}
