import { planRecords, readDomain, zoneLines } from './names.js';

describe('domains', () => {
  it('are read as people type them', () => {
    for (const typed of ['name.example', ' HTTPS://www.Name.example/about?x#y', 'name.example.', 'name.example:8080'])
      expect(readDomain(typed)).toEqual({ domain: 'name.example' });
    expect(readDomain('bücher.example')).toEqual({ domain: 'xn--bcher-kva.example' });
  });

  it('are refused in words', () => {
    for (const bad of [
      '',
      'name',
      '127.0.0.1',
      'a b.example',
      '-x.example',
      'x_y.example',
      `${'a'.repeat(64)}.example`,
      'x.localhost',
      'http://[::1]/',
    ])
      expect('error' in readDomain(bad))
        .withContext(bad)
        .toBeTrue();
  });

  it('get a plan of records that leaves mail alone and names what stands in the way', () => {
    const seen = [
      { name: 'name.example', type: 'A', ttl: 60, data: '203.0.113.9' },
      { name: 'name.example', type: 'AAAA', ttl: 60, data: '2001:db8::1' },
      { name: 'name.example', type: 'MX', ttl: 60, data: '10 mail.example.' },
      { name: 'name.example', type: 'CAA', ttl: 60, data: '0 issue "other.example"' },
      { name: 'www.name.example', type: 'CNAME', ttl: 60, data: 'Name.example.' },
    ];
    const plan = planRecords('name.example', '127.0.0.11', seen, 'ours.example');
    expect(plan.map((r) => `${r.label} ${r.type} ${r.verdict}`)).toEqual([
      '@ A change',
      'www CNAME right',
      '@ AAAA clash',
      '@ MX leave',
      '@ CAA clash',
    ]);
  });

  it('are written as lines of a zone file, a long text in strings that are read as one', () => {
    const line = (type: string, should: string | null, verdict: 'change' | 'right' | 'clash' = 'change') => ({
      label: '@',
      type,
      now: [],
      should,
      verdict,
      note: '',
    });
    expect(zoneLines([line('A', '127.0.0.11'), line('MX', null), line('TXT', '"v=1"', 'right')])).toBe(
      '@\t300\tIN\tA\t127.0.0.11',
    );
    const key = 'k'.repeat(600);
    const [, data] = /TXT\t(.*)$/.exec(zoneLines([line('TXT', `"${key}"`, 'clash')]))!;
    const strings = data!.match(/"[^"]*"/g)!;
    expect(strings.every((s) => s.length <= 257)).toBeTrue();
    expect(strings.map((s) => s.slice(1, -1)).join('')).toBe(key);
  });
});
