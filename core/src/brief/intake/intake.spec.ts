import { strToU8, zipSync } from 'fflate';
import { docx, paragraph, parts, pdf } from '../../fixtures/documents.js';
import { FileError } from '../files.js';
import { readBrief } from '../read.js';
import { textOfBytes } from './intake.js';

describe('the way in for files', () => {
  it('reads a Word document, its tables as tables', async () => {
    const text = await textOfBytes(
      'brief.docx',
      docx(
        `${paragraph('We are Gannet Knots, ring 01632 960 220.')}<w:tbl><w:tr><w:tc>${paragraph('Job')}</w:tc><w:tc>${paragraph('Price')}</w:tc></w:tr><w:tr><w:tc>${paragraph('Bell rope')}</w:tc><w:tc>${paragraph('£140')}</w:tc></w:tr></w:tbl>`,
      ),
    );
    const facts = readBrief(text);
    expect([facts.name, facts.phone]).toEqual(['Gannet Knots', '01632 960 220']);
    expect(facts.services.map((s) => [s.name, s.price])).toEqual([['Bell rope', '£140']]);
  });

  it('reads the lines of a PDF, and says what to do with one that is only pictures', async () => {
    const text = await textOfBytes(
      'brief.pdf',
      pdf(['Gannet Knots', 'Ring 01632 960 220 (mornings)', '4 Quay Lane, Saltmarrow SM1 1PB']),
    );
    expect(text).toBe('Gannet Knots\nRing 01632 960 220 (mornings)\n4 Quay Lane, Saltmarrow SM1 1PB');
    await expectAsync(textOfBytes('scan.pdf', pdf([]))).toBeRejectedWithError(FileError, /scan\.pdf has no text/);
    await expectAsync(textOfBytes('cut.pdf', pdf(['x']).slice(0, 60))).toBeRejectedWithError(
      FileError,
      /cut\.pdf is damaged/,
    );
  });

  it('reads a workbook and an OpenDocument sheet cell by cell', async () => {
    const xlsx = parts({
      'xl/workbook.xml': '<workbook/>',
      'xl/sharedStrings.xml':
        '<sst><si><t>Job</t></si><si><t>Price</t></si><si><r><t>Bell </t></r><r><t>rope</t></r></si></sst>',
      'xl/worksheets/sheet1.xml':
        '<worksheet><sheetData><row r="1"><c r="A1" t="s"><v>0</v></c><c r="C1" t="s"><v>1</v></c></row><row r="2"><c r="A2" t="s"><v>2</v></c><c r="C2"><v>139.99999999999997</v></c></row><row r="3"><c r="A3" t="inlineStr"><is><t>Mats</t></is></c><c r="C3"><v>22.5</v></c></row></sheetData></worksheet>',
    });
    expect(await textOfBytes('prices.xlsx', xlsx)).toBe('| Job | Price |\n| Bell rope | 140 |\n| Mats | 22.5 |');
    const cell = (t: string) => `<table:table-cell><text:p>${t}</text:p></table:table-cell>`;
    const ods = parts({
      'content.xml': `<office:document-content><table:table><table:table-row>${cell('Job')}${cell('Price')}</table:table-row><table:table-row>${cell('Mats')}${cell('22.50')}</table:table-row></table:table></office:document-content>`,
    });
    expect(await textOfBytes('prices.ods', ods)).toBe('| Job | Price |\n| Mats | 22.50 |');
  });

  it('reads a mail with its head and what is attached, each under its name', async () => {
    const mail = [
      'From: Ada Pike <ada@gannet.example>',
      'To: Ines <ines@moorweb.example>',
      'Subject: =?utf-8?q?The_site_f=C3=BCr_us?=',
      'MIME-Version: 1.0',
      'Content-Type: multipart/mixed; boundary="b"',
      '',
      '--b',
      'Content-Type: text/plain; charset=utf-8',
      'Content-Transfer-Encoding: quoted-printable',
      '',
      'We are Gannet Knots=2E',
      '--b',
      'Content-Type: text/csv; name="prices.csv"',
      'Content-Disposition: attachment; filename="prices.csv"',
      '',
      'Item,Price',
      'Bell rope,£140',
      '--b',
      'Content-Type: image/png',
      'Content-Disposition: attachment; filename="logo.png"',
      'Content-Transfer-Encoding: base64',
      '',
      'iVBORw0KGgo=',
      '--b--',
      '',
    ].join('\r\n');
    const text = await textOfBytes('brief.eml', strToU8(mail));
    expect(text).toContain('Subject: The site für us');
    expect(text).toContain('We are Gannet Knots.');
    expect(text).toContain('=== prices.csv ===\n\n| Item | Price |\n| Bell rope | £140 |');
    expect(text).not.toContain('logo.png');
  });

  it('keeps the sheet itself, which whoever reads the brief knows', async () => {
    const sheet = JSON.stringify({ name: 'Gannet Knots', services: [{ name: 'Bell rope', price: '£140' }] });
    const text = await textOfBytes('sheet.json', strToU8(sheet));
    expect(text).toBe(sheet);
    expect(readBrief(text).services[0]).toEqual({ id: 'v1', name: 'Bell rope', detail: '', price: '£140' });
  });

  it('reads what old programs wrote, and says of everything else what to do', async () => {
    expect(await textOfBytes('a.txt', new Uint8Array([0x63, 0x61, 0x66, 0xe9]))).toBe('café');
    expect(await textOfBytes('a.txt', new Uint8Array([0xff, 0xfe, 0x61, 0, 0x62, 0]))).toBe('ab');
    for (const [name, bytes, words] of [
      ['empty.txt', new Uint8Array(), /empty\.txt is empty/],
      ['old.doc', new Uint8Array([0xd0, 0xcf, 0x11, 0xe0, 1]), /Save it as \.docx/],
      ['logo.png', new Uint8Array([0x89, 0x50, 0x4e, 0x47]), /is a picture/],
      ['all.zip', parts({ 'a.xml': '<a/>' }), /Unpack it/],
      ['cut.docx', docx(paragraph('x')).slice(0, 80), /damaged/],
    ] as const)
      await expectAsync(textOfBytes(name, bytes)).withContext(name).toBeRejectedWithError(FileError, words);
  });

  it('does not unpack what is too much', async () => {
    const bomb = zipSync({ 'word/document.xml': new Uint8Array(21_000_000) });
    expect(bomb.length).toBeLessThan(100_000);
    await expectAsync(textOfBytes('bomb.docx', bomb)).toBeRejectedWithError(FileError, /too much/);
  });
});
