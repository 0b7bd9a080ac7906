import { judge, type RoundEvidence } from './findings.js';

const well: RoundEvidence = {
  domain: 'name.example',
  address: '127.0.0.11',
  resolved: ['127.0.0.11'],
  certificate: { notAfter: '2027-01-30T00:00:00Z', issuer: 'A', names: ['name.example'] },
  certificateError: '',
  pages: [{ url: 'https://name.example/', status: 200, ms: 20, error: '', links: [], title: 'Name' }],
  otherLinks: [],
  open: true,
};
const at = (over: Partial<RoundEvidence>, now = '2026-11-24T00:00:00Z') =>
  judge({ ...well, ...over }, now).map((f) => f.key);

describe('a round', () => {
  it('finds nothing where all is well', () => expect(at({})).toEqual([]));
  it('finds a name that leads astray, and name servers that are silent', () => {
    expect(at({ resolved: ['203.0.113.9'] })).toEqual(['domain-astray']);
    expect(at({ resolved: null })).toEqual(['domain-silent']);
  });
  it('finds a certificate that is missing, untrusted, ending or ended', () => {
    expect(at({ certificate: null })).toEqual(['certificate-none']);
    expect(at({ certificateError: 'self-signed' })).toEqual(['certificate-untrusted']);
    expect(at({}, '2027-01-20T00:00:00Z')).toEqual(['certificate-ending']);
    expect(at({}, '2027-02-20T00:00:00Z')).toEqual(['certificate-ended']);
  });
  it('finds visitors who are led elsewhere by a record beside the right one', () => {
    expect(at({ resolved6: ['2001:db8::9'] })).toEqual(['domain-divided']);
    expect(at({ resolved: ['127.0.0.11', '203.0.113.9'] })).toEqual(['domain-divided']);
  });
  it('finds a certificate that is not valid yet, and files that are not what was deployed', () => {
    expect(at({ certificate: { ...well.certificate!, notBefore: '2026-11-25T00:00:00Z' } })).toEqual([
      'certificate-early',
    ]);
    expect(at({ damaged: ['/index.html'] })).toEqual(['files-damaged']);
    expect(at({ unproven: 'None was ever proven.' })).toEqual(['backups-unproven']);
    expect(at({ unproven: null })).toEqual([]);
  });
  it('finds pages and links that do not answer as they should', () => {
    expect(at({ pages: [{ ...well.pages[0]!, status: 500 }] })).toEqual(['page-status /']);
    expect(at({ pages: [{ ...well.pages[0]!, status: 503 }], open: false })).toEqual([]);
    expect(
      at({ otherLinks: [{ url: 'https://name.example/x', from: 'https://name.example/', status: 404, error: '' }] }),
    ).toEqual(['link https://name.example/x']);
  });
});
