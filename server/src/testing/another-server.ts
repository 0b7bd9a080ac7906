import { startHost, type RunningHost } from '@tin-porch/host';
import type { SmallWorld } from './small-world.js';

/** A second hosting server, `slip`, beside the one of a small world, which Tin Porch knows of. @param data its folder */
export async function anotherServer(
  { net, servers, config }: SmallWorld,
  data: string,
  databaseUrl: string,
): Promise<RunningHost> {
  const address = `${net}.12`;
  const code = 'another-code-of-24-characters';
  const running = await startHost(
    {
      name: 'slip',
      address,
      httpPort: 8081,
      httpsPort: 8444,
      temporary: { base: 'slip.test', address, port: 8712 },
      control: { address, port: 9012, code },
      data,
      databaseUrl,
      reserveBytes: 0,
      trust: config.trust,
    },
    { error: () => undefined },
  );
  await servers.put([
    {
      name: 'slip',
      address,
      httpPort: 8081,
      httpsPort: 8444,
      temporaryBase: 'slip.test',
      temporaryPort: 8712,
      controlUrl: `https://${address}:9012`,
      code,
    },
  ]);
  return running;
}
