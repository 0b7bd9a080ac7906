import fc from 'fast-check';
import { letThrough, maySend, planMailRecords, senderAt, type MailSender } from './mail.js';
import type { PlainRecord } from './names.js';

const DOMAIN = 'yard.example';
const sender: MailSender = {
  mechanism: 'ip4:203.0.113.7',
  selector: 'quay',
  key: 'MIIBIjANBg',
  from: 'post@quay.example',
  now: null,
};
const record = (name: string, type: string, data: string): PlainRecord => ({ name, type, ttl: 300, data });
const txt = (name: string, ...strings: string[]) => record(name, 'TXT', strings.map((s) => `"${s}"`).join(' '));
const KEY = txt('quay._domainkey.yard.example', 'v=DKIM1; k=rsa; p=MIIBIjANBg');
const plan = (...seen: PlainRecord[]) => planMailRecords(DOMAIN, sender, seen);
const verdicts = (...seen: PlainRecord[]) => plan(...seen).map((r) => r.verdict);
const spfOf = (...seen: PlainRecord[]) => plan(...seen)[0]!.should;

/** What an SPF record says of one server: whether a mechanism before its end lets it through, and how it ends. */
function says(text: string, mechanism: string): string {
  for (const term of text.split(/\s+/).slice(1)) {
    if (term.replace(/^\+/, '').toLowerCase() === mechanism.toLowerCase()) return 'pass';
    if (/^[+?~-]?all$/i.test(term) || term.startsWith('redirect=')) return term;
  }
  return 'none';
}

describe('what a domain says of its mail', () => {
  it('gets what is missing, and nothing that shuts out who sends its mail today', () => {
    expect(plan().map((r) => [r.label, r.type, r.verdict, r.should])).toEqual([
      ['@', 'TXT', 'change', '"v=spf1 ip4:203.0.113.7 ?all"'],
      ['quay._domainkey', 'TXT', 'change', '"v=DKIM1; k=rsa; p=MIIBIjANBg"'],
      ['_dmarc', 'TXT', 'change', '"v=DMARC1; p=none"'],
    ]);
    // Where mail comes in, whoever takes it in sends some.
    expect(spfOf(record(DOMAIN, 'MX', '10 mx.elsewhere.example.'))).toBe('"v=spf1 mx ip4:203.0.113.7 ?all"');
    // What proves other things stands beside it, and is not it.
    expect(plan(txt(DOMAIN, 'library-proof=77'), txt(DOMAIN, 'v=spf10 no'))[0]!.now).toEqual([]);
  });

  it('keeps what an SPF record says of others, whatever it is', () => {
    const other = fc.constantFrom(
      'mx',
      'a',
      'ip4:198.51.100.0/24',
      'include:_spf.post.example',
      '-ip4:192.0.2.9',
      '~a:old.example',
      'exists:%{i}.x.example',
    );
    const end = fc.constantFrom('-all', '~all', '?all', '+all', 'all', 'redirect=_spf.post.example', '');
    fc.assert(
      fc.property(fc.uniqueArray(other, { maxLength: 6 }), end, (terms, last) => {
        const before = ['v=spf1', ...terms, last].filter(Boolean).join(' ');
        const after = letThrough(before, sender.mechanism);
        expect(says(after, sender.mechanism)).toBe('pass');
        expect(
          after
            .split(' ')
            .filter((t) => t !== sender.mechanism)
            .join(' '),
        ).toBe(before);
        // Once more changes nothing.
        expect(letThrough(after, sender.mechanism)).toBe(after);
        expect(verdicts(txt(DOMAIN, after))[0]).toBe('right');
      }),
    );
  });

  it('reads a record in several strings, in capitals, and lets nothing stand after its end', () => {
    expect(verdicts(txt(DOMAIN, 'V=SPF1 mx ip4:203', '.0.113.7 -all'))[0]).toBe('right');
    expect(letThrough('v=spf1 mx -all ip4:203.0.113.7', sender.mechanism)).toBe(
      'v=spf1 mx ip4:203.0.113.7 -all ip4:203.0.113.7',
    );
  });

  it('makes one of two, with the end that judges least', () => {
    const [spf] = plan(txt(DOMAIN, 'v=spf1 mx -all'), txt(DOMAIN, 'v=spf1 a mx ~all'));
    expect([spf!.verdict, spf!.should]).toEqual(['clash', '"v=spf1 mx a ip4:203.0.113.7 ~all"']);
    expect(spf!.note).toContain('count as none');
  });

  it('knows its key by what is in it, and another key for what it is', () => {
    expect(verdicts(KEY)[1]).toBe('right');
    expect(verdicts(txt('QUAY._domainkey.yard.example.', 'k=rsa;p=MIIB', 'IjANBg; t=s'))[1]).toBe('right');
    expect(verdicts(txt('quay._domainkey.yard.example', 'v=DKIM1; p=MIIBother'))[1]).toBe('change');
    expect(verdicts(txt('quay._domainkey.yard.example', 'v=DKIM1; p='))[1]).toBe('change');
    expect(verdicts(KEY, KEY)[1]).toBe('change');
  });

  it('leaves a DMARC record as it is', () => {
    for (const policy of ['none', 'quarantine', 'reject'])
      expect(plan(txt('_dmarc.yard.example', `v=DMARC1; p=${policy}; rua=mailto:d@yard.example`))[2]).toEqual(
        jasmine.objectContaining({ verdict: 'leave', should: null }),
      );
    const two = txt('_dmarc.yard.example', 'v=DMARC1; p=none');
    expect(verdicts(two, two)[2]).toBe('clash');
  });

  it('lets letters come from it once both that matter are there, and from the address of the business', () => {
    const spf = txt(DOMAIN, 'v=spf1 mx ip4:203.0.113.7 -all');
    expect(maySend(DOMAIN, sender, [])).toBeFalse();
    expect(maySend(DOMAIN, sender, [spf])).toBeFalse();
    expect(maySend(DOMAIN, sender, [KEY])).toBeFalse();
    expect(maySend(DOMAIN, sender, [spf, KEY])).toBeTrue();
    expect(maySend(DOMAIN, sender, [spf, spf, KEY])).toBeFalse();
    expect(senderAt(DOMAIN, 'Yard@Yard.example ')).toBe('yard@yard.example');
    for (const other of ['', 'yard@other.example', 'a b@yard.example', '"x"@yard.example', 'yard@not-yard.example'])
      expect(senderAt(DOMAIN, other)).withContext(other).toBe('post@yard.example');
  });
});
