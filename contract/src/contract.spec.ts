import { checkOf } from '@tin-porch/core/check';
import { components, mayAs, openApi, ROLES, routes, type AnyRoute } from './index.js';

interface Described {
  openapi: string;
  paths: Record<
    string,
    Record<string, { parameters?: { name: string; in: string }[]; responses: object; security: object[] }>
  >;
  components: { schemas: Record<string, object> };
}
const document = openApi(routes, '/api') as Described;
const all = Object.entries(routes) as [string, AnyRoute][];

describe('the contract', () => {
  it('describes every route once, with the names in its path, and says who may call it', () => {
    const described = Object.entries(document.paths).flatMap(([path, methods]) =>
      Object.entries(methods).map(([method, o]) => {
        const named = [...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => name);
        expect(o.parameters?.filter((p) => p.in === 'path').map((p) => p.name) ?? [])
          .withContext(path)
          .toEqual(named as string[]);
        return `${method.toUpperCase()} ${path.replace(/\{(\w+)\}/g, ':$1')}`;
      }),
    );
    expect(described.sort()).toEqual(Object.keys(routes).sort());
    const open = all.filter(([, r]) => r.role === 'anybody').map(([key]) => key);
    expect(open.sort()).toEqual([
      'GET /links/:token',
      'GET /session/ways',
      'POST /links/:token',
      'POST /session',
      'POST /session/forgotten',
      'POST /session/passkey',
      'POST /session/passkey/options',
      'POST /session/second',
    ]);
  });

  it('has no schema that cannot be compiled, and none that refers to what is not there', () => {
    for (const [key, r] of all)
      for (const schema of [r.body, r.query, r.answer])
        if (schema)
          expect(() => checkOf({ allOf: [schema], components: { schemas: components } }))
            .withContext(key)
            .not.toThrow();
    const refs = [...JSON.stringify(document).matchAll(/"\$ref":"#\/components\/schemas\/(\w+)"/g)].map(
      ([, name]) => name!,
    );
    expect(refs.length).toBeGreaterThan(3);
    for (const name of refs) expect(Object.keys(document.components.schemas)).toContain(name);
    expect(document.openapi).toBe('3.1.0');
  });

  it('asks more than looking of every route that changes something, but for noting what was paid', () => {
    const bookkeeping = new Set(['PUT /invoices/:invoice/paid']);
    for (const [key, r] of all)
      if (!key.startsWith('GET ') && !/^\w+ \/(session|account|links)/.test(key) && !bookkeeping.has(key))
        expect(r.role)
          .withContext(key)
          .not.toMatch(/^(anybody|accountant)$/);
  });

  it('lets each role do what those below it may, and a helper publish nothing', () => {
    expect(ROLES.map((role) => ROLES.filter((asked) => mayAs(role, asked)).length)).toEqual([1, 2, 3, 4]);
    for (const key of [
      'POST /sites/:id/publish',
      'POST /sites/:id/deploy',
      'PUT /sites/:id/open',
      'PUT /sites/:id/domain',
    ] as const)
      expect(mayAs('helper', routes[key].role as 'designer'))
        .withContext(key)
        .toBeFalse();
  });
});
