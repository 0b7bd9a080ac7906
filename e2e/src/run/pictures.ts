import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { DEMO_DESIGNER, startStack } from '@tin-porch/server/stack';
import { loadDemo } from '@tin-porch/server/demo/load';
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { briefFixtures } from '@tin-porch/core/fixtures';
import { openBrowser } from '../support/browser.js';

// Takes the pictures of docs/screenshots anew, from fresh demo data. usage: pictures.js [NAME …]
const out = fileURLToPath(new URL('../../../docs/screenshots', import.meta.url));
const wanted = process.argv.slice(2);

const VIEWS: [name: string, path: string, width?: number][] = [
  ['sites', '/'],
  ['new-brief', '/new'],
  ['brief', '/sites/the-saltmarrow-seed-company/brief'],
  ['clearer', '/sites/the-saltmarrow-seed-company/brief'],
  ['plan', '/sites/hollis-wren-boatworks/plan'],
  ['look', '/sites/hollis-wren-boatworks/look'],
  ['pages', '/sites/hollis-wren-boatworks/pages'],
  ['rework', '/sites/hollis-wren-boatworks/pages'],
  ['pages-phone', '/sites/hollis-wren-boatworks/pages', 390],
  ['seo', '/sites/pell-daughter-clockmakers/seo'],
  ['domain', '/sites/quill-plane-joinery/domain'],
  ['publish', '/sites/quill-plane-joinery/publish'],
  ['care', '/sites/larkfield-allotments/care'],
  ['servers', '/servers'],
  ['domains', '/domains'],
  ['inbox', '/inbox'],
  ['rounds', '/rounds'],
  ['published', 'https://pellclocks.example'],
];

mkdirSync(out, { recursive: true });
const data = mkdtempSync(join(tmpdir(), 'tin-porch-pictures-'));
const stack = await startStack({ data, port: 8790 });
try {
  await loadDemo(stack, (line) => console.log(line));
  const quay = stack.config.servers[0]!;
  const browser = await openBrowser({ '*.example': quay.address });
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, ignoreHTTPSErrors: true });
  const page = await context.newPage();
  await page.goto(stack.url);
  await page.fill('#mail', DEMO_DESIGNER.mail);
  await page.fill('#password', DEMO_DESIGNER.password);
  await page.click('button.act');
  await page.waitForSelector('.rows');
  for (const [name, path, width = 1280] of VIEWS) {
    if (wanted.length && !wanted.includes(name)) continue;
    await page.setViewportSize({ width, height: width < 900 ? 844 : 800 });
    const secure = quay.httpsPort === 443 ? '' : `:${quay.httpsPort}`;
    await page.goto(path.startsWith('http') ? `${path}${secure}/` : stack.url + path);
    await page.waitForTimeout(2500);
    if (name === 'new-brief') {
      await page.fill('#text', briefFixtures[0]!.text);
      await page.waitForTimeout(800);
    }
    if (name === 'clearer') await page.click('.views >> text=Clearer');
    if (name === 'rework') {
      await page.click('.views >> text=Work over');
      await page.click('button:has-text("Livelier")');
      await page.waitForSelector('.proposals');
    }
    await page.screenshot({ path: join(out, `${name}.png`) });
    console.log(name);
  }
  await browser.close();
} finally {
  await stack.stop();
  rmSync(data, { recursive: true, force: true });
}
