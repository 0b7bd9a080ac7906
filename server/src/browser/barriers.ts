import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import type { AccessFault } from '@tin-porch/core/care';
import type { Page } from 'playwright-core';

const require = createRequire(import.meta.url);

/** What axe-core is asked for: WCAG 2.2, levels A and AA. */
const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];
let axe: Promise<string> | undefined;

/** What keeps people out of a page: a rule, and the elements against it, as selectors. */
interface Barrier {
  id: string;
  impact: AccessFault['impact'] | null;
  help: string;
  nodes: string[];
}

/** What keeps people out of a page that is open in a browser, by axe-core. */
export async function barriers(page: Page): Promise<Barrier[]> {
  axe ??= readFile(require.resolve('axe-core/axe.min.js'), 'utf8');
  // Evaluated, not added as a script: the page’s own policy stays as strict as it is.
  await page.evaluate(await axe);
  return page.evaluate<Barrier[]>(
    `axe.run({ runOnly: ${JSON.stringify(RULES)}, resultTypes: ['violations'], iframes: false }).then((r) =>
       r.violations.map(({ id, impact, help, nodes }) => ({ id, impact, help, nodes: nodes.map((n) => String(n.target[0])) })))`,
  );
}
