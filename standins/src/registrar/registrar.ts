import { Ajv } from 'ajv';
import express, { type Express, type NextFunction, type Request, type Response } from 'express';
import { faultOf, TYPES, type ZoneRecord } from '../dns/records.js';
import type { Names, Zone } from './names.js';

const ajv = new Ajv();
const registration = {
  type: 'object',
  additionalProperties: false,
  required: ['domain', 'years'],
  properties: {
    domain: { type: 'string', pattern: '^[a-z0-9]([a-z0-9-]{0,61}[a-z0-9])?\\.(example|test)$' },
    years: { type: 'integer', minimum: 1, maximum: 10 },
  },
};
const recordSet = {
  type: 'object',
  additionalProperties: false,
  required: ['records'],
  properties: {
    records: {
      type: 'array',
      maxItems: 100,
      items: {
        type: 'object',
        additionalProperties: false,
        required: ['name', 'type', 'ttl', 'data'],
        properties: {
          name: { type: 'string' },
          type: { type: 'string' },
          ttl: { type: 'integer' },
          data: { type: 'string' },
        },
      },
    },
  },
};
const checkRegistration = ajv.compile(registration);
const checkRecords = ajv.compile(recordSet);

const html = (s: string) => s.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);
const PARKED: ZoneRecord[] = [
  { name: '@', type: 'A', ttl: 120, data: '203.0.113.9' },
  { name: 'www', type: 'CNAME', ttl: 120, data: 'parked.brinegate.example.' },
  { name: '@', type: 'MX', ttl: 3600, data: '10 mail.brinegate.example.' },
];

function fault(res: Response, status: number, title: string, detail = ''): void {
  res
    .status(status)
    .type('application/problem+json')
    .send(JSON.stringify({ type: 'about:blank', title, status, detail }));
}

/**
 * Brinegate Names, a made-up registrar: RDAP (RFC 9083) for anybody, a JSON API for its account holder (described at
 * `/v1/schema`), and a records page for its other customers.
 */
