import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { Problem } from '@tin-porch/core/ground';
import type { ServerRow, Servers } from '../servers/servers.js';
import { Strangers } from '../strangers/strangers.js';
import { References } from './reference.js';

describe('pages a client likes', () => {
  const server = createServer((req, res) => {
    if (req.url === '/inward') return void res.writeHead(302, { location: 'http://127.0.0.1:1/' }).end();
    if (req.url === '/round') return void res.writeHead(302, { location: '/round' }).end();
    if (req.url === '/site.css')
      return void res.setHeader('content-type', 'text/css').end('h1{font-family:Georgia,serif}.b{background:#1b6b5a}');
    res.setHeader('content-type', req.url === '/data' ? 'application/json' : 'text/html');
    res.end('<html><head><link rel="stylesheet" href="site.css"></head><body><h1 class="b">A page</h1></body></html>');
  });
  let references: References;
  const strangers = new Strangers();
  let origin = '';
  const no = (address: string) =>
    references.at(address).then(
      () => '',
      (error: Problem) => error.message,
    );
  beforeAll(async () => {
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
    const { port } = server.address() as AddressInfo;
    origin = `http://harbour.quay.localhost:${port}`;
    const rows = [{ temporaryBase: 'quay.localhost', temporaryPort: port }] as ServerRow[];
    references = new References({ all: () => Promise.resolve(rows) } as unknown as Servers, [], strangers);
  });
  afterAll(async () => {
    await strangers.close();
    await new Promise((done) => server.close(done));
  });

  it('are read with their stylesheets', async () => {
    const found = await references.at(`${origin}/`);
    expect([found.colours, found.heading.kind]).toEqual([['#1b6b5a'], 'serif']);
  });
  it('are not fetched where an address leads inward, at once or by a redirect', async () => {
    for (const address of [
      'http://127.0.0.1:9/',
      'http://[::1]/',
      'http://10.1.2.3/',
      'http://169.254.169.254/latest',
      'http://localhost:1/',
      'http://[::127.0.0.1]/',
      'http://[2002:7f00:1::]/',
      'http://[64:ff9b:1::7f00:1]/',
      'http://[64:ff9b::a00:1]/',
      'http://[fec0::1]/',
      'http://[::ffff:127.0.0.1]/',
      'http://0x7f.1/',
      'http://2130706433/',
      `${origin}/inward`,
    ])
      expect(await no(address))
        .withContext(address)
        .toMatch(/inward/);
  });
  it('say why they cannot be read', async () => {
    expect(await no(`${origin}/round`)).toMatch(/on and on/);
    expect(await no(`${origin}/data`)).toMatch(/no page/);
    expect(await no('file:///etc/passwd')).toMatch(/neither http nor https/);
    expect(await no('http://')).toMatch(/no address/);
  });
});
