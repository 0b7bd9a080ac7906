import { Secret, TOTP } from 'otpauth';
import { deploySteps } from '../deploy/deploy.js';
import { DeskClient, type Answered } from '../demo/desk-client.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';

const PASSWORD = 'a boat under oak';
const MAIL = 'ada@gant.example';

describe('what somebody signs in with at the desk', () => {
  let world: SmallWorld;
  let gant: string;
  let pell: string;
  let ada: DeskClient;
  const somebody = (site: string) =>
    new DeskClient({ address: `${world.net}.11`, port: 8712, host: `${site}.quay.test` });
  const invited = async (site: string, name: string, mail: string) => {
    const who = { name, mail, role: 'publish' as const, by: 'Ines', origin: 'http://x.example' };
    return (await world.quay()).client.invite(site, who);
  };
  const json = <T>(a: Answered) => JSON.parse(a.body) as T;
  const ticketOf = (a: Answered) => json<{ ticket: string }>(a).ticket;
  const password = (at = somebody(gant)) => at.api('POST', '/sign-in', { mail: MAIL, password: PASSWORD });
  const second = (ticket: string, code: string, at = somebody(gant)) =>
    at.api('POST', '/sign-in/code', { ticket, code });
  const forgetTries = () => world.hostDb(gant, 'delete from sign_in_try');
  let secret = '';
  /** A code of that many half minutes from now: each is good once. */
  const codeOf = (halves = 0) =>
    new TOTP({ secret: Secret.fromBase32(secret) }).generate({ timestamp: Date.now() + halves * 30_000 });
  let spare: string[] = [];

  beforeAll(async () => {
    world = await smallWorld();
    [gant, pell] = [await world.site('Gant & Sons'), await world.site('Pell & Daughter')];
    for (const site of [gant, pell]) {
      await world.sites.setOpen(site, true);
      expect((await world.run(site, (work) => deploySteps(work, world))).error).toBeNull();
    }
    ada = somebody(gant);
    await ada.follow((await invited(gant, 'Ada', MAIL)).token);
    expect((await ada.api('PUT', '/password', { password: PASSWORD })).status).toBe(204);
  });
  afterAll(() => world.end());

  it('is a password alone until a first code was given', async () => {
    const begun = json<{ secret: string; uri: string; svg: string }>(await ada.api('POST', '/codes', {}));
    ({ secret } = begun);
    expect(begun.uri).toMatch(/^otpauth:\/\/totp\/Gant.*ada%40gant\.example/);
    expect(begun.svg).toContain('<svg');
    expect((await ada.api('PUT', '/codes', { code: '000000' })).status).toBe(422);
    expect((await password()).status).toBe(204);
    const on = await ada.api('PUT', '/codes', { code: codeOf(-1) });
    expect(on.status).toBe(200);
    spare = json<{ recovery: string[] }>(on).recovery;
    expect(new Set(spare).size).toBe(10);
    expect((await ada.api('POST', '/codes', {})).status).toBe(409);
    expect(await ada.read('/factors')).toEqual({ codes: true, recoveryLeft: 10, passkeys: [], passkeysHere: true });
  });

  it('asks for a code after the right password, takes each once, and opens nothing before that', async () => {
    const asked = await password();
    expect(asked.status).toBe(200);
    expect(asked.headers['set-cookie']).toBeUndefined();
    const ticket = ticketOf(asked);
    const outside = somebody(gant);
    outside.cookie = `desk=${ticket}`;
    expect((await outside.api('GET', '/here')).status).toBe(401);
    expect((await second(ticket, '123 45')).status).toBe(401);
    const code = codeOf();
    const came = await second(ticket, `${code.slice(0, 3)} ${code.slice(3)}`);
    expect(came.status).toBe(204);
    expect(String(came.headers['set-cookie'])).toMatch(/^desk=[\w-]{43}; Path=\/-\/desk;.*HttpOnly; SameSite=Strict/);
    // The ticket is used up, and so is the code.
    expect((await second(ticket, codeOf(1))).status).toBe(401);
    expect((await second(ticketOf(await password()), code)).status).toBe(401);
    const typed = ` ${spare[3]!.toUpperCase().replaceAll('-', ' ')} `;
    expect((await second(ticketOf(await password()), typed)).status).toBe(204);
    expect((await second(ticketOf(await password()), typed)).status).toBe(401);
    expect(await ada.read('/factors')).toEqual(jasmine.objectContaining({ recoveryLeft: 9 }));
  });

  it('lets nobody guess on, and a ticket of one site opens nothing at another', async () => {
    await forgetTries();
    const ticket = ticketOf(await password());
    expect((await second(ticket, codeOf(1), somebody(pell))).status).toBe(401);
    for (let n = 0; n < 5; n++) expect((await second(ticket, '000000')).status).toBe(401);
    // However long that took: the last of them was just now.
    await world.hostDb(gant, `update sign_in_try set at = clock_timestamp() + interval '10 minutes'`);
    expect((await second(ticket, codeOf(1))).status).toBe(429);
    expect((await second(ticketOf(await password()), spare[4]!)).status).toBe(429);
    await forgetTries();
    // A wrong password says no more than it did, whether codes are asked for or not.
    const wrong = await somebody(gant).api('POST', '/sign-in', { mail: MAIL, password: 'not a boat at all' });
    const nobody = await somebody(gant).api('POST', '/sign-in', { mail: 'no@gant.example', password: 'not a boat' });
    expect([wrong.status, json<{ title: string }>(wrong).title]).toEqual([
      nobody.status,
      json<{ title: string }>(nobody).title,
    ]);
    // Tickets are over in minutes.
    const old = ticketOf(await password());
    await world.hostDb(gant, `update sign_in_ticket set ends_at = now() - interval '1 second'`);
    const late = await second(old, spare[5]!);
    expect([late.status, json<{ title: string }>(late).title]).toEqual([401, 'That took too long']);
  });

  it('is not asked for beside a link, by which somebody without their phone comes in and turns codes off', async () => {
    const { token: link } = await (await world.quay()).client.linkFor(gant, await idOf('Ada'), 'Ines');
    const again = somebody(gant);
    await again.follow(link);
    expect((await again.api('DELETE', '/codes')).status).toBe(204);
    expect((await password()).status).toBe(204);
    expect((await second(ticketOfNone, spare[6]!)).status).toBe(401);
    const { log } = await (await world.quay()).client.desk(gant);
    expect(log.map((l) => l.what)).toContain('Turned one-time codes off');
  });
  const ticketOfNone = 'x'.repeat(43);
  const idOf = async (name: string) =>
    (await (await world.quay()).client.desk(gant)).people.find((p) => p.name === name)!.id;

  it('is a passkey bound to the name of the site; one that is made up is none, and a designer has none', async () => {
    expect(await somebody(gant).read('/ways')).toEqual({ mail: true, passkeys: false });
    const offer = json<{ ticket: string; options: { rp: { id: string; name: string }; user: { name: string } } }>(
      await ada.api('POST', '/passkeys/options', {}),
    );
    expect([offer.options.rp.id, offer.options.rp.name, offer.options.user.name]).toEqual([
      `${gant}.quay.test`,
      'Gant & Sons',
      MAIL,
    ]);
    const forged = {
      id: 'x',
      rawId: 'x',
      type: 'public-key',
      clientExtensionResults: {},
      response: { clientDataJSON: '', attestationObject: '' },
    };
    const keep = () => ada.api('POST', '/passkeys', { ticket: offer.ticket, name: 'Phone', response: forged });
    expect((await keep()).status).toBe(422);
    expect((await keep()).status).toBe(401);
    const asked = json<{ ticket: string }>(await somebody(gant).api('POST', '/sign-in/passkey/options', {}));
    const show = (at: DeskClient) =>
      at.api('POST', '/sign-in/passkey', { ticket: asked.ticket, response: { ...forged, id: 7 } });
    expect((await show(somebody(pell))).status).toBe(401);
    expect((await show(somebody(gant))).status).toBe(401);
    for (const id of ['none', '00000000-0000-4000-8000-000000000000'])
      expect((await ada.api('DELETE', `/passkeys/${id}`)).status).toBe(404);
    // By a bare address there is no name to bind one to.
    const bare = new DeskClient({ address: `${world.net}.11`, port: 8712, host: `${gant}.quay.test` });
    bare.cookie = ada.cookie;
    const answer = await bare.call('POST', '/-/desk/api/passkeys/options', {}, { host: `${world.net}.11` });
    expect(answer.status).not.toBe(200);
    const ines = somebody(gant);
    await ines.follow((await (await world.quay()).client.deskLink(gant, 'Ines', null)).token);
    for (const [method, path] of [
      ['GET', '/factors'],
      ['POST', '/codes'],
      ['DELETE', '/codes'],
      ['POST', '/passkeys/options'],
    ] as const)
      expect((await ines.api(method, path, method === 'POST' ? {} : undefined)).status)
        .withContext(path)
        .toBe(403);
  });

  it('goes with whoever is let in no more', async () => {
    const { id, token } = await invited(gant, 'Bo', 'bo@gant.example');
    const bo = somebody(gant);
    await bo.follow(token);
    await bo.api('POST', '/passkeys/options', {});
    await (await world.quay()).client.removePerson(gant, id, 'Ines');
    expect((await bo.api('GET', '/factors')).status).toBe(401);
    const left = await world.hostDb(gant, `select 1 from sign_in_ticket where person = '${id}'`);
    expect(left.rowCount).toBe(0);
  });
});
