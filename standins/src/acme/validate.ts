import { request } from 'node:http';
import { ask } from '../dns/ask.js';

/** Why a validation failed, as an ACME error type (RFC 8555, 6.7) and a sentence. */
export interface Refusal {
  type: 'dns' | 'connection' | 'incorrectResponse' | 'caa';
  detail: string;
}

interface Means {
  dns: { address: string; port: number };
  httpPort: number;
  caaName: string;
}

/** Looks for a CAA record from the name upwards (RFC 8659, 3) and says whether it lets this authority in. */
async function caaRefusal(domain: string, means: Means): Promise<Refusal | null> {
  const labels = domain.split('.');
  for (let n = 0; n < labels.length - 1; n++) {
    const name = labels.slice(n).join('.');
    const reply = await ask(means.dns, name, 'CAA');
    const issue = (reply.answers ?? []).flatMap((a) =>
      a.type === 'CAA' && a.data.tag === 'issue' ? [String(a.data.value)] : [],
    );
    const any = (reply.answers ?? []).some((a) => a.type === 'CAA');
    if (issue.length)
      return issue.some((v) => v.split(';')[0]!.trim() === means.caaName)
        ? null
        : { type: 'caa', detail: `The CAA record of ${name} names ${issue.join(', ')}, not ${means.caaName}.` };
    if (any) return null;
  }
  return null;
}

function fetchText(
  address: string,
  port: number,
  host: string,
  path: string,
): Promise<{ status: number; text: string }> {
  return new Promise((done, fail) => {
    const req = request(
      {
        host: address,
        port,
        path,
        headers: { host: port === 80 ? host : `${host}:${port}`, 'user-agent': 'Saltmarrow-authority/1' },
        timeout: 5000,
      },
      (res) => {
        let text = '';
        res.setEncoding('utf8');
        res.on('data', (part: string) => (text.length < 4096 ? (text += part) : res.destroy()));
        res.on('end', () => done({ status: res.statusCode ?? 0, text }));
        res.on('error', fail);
      },
    );
    req.on('timeout', () => req.destroy(new Error('no answer within 5 s')));
    req.on('error', fail);
    req.end();
  });
}

/** Checks an http-01 challenge for real: the name’s address from DNS, its CAA records, the file over HTTP. Null where all is well. */
export async function validateHttp01(
  domain: string,
  token: string,
  keyAuthorization: string,
  means: Means,
): Promise<Refusal | null> {
  let addresses: string[];
  try {
    const reply = await ask(means.dns, domain, 'A');
    addresses = (reply.answers ?? []).flatMap((a) => (a.type === 'A' ? [a.data] : []));
    if (!addresses.length) return { type: 'dns', detail: `${domain} has no address (${reply.rcode}).` };
    const refusal = await caaRefusal(domain, means);
    if (refusal) return refusal;
  } catch (error) {
    return { type: 'dns', detail: `The name servers of ${domain} do not answer: ${(error as Error).message}.` };
  }
  const url = `http://${domain}/.well-known/acme-challenge/${token}`;
  try {
    const { status, text } = await fetchText(
      addresses[0]!,
      means.httpPort,
      domain,
      `/.well-known/acme-challenge/${token}`,
    );
    if (status !== 200) return { type: 'incorrectResponse', detail: `${url} at ${addresses[0]} answered ${status}.` };
    if (text.trim() !== keyAuthorization)
      return { type: 'incorrectResponse', detail: `${url} at ${addresses[0]} answered something else.` };
    return null;
  } catch (error) {
    return { type: 'connection', detail: `${url} at ${addresses[0]}: ${(error as Error).message}.` };
  }
}
