import { request } from 'node:https';
import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import { chromium, type Browser, type Page } from 'playwright-core';

const FLAGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];
const require = createRequire(import.meta.url);

/** Debian’s Chromium; names in `hosts` lead to the addresses given, as DNS would. */
export const openBrowser = (hosts: Record<string, string> = {}): Promise<Browser> =>
  chromium.launch({
    executablePath: '/usr/lib/chromium/chromium-headless-shell',
    args: [
      ...FLAGS,
      ...(Object.keys(hosts).length
        ? [
            `--host-resolver-rules=${Object.entries(hosts)
              .map(([n, a]) => `MAP ${n} ${a}`)
              .join(',')}`,
          ]
        : []),
    ],
  });

/** What axe-core finds wrong with a page by WCAG 2.2 AA: rule and the first element, a line each. */
export async function axe(page: Page): Promise<string[]> {
  // Evaluated, not added as a script: the page’s own policy stays as strict as it is.
  if (!(await page.evaluate(() => 'axe' in globalThis)))
    await page.evaluate(await readFile(require.resolve('axe-core/axe.min.js'), 'utf8'));
  return page.evaluate(async () => {
    const { axe } = globalThis as unknown as {
      axe: {
        run(o: object): Promise<{ violations: { id: string; nodes: { html: string; failureSummary: string }[] }[] }>;
      };
    };
    const { violations } = await axe.run({
      runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'],
      iframes: false,
    });
    return violations.map(
      (v) => `${v.id}: ${v.nodes[0]!.html.slice(0, 160)} ${v.nodes[0]!.failureSummary.split('\n')[1] ?? ''}`,
    );
  });
}

/** True where a page can be pushed sideways. */
export const overflows = (page: Page): Promise<boolean> =>
  page.evaluate(() => document.documentElement.scrollWidth > document.documentElement.clientWidth);

/** Sends a form to a site as a program would, without a browser’s own checks. */
export const postForm = (
  at: { address: string; port: number; host: string; path: string; ca: string },
  fields: Record<string, string>,
): Promise<{ status: number; text: string }> =>
  new Promise((done, fail) => {
    const body = new URLSearchParams(fields).toString();
    const req = request(
      {
        host: at.address,
        port: at.port,
        servername: at.host,
        ca: at.ca,
        method: 'POST',
        path: at.path,
        headers: {
          host: at.host,
          'content-type': 'application/x-www-form-urlencoded',
          'content-length': Buffer.byteLength(body),
        },
      },
      (res) => {
        let text = '';
        res.setEncoding('utf8');
        res.on('data', (part: string) => (text += part));
        res.on('end', () => done({ status: res.statusCode ?? 0, text }));
      },
    );
    req.on('error', fail);
    req.end(body);
  });
