import { simpleParser } from 'mailparser';

/**
 * What a report says became of a letter (RFC 3464): in words where it was not delivered and will not be, null where it is
 * still tried, was delivered, or is no report at all, such as an answer that somebody is away.
 */
export async function failureIn(report: Buffer): Promise<string | null> {
  const { attachments } = await simpleParser(report, {
    skipHtmlToText: true,
    skipImageLinks: true,
    keepDeliveryStatus: true,
  });
  const status = attachments.find((a) => a.contentType === 'message/delivery-status')?.content.toString('utf8');
  if (status === undefined) return null;
  // A field may go on in the next line (RFC 5322, 2.2.3).
  const fields = status.replace(/\r?\n[ \t]+/g, ' ').split(/\r?\n/);
  const all = (name: string) =>
    fields.flatMap((f) => (f.toLowerCase().startsWith(`${name}:`) ? [f.slice(name.length + 1).trim()] : []));
  if (!all('action').some((a) => /^failed\b/i.test(a))) return null;
  const [said] = all('diagnostic-code');
  return said?.replace(/^[\w-]+\s*;\s*/, '') || `It was not delivered (${all('status')[0] ?? 'no reason given'}).`;
}
