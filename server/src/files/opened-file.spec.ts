import { FileError } from '@tin-porch/core/brief';
import { docx, paragraph, pdf } from '@tin-porch/core/fixtures';
import { openedFile } from './opened-file.js';

const bytes = (text: string) => new TextEncoder().encode(text);
const why = (asked: Promise<string>) =>
  asked.then(
    () => '',
    (error: unknown) => (error instanceof FileError ? error.message : `another fault: ${String(error)}`),
  );

describe('a file that is opened', () => {
  it('is read in a thread: a Word document, a PDF, a mail, a table, a note', async () => {
    expect(await openedFile('note.txt', bytes('We lay rope.'))).toBe('We lay rope.');
    expect(await openedFile('prices.csv', bytes('Job,Price\nMats,£22.50\n'))).toContain('Mats');
    expect(await openedFile('brief.docx', docx(paragraph('Fenders.')))).toContain('Fenders.');
    expect(await openedFile('brief.pdf', pdf(['Bell ropes']))).toBe('Bell ropes');
    const mail =
      'From: Tom <tom@gannet.example>\r\nSubject: ropes\r\nContent-Type: text/plain\r\n\r\nBell ropes please.\r\n';
    expect(await openedFile('mail.eml', bytes(mail))).toContain('Bell ropes please.');
  });

  it('is refused in words where it is damaged, and the next is read all the same', async () => {
    expect(await why(openedFile('plan.pdf', bytes('%PDF-1.7\nnothing of the kind')))).toContain('plan.pdf');
    expect(await openedFile('note.txt', bytes('Still here.'))).toBe('Still here.');
  });

  it('is given up where it takes too long, whatever it is made of', async () => {
    expect(await why(openedFile('long.pdf', pdf(['Bell ropes']), { mostMs: 1 }))).toContain('too long');
  });
});
