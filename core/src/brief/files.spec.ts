import { demoFacts } from '../fixtures/facts.js';
import { readText } from './reading/read-text.js';
import { FileError, textOfCsv, textOfFile, textOfHtml, textOfVcard } from './files.js';
import { compareListing } from './listing.js';
import { servicesCsv, vcardOf } from './sheet-files.js';

const page = `<!doctype html><html><head><title>Wren Clocks – mended in Saltmarrow</title><meta name="description" content="We mend clocks.">
<script>var x = "Call 01632 960 999";</script><style>p{color:red}</style>
<script type="application/ld+json">{"@type":"Store","name":"Wren Clocks","telephone":"01632 960 114","address":{"streetAddress":"4 Dial Passage","addressLocality":"Saltmarrow","postalCode":"SM1 1PB"},"openingHours":["Mo-Fr 09:00-17:00"]}</script></head>
<body><nav><ul><li><a href="/">Home</a></li></ul></nav><h1>Wren Clocks</h1><p>We mend <b>longcase clocks</b> &amp; barometers since 1961.</p>
<h2>Services</h2><ul><li>Longcase clocks, from £240</li><li>Barometers</li></ul><a href="mailto:bench@wren.example?subject=Hi">Write</a></body></html>`;

describe('files a brief comes in', () => {
  it('takes from a page what somebody wrote in a comment, and nothing a shop shows beside it', () => {
    const said = textOfHtml(
      page.replace(
        '</body></html>',
        '<aside><h3>Recently viewed</h3><p>Picnic hamper £38</p></aside><footer>© 2019 Wren Clocks</footer></body></html><!-- if (x) { go(); } --><!-- Hello, Nell here. We would like a page of the clocks that went home, and please no cookies at all. -->',
      ),
    );
    expect(said).toContain('We would like a page of the clocks that went home');
    expect(said).not.toContain('go()');
    expect(said).not.toContain('hamper');
    expect(said).toContain('© 2019');
    expect(readText(said).told.filter((t) => t.kind === 'wish').length).toBe(1);
  });

  it('a saved page gives its facts, without its scripts', () => {
    const text = textOfHtml(page);
    expect(text).not.toContain('960 999');
    const { facts } = readText(text);
    expect(facts.name).toBe('Wren Clocks');
    expect(facts.phone).toBe('01632 960 114');
    expect(facts.mail).toBe('bench@wren.example');
    expect(facts.address).toContain('4 Dial Passage');
    expect(facts.hours).toBe('Monday to Friday 9.00–17.00');
    expect(facts.founded).toBe('1961');
    expect(facts.services.find((s) => s.name === 'Longcase clocks')?.price).toBe('from £240');
  });

  it('a card gives name, number, mail and address, and what is written out comes back the same', () => {
    const { facts } = readText(textOfVcard(vcardOf(demoFacts)));
    expect([facts.name, facts.mail]).toEqual([demoFacts.name, demoFacts.mail]);
    expect(facts.phone.replace(/\D/g, '')).toBe(demoFacts.phone.replace(/\D/g, ''));
    expect(facts.address).toContain('Quay Lane');
    for (const line of vcardOf({ ...demoFacts, strapline: 'é'.repeat(120) }).split('\r\n'))
      expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
  });

  it('a table gives services with prices, or hours', () => {
    expect(
      readText(
        textOfCsv('Service;Price;Description\r\n"Doors; oak";680;Made to the opening\r\nStairs;;'),
      ).facts.services.map((s) => [s.name, s.price, s.detail]),
    ).toEqual([
      ['Doors; oak', '£680', 'Made to the opening'],
      ['Stairs', '', ''],
    ]);
    expect(readText(textOfCsv('day,opens,closes\nMonday,9:00,17:00\nTuesday,9:00,17:00')).facts.hours).toBe(
      'Monday 9.00–17.00\nTuesday 9.00–17.00'.replace('Monday 9.00–17.00\nTuesday', 'Monday and Tuesday'),
    );
    expect(readText(textOfCsv(servicesCsv(demoFacts))).facts.services.map((s) => [s.name, s.price])).toEqual(
      demoFacts.services.map((s) => [s.name, s.price]),
    );
    expect(
      servicesCsv({ ...demoFacts, services: [{ id: 'v1', name: '=HYPERLINK("x")', detail: '', price: '' }] }),
    ).toContain(`'=HYPERLINK`);
  });

  it('what is no text is refused in words, and what is only text is left alone', () => {
    expect(() => textOfFile('logo.png', '\u0089PNG\u0000\u0001')).toThrowError(FileError, /logo\.png/);
    expect(() => textOfFile('empty.txt', '  ')).toThrowError(FileError);
    expect(textOfFile('notes.txt', 'a < b')).toBe('a < b');
    for (const odd of [
      '<html>',
      '<!doctype html><div'.repeat(300),
      '<html><script type="application/ld+json">{oops</script>',
    ])
      expect(() => textOfFile('x.html', odd)).not.toThrow();
  });
});

describe('comparing with a listing elsewhere', () => {
  const verdicts = (listing: string) =>
    Object.fromEntries(compareListing(demoFacts, listing).map((c) => [c.field, c.verdict]));
  it('takes other ways of writing for the same', () => {
    expect(
      verdicts(
        'HOLLIS AND WREN BOATWORKS\nOld Slip, Quay Ln, Saltmarrow, SM4 2QD\nTel +44 1632 960114\nYARD@hollisandwren.example\nMon-Fri: 8am to 5pm',
      ),
    ).toEqual({ name: 'same', phone: 'same', mail: 'same', address: 'same', hours: 'same' });
  });
  it('names what differs, and what the listing leaves out', () => {
    const rows = compareListing(demoFacts, 'Hollis & Wren Boatworks, 01632 960 999. Open Mon-Thu 8-5, Fri 8-4.');
    expect(rows.map((r) => r.verdict)).toEqual(['same', 'differs', 'missing', 'missing', 'differs']);
    expect(rows.at(-1)!.note).toBe('Friday: the facts say 08:00–17:00, they say 08:00–16:00.');
  });
  it('does not say “closed” of hours it cannot read', () => {
    const hours = compareListing({ ...demoFacts, hours: 'Whenever the tide allows' }, 'Open Mon-Fri 9-5').at(-1)!;
    expect([hours.verdict, hours.note]).toEqual(['differs', 'The hours in the facts could not be read as times.']);
  });
});
