import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { AnyRoute } from '@tin-porch/contract';
import { Problem } from '@tin-porch/core/ground';
import { Type } from '@sinclair/typebox';
import express, { type NextFunction, type Request, type Response } from 'express';
import { serve } from './serve.js';

const object = <P extends Parameters<typeof Type.Object>[0]>(p: P) => Type.Object(p, { additionalProperties: false });
const route = (over: Partial<AnyRoute>): AnyRoute => ({
  says: '',
  role: 'accountant',
  body: undefined,
  query: undefined,
  answer: undefined,
  status: 200,
  ...over,
});
const routes = {
  'GET /ropes/:rope': route({
    query: object({ long: Type.Optional(Type.String({ maxLength: 3 })) }),
    answer: object({ rope: Type.String(), at: Type.String(), long: Type.Optional(Type.String()) }),
  }),
  'POST /ropes': route({
    role: 'designer',
    body: object({ name: Type.String({ minLength: 1 }) }),
    status: 201,
    answer: object({ id: Type.Integer() }),
  }),
  'DELETE /ropes/:rope': route({ role: 'owner', status: 204 }),
  'GET /open': route({ role: 'anybody', answer: object({ who: Type.String() }) }),
  'POST /bytes': route({
    role: 'helper',
    takes: 'application/octet-stream',
    answer: object({ bytes: Type.Integer() }),
  }),
};

describe('serving a route of the contract', () => {
  let server: Server;
  let url: string;
  let wrong = false;
  let role: string | null = 'designer';
  const noted: unknown[] = [];
  beforeAll(async () => {
    const app = express();
    app.use(express.json());
    const designer = () => ({
      id: 'a',
      mail: 'i@t.example',
      name: 'Ines',
      role,
      organisation: 'o',
      organisationName: 'Tarrant',
    });
    serve(
      app,
      {
        accounts: {
          session: () => Promise.resolve(role ? { designer: designer(), csrf: 'right' } : undefined),
        } as never,
        audit: { write: (...line: unknown[]) => Promise.resolve(void noted.push(line)) } as never,
        checkAnswers: true,
      },
      routes,
      {
        'GET /ropes/:rope': ({ params, query }) =>
          (wrong ? { rope: 7 } : { rope: params['rope'], at: new Date(0), ...query }) as never,
        'POST /ropes': async ({ me, note }) => {
          await note(`by ${me.name}`);
          return { id: 3 } as never;
        },
        'DELETE /ropes/:rope': async ({ note }) => note('Gone') as never,
        'GET /open': ({ me }) => ({ who: me.name }) as never,
        'POST /bytes': ({ req }) => ({ bytes: (req.body as Buffer).length }) as never,
      },
    );
    app.use((error: Error, _req: Request, res: Response, _next: NextFunction) => {
      res.status(error instanceof Problem ? error.status : 500).json({ says: error.message });
    });
    server = createServer(app);
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
    url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  });
  afterAll(() => new Promise((done) => server.close(done)));
  beforeEach(() => {
    wrong = false;
    role = 'designer';
    noted.length = 0;
  });
  const call = async (method: string, path: string, body?: unknown, token = 'right') => {
    const response = await fetch(url + path, {
      method,
      headers: { 'x-porch-token': token, 'content-type': 'application/json' },
      body: body === undefined ? null : JSON.stringify(body),
    });
    const text = await response.text();
    return {
      status: response.status,
      body: (text ? JSON.parse(text) : null) as { says?: string } & Record<string, unknown>,
    };
  };

  it('answers what its handler gives, times as text', async () => {
    expect(await call('GET', '/ropes/hemp?long=9m')).toEqual({
      status: 200,
      body: { rope: 'hemp', at: '1970-01-01T00:00:00.000Z', long: '9m' },
    });
    expect((await call('POST', '/ropes', { name: 'Hemp' })).status).toBe(201);
  });

  it('refuses what the contract does not take, and says what of it', async () => {
    for (const body of [{}, { name: '' }, { name: 'x', more: 1 }, { name: 7 }]) {
      const no = await call('POST', '/ropes', body);
      expect(no.status).withContext(JSON.stringify(body)).toBe(400);
      expect(no.body.says).toContain('body');
    }
    expect((await call('GET', '/ropes/hemp?long=1000')).status).toBe(400);
    expect((await call('GET', '/ropes/hemp?wide=1')).status).toBe(400);
  });

  it('asks for a session, its token where something is changed, and the role', async () => {
    role = null;
    expect((await call('GET', '/ropes/hemp')).status).toBe(401);
    role = 'designer';
    expect((await call('POST', '/ropes', { name: 'x' }, 'wrong')).status).toBe(403);
    expect((await call('GET', '/ropes/hemp', undefined, 'wrong')).status).toBe(200);
    role = 'helper';
    const no = await call('POST', '/ropes', { name: 'x' });
    expect([no.status, no.body.says]).toEqual([
      403,
      jasmine.stringMatching(/designers and owners of Tarrant/) as never,
    ]);
    role = 'owner';
    expect((await call('DELETE', '/ropes/hemp')).status).toBe(204);
  });

  it('has nobody signed in where nobody need be', async () => {
    expect((await call('GET', '/open')).status).toBe(401);
  });

  it('reads bytes of nobody who may not send any', async () => {
    const send = (token: string) =>
      fetch(`${url}/bytes`, {
        method: 'POST',
        headers: { 'x-porch-token': token, 'content-type': 'application/octet-stream' },
        body: new Uint8Array(5000),
      });
    expect(await (await send('right')).json()).toEqual({ bytes: 5000 });
    expect((await send('wrong')).status).toBe(403);
    role = null;
    expect((await send('right')).status).toBe(401);
  });

  it('sends no answer that is otherwise than the contract says, where answers are looked at', async () => {
    wrong = true;
    const no = await call('GET', '/ropes/hemp');
    expect([no.status, no.body.says]).toEqual([500, jasmine.stringMatching(/otherwise than the contract/) as never]);
  });

  it('writes down who did what', async () => {
    await call('POST', '/ropes', { name: 'Hemp' });
    expect(noted).toEqual([[jasmine.objectContaining({ name: 'Ines' }) as never, 'by Ines', null]]);
  });
});
