/** What of `mailauth` its tests use: it judges a letter as a mail server that takes it in does. */
declare module 'mailauth' {
  interface Judged {
    status: { result: string };
  }
  export function authenticate(
    letter: Buffer,
    options: {
      ip: string;
      helo: string;
      sender: string;
      mta?: string;
      resolver(name: string, type: string): Promise<unknown>;
      minBitLength?: number;
    },
  ): Promise<{
    dkim: { results: (Judged & { signingDomain: string; selector: string })[] };
    spf: Judged;
    dmarc: Judged;
  }>;
}
