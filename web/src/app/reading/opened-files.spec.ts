import { TestBed } from '@angular/core/testing';
import { docx, paragraph, pdf } from '@tin-porch/core/fixtures';
import { OpenedFiles } from './opened-files';

const word = (text: string) => docx(paragraph(text));

describe('files that are opened', () => {
  const read = (bytes: Uint8Array | string, name: string, mostMs?: number) =>
    TestBed.inject(OpenedFiles).read(new File([bytes as BlobPart], name), mostMs);
  const why = (asked: Promise<string>) =>
    asked.then(
      (text) => `read: ${text}`,
      (error: Error) => error.message,
    );

  it('are read in a worker: a Word document, a PDF, a mail, a table', async () => {
    expect(await read(word('We lay bell ropes.'), 'brief.docx')).toContain('We lay bell ropes.');
    expect(await read(pdf(['Gannet Knots', 'Ring 01632 960 220']), 'brief.pdf')).toBe(
      'Gannet Knots\nRing 01632 960 220',
    );
    const mail = 'From: tom@gannet.example\r\nSubject: ropes\r\nContent-Type: text/plain\r\n\r\nFenders please.\r\n';
    expect(await read(mail, 'mail.eml')).toContain('Fenders please.');
    expect(await read('Job,Price\nMats,£22.50\n', 'prices.csv')).toContain('Mats');
  });

  it('are refused in words where they are damaged or no brief', async () => {
    expect(await why(read('%PDF-1.7 nothing of the kind', 'plan.pdf'))).toContain('plan.pdf');
    expect(await why(read(new Uint8Array([0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10]), 'quay.png'))).toContain('quay.png');
  });

  it('are given up where they take too long, and the next is read all the same', async () => {
    expect(await why(read(word('Slow.'), 'slow.docx', 0))).toContain('slow.docx takes too long');
    expect(await read('Still here.', 'note.txt')).toBe('Still here.');
  });
});
