import { MACHINE, readLogDetails, shortAddress, type LogDetails } from './count.js';

/** What answers are looked for: given, led on, not given, failed; or all of them. */
export const ANSWERS = { any: '', given: '2', led: '3', refused: '4', failed: '5' } as const;
export type Answers = keyof typeof ANSWERS;

/** What is looked for in the logs. */
export interface LogQuery {
  /** Stands in the address, in what the program says of itself, or in the page it was asked from; in any case of letters. */
  text: string;
  answers: Answers;
  /** Only what was before this instant, ISO 8601. */
  before: string | null;
}
/** A line that was found. The address is shortened: it is looked for what happened, not for who it was. */
export interface LogFound {
  at: string;
  address: string;
  method: string;
  path: string;
  status: number;
  from: string;
  agent: string;
  machine: boolean;
}

/** A test for lines: the whole line is read only where it may be one. */
export function lineTest({ text, answers, before }: LogQuery): (line: string) => LogFound | null {
  const wanted = text.trim().toLowerCase();
  const first = ANSWERS[answers];
  const status = first && new RegExp(`" ${first}\\d\\d \\S+ "`);
  const within = (d: LogDetails) => [d.path, d.agent, d.from].some((part) => part.toLowerCase().includes(wanted));
  return (line) => {
    if (status && !status.test(line)) return null;
    if (wanted && !line.toLowerCase().includes(wanted)) return null;
    const details = readLogDetails(line);
    if (!details || (before !== null && details.at >= before)) return null;
    if (first && !String(details.status).startsWith(first)) return null;
    if (wanted && !within(details)) return null;
    const { at, address, method, path, from, agent } = details;
    return {
      ...{ at, method, path: path.slice(0, 300), status: details.status, from: from.slice(0, 300) },
      ...{ address: shortAddress(address.split(' ')[0]!), agent: agent.slice(0, 200), machine: MACHINE.test(agent) },
    };
  };
}

/** Addresses that programs try which look for a way in: nothing a site here has. */
const TRIED = /\.(?:php|aspx?|jsp|cgi|env|sql|bak|ini|ya?ml)(?:$|[?/])|\/(?:\.git|\.env|cgi-bin|admin|login|vendor)\b/i;

const pathOf = (url: string): string => {
  try {
    return new URL(url).pathname;
  } catch {
    return url;
  }
};

/** What lies behind an answer, and what to do about it; empty where nothing needs saying. @param own the hosts of the site */
export function answerCause({ status, method, path, from }: LogFound, own: ReadonlySet<string>): string {
  const fromHere = from !== '' && URL.canParse(from) && own.has(new URL(from).hostname);
  if (status < 300) return method === 'POST' ? 'Something was sent and taken.' : '';
  if (status === 304) return 'The browser had it already.';
  if (status === 303 && path.startsWith('/-/forms/')) return 'A form was sent and taken.';
  if (status < 400) return 'Led on to another address.';
  switch (status) {
    case 400:
      return 'It was no request that a browser makes.';
    case 401:
    case 403:
      return 'Only for whoever has a link or a password.';
    case 404:
    case 410:
      if (TRIED.test(path)) return 'A program looked for a way in. There is none of that here: nothing to do.';
      if (fromHere)
        return `A page of the site itself leads there: ${pathOf(from)}. Mend the link, or lead the address on under SEO.`;
      if (from !== '')
        return 'Another site leads there. Lead the address on under SEO, so that who comes finds something.';
      return 'Nothing is at this address, and nobody says where they had it from.';
    case 405:
      return 'Something was sent to an address that takes nothing.';
    case 408:
    case 499:
      return 'Whoever asked went away before it was answered.';
    case 413:
      return 'What was sent is larger than is taken.';
    case 429:
      return 'Too much at once from one address: it was asked to wait.';
    case 507:
      return 'The disk is full.';
    default:
      return status < 500
        ? 'It could not be given as it was asked for.'
        : 'What stands behind the front did not answer, or failed: “What failed” of its server says why.';
  }
}