export function registrarApp(names: Names, config: { apiKey: string; origin: string; nameServer: string }): Express {
  const app = express();
  app.disable('x-powered-by');

  app.get('/rdap/domain/:domain', (req, res) => {
    const zone = names.get(req.params.domain.toLowerCase());
    res.type('application/rdap+json');
    if (!zone)
      return void res.status(404).send(
        JSON.stringify({
          rdapConformance: ['rdap_level_0'],
          errorCode: 404,
          title: 'Not registered',
          description: [`${req.params.domain} is free.`],
        }),
      );
    res.send(
      JSON.stringify({
        rdapConformance: ['rdap_level_0'],
        objectClassName: 'domain',
        ldhName: zone.domain,
        status: ['active'],
        events: [
          { eventAction: 'registration', eventDate: zone.registered },
          { eventAction: 'expiration', eventDate: zone.expires },
        ],
        nameservers: [{ objectClassName: 'nameserver', ldhName: config.nameServer }],
        entities: [
          {
            objectClassName: 'entity',
            handle: 'BRINEGATE',
            roles: ['registrar'],
            vcardArray: [
              'vcard',
              [
                ['version', {}, 'text', '4.0'],
                ['fn', {}, 'text', 'Brinegate Names'],
              ],
            ],
            links: [
              {
                rel: 'about',
                type: 'text/html',
                href: `${config.origin}/records/${zone.domain}`,
                value: `${config.origin}/rdap/domain/${zone.domain}`,
              },
            ],
          },
        ],
      }),
    );
  });

  const api = express.Router();
  api.use((req, res, next) =>
    req.headers.authorization === `Bearer ${config.apiKey}` ? next() : fault(res, 401, 'The key is missing or wrong'),
  );
  api.use(express.json({ limit: '200kb' }));
  api.get('/schema', (_req, res) => void res.json({ registration, recordSet }));
  api.get(
    '/domains',
    (_req, res) =>
      void res.json({
        domains: names
          .all()
          .filter((z) => z.holder === 'account')
          .map((z) => ({ domain: z.domain, expires: z.expires })),
      }),
  );
  api.post('/domains', (req, res) => {
    if (!checkRegistration(req.body))
      return fault(res, 400, 'The registration does not fit', ajv.errorsText(checkRegistration.errors));
    const { domain, years } = req.body as { domain: string; years: number };
    if (names.get(domain)) return fault(res, 409, 'The name is taken', `${domain} is registered already.`);
    const zone = names.register(domain, 'account', years, []);
    res.status(201).json({ domain, expires: zone.expires });
  });
  const own = (req: Request, res: Response): Zone | undefined => {
    const zone = names.get(String(req.params['domain']));
    if (!zone) return void fault(res, 404, 'The name is not registered');
    if (zone.holder !== 'account') return void fault(res, 403, 'The name belongs to another customer');
    return zone;
  };
  api.get('/domains/:domain/records', (req, res) => {
    const zone = own(req, res);
    if (zone) res.json({ records: zone.records });
  });
  api.put('/domains/:domain/records', (req, res) => {
    const zone = own(req, res);
    if (!zone) return;
    if (!checkRecords(req.body)) return fault(res, 400, 'The records do not fit', ajv.errorsText(checkRecords.errors));
    const { records } = req.body as { records: ZoneRecord[] };
    const wrong = records.map(faultOf).find((f) => f !== null);
    if (wrong) return fault(res, 400, 'A record cannot be served', wrong);
    names.setRecords(zone, records);
    res.json({ records });
  });
  app.use('/v1', api);

  const page = (title: string, body: string) =>
    `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>${html(title)}</title><style>body{font:16px/1.5 Georgia,serif;max-width:46rem;margin:2rem auto;padding:0 1rem;color:#222}table{border-collapse:collapse;width:100%}td,th{text-align:left;padding:.3rem .4rem;border-bottom:1px solid #ccc}input,select{font:inherit;width:100%;box-sizing:border-box}button{font:inherit;padding:.4rem 1rem}.bad{color:#8b1a1a}</style></head><body><p><a href="/records">Brinegate Names</a></p><h1>${html(title)}</h1>${body}</body></html>`;
  const row = (r: ZoneRecord) =>
    `<tr><td><input name="name" aria-label="Name" value="${html(r.name)}"></td><td><select name="type" aria-label="Type">${TYPES.map((t) => `<option${t === r.type ? ' selected' : ''}>${t}</option>`).join('')}</select></td><td><input name="ttl" aria-label="TTL, seconds" value="${r.ttl}"></td><td><input name="data" aria-label="Value" value="${html(r.data)}"></td></tr>`;
  const editor = (zone: Zone, records: ZoneRecord[], note = '') =>
    page(
      zone.domain,
      `<p>Registered until ${zone.expires.slice(0, 10)}. A line without a value is taken away.</p>${note}<form method="post"><table><tr><th>Name<th>Type<th>TTL, seconds<th>Value</tr>${[...records, ...[1, 2, 3].map(() => ({ name: '', type: 'A', ttl: 120, data: '' }))].map(row).join('')}</table><p><button>Keep these records</button></p></form>`,
    );
  app.get('/records', (_req, res) => {
    res.type('html').send(
      page(
        'Your domains',
        `<ul>${names
          .all()
          .filter((z) => z.holder === 'other')
          .map((z) => `<li><a href="/records/${z.domain}">${z.domain}</a></li>`)
          .join(
            '',
          )}</ul><form method="post"><p><label>Register a name <input name="domain" placeholder="name.example"></label></p><button>Register</button></form>`,
      ),
    );
  });
  app.post('/records', express.urlencoded({ extended: false }), (req, res) => {
    const domain = String((req.body as Record<string, unknown>)['domain'] ?? '')
      .trim()
      .toLowerCase();
    if (!checkRegistration({ domain, years: 1 }) || names.get(domain))
      return void res
        .status(400)
        .type('html')
        .send(
          page('Your domains', `<p class="bad">${html(domain)} is taken or is not a name under .example or .test.</p>`),
        );
    names.register(domain, 'other', 1, PARKED);
    res.redirect(303, `/records/${domain}`);
  });
  app.get('/records/:domain', (req, res) => {
    const zone = names.get(req.params.domain);
    if (!zone) return void res.status(404).type('html').send(page('Not registered', '<p>That name is free.</p>'));
    res.type('html').send(editor(zone, zone.records));
  });
  app.post('/records/:domain', express.urlencoded({ extended: false, limit: '200kb' }), (req, res) => {
    const zone = names.get(req.params['domain']!);
    if (!zone) return void res.status(404).type('html').send(page('Not registered', '<p>That name is free.</p>'));
    const list = (k: string) => ([] as unknown[]).concat((req.body as Record<string, unknown>)[k] ?? []).map(String);
    const [name, type, ttl, data] = [list('name'), list('type'), list('ttl'), list('data')];
    const records = name
      .map((n, i) => ({
        name: n.trim().toLowerCase() || '@',
        type: type[i] ?? '',
        ttl: Number(ttl[i]),
        data: (data[i] ?? '').trim(),
      }))
      .filter((r) => r.data);
    const wrong = records.map(faultOf).find((f) => f !== null);
    if (wrong)
      return void res
        .status(400)
        .type('html')
        .send(editor(zone, records, `<p class="bad">Not kept: ${html(wrong)}.</p>`));
    names.setRecords(zone, records);
    res.redirect(303, `/records/${zone.domain}`);
  });

  app.use((_req, res) => fault(res, 404, 'There is nothing at this address'));
  app.use((error: { status?: number }, _req: Request, res: Response, _next: NextFunction) => {
    fault(res, error.status && error.status < 500 ? error.status : 500, 'The request cannot be read');
  });
  return app;
}
