import { AS_IT_IS } from '@tin-porch/core/look';
import type { Browser } from 'playwright-core';
import sharp from 'sharp';
import { MAIL, PASSWORD } from '../support/stack-for-tests.js';
import type { stackForTests } from '../support/stack-for-tests.js';

type Keep = (name: string, unit: 'ms' | 'KB' | '', values: number[]) => void;
type Test = Awaited<ReturnType<typeof stackForTests>>;

/** How the interface moves: frames of the sample book while it is scrolled through, and a look change in the window. */
export async function measureInterface(browser: Browser, { stack }: Test, site: string, keep: Keep): Promise<void> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.goto(stack.url);
  await page.fill('#mail', MAIL);
  await page.fill('#password', PASSWORD);
  await page.click('button.act');
  await page.waitForSelector('text=On the bench');

  await page.goto(`${stack.url}/sample-book?site=${site}`);
  await page.waitForSelector('.samples iframe');
  await page.waitForTimeout(1500);
  await page.evaluate(() => {
    const frames: number[] = [];
    let last = performance.now();
    const tick = (now: number) => {
      frames.push(now - last);
      last = now;
      requestAnimationFrame(tick);
    };
    requestAnimationFrame(tick);
    (globalThis as unknown as { frames: number[] }).frames = frames;
  });
  await page.mouse.move(800, 500);
  for (let n = 0; n < 90; n++) {
    await page.mouse.wheel(0, 110);
    await page.waitForTimeout(30);
  }
  const frames = await page.evaluate(() => (globalThis as unknown as { frames: number[] }).frames.slice(2));
  keep('A frame of the sample book while it is scrolled', 'ms', frames);
  const late = frames.filter((f) => f > 20).length;
  console.log(
    `  ${frames.length} frames, ${late} later than 20 ms, ${frames.filter((f) => f > 50).length} later than 50`,
  );

  await page.goto(`${stack.url}/sites/${site}/look`);
  await page.click('.views >> text=Shape');
  await page.waitForSelector('tp-window iframe');
  await page.waitForTimeout(1500);
  const changes: number[] = [];
  for (let n = 0; n < 12; n++)
    changes.push(
      await page.evaluate(
        async (value) => {
          const input = document.querySelector<HTMLInputElement>('tp-shape-panel input[type=range]')!;
          const drawn = new Promise<number>((done) => {
            addEventListener('message', function heard(event: MessageEvent<{ kind?: string }>) {
              if (event.data.kind !== 'drawn') return;
              removeEventListener('message', heard);
              done(performance.now());
            });
          });
          const started = performance.now();
          input.value = String(value);
          input.dispatchEvent(new Event('input', { bubbles: true }));
          return (await drawn) - started;
        },
        0.8 + (n % 5) * 0.1,
      ),
    );
  keep('From a control of the look to the window redrawn', 'ms', changes);
  await context.close();
}

/** How long pictures take on the server: a photograph of 12 megapixels brought, and a retouch seen. */
export async function measurePictures({ stack, api }: Test, site: string, keep: Keep): Promise<void> {
  const noise = await sharp({
    create: {
      width: 4000,
      height: 3000,
      channels: 3,
      noise: { type: 'gaussian', mean: 128, sigma: 30 },
      background: '#888',
    },
  })
    .blur(6)
    .jpeg({ quality: 90 })
    .toBuffer();
  const bring: number[] = [];
  const see: number[] = [];
  for (let n = 0; n < 3; n++) {
    const started = performance.now();
    const response = await fetch(`${stack.url}/api/sites/${site}/pictures?name=quay-${n}.jpg`, {
      method: 'POST',
      headers: { ...api.headers(), 'content-type': 'application/octet-stream' },
      body: new Uint8Array(noise),
    });
    const { medium } = (await response.json()) as {
      medium: { source: { hash: string }; renditions: { bytes: number; type: string; width: number }[] };
    };
    bring.push(performance.now() - started);
    if (n === 0)
      for (const r of medium.renditions.filter((x) => x.width === 960))
        console.log(`  ${r.type} of 960 px: ${Math.round(r.bytes / 1024)} KB`);
    for (let k = 0; k < 4; k++) {
      const at = performance.now();
      await fetch(`${stack.url}/api/sites/${site}/pictures/${medium.source.hash}/sight`, {
        method: 'POST',
        headers: { ...api.headers(), 'content-type': 'application/json' },
        body: JSON.stringify({ retouch: { ...AS_IT_IS, straighten: k, light: 0.2, contrast: 0.1 * k } }),
      }).then((seen) => seen.arrayBuffer());
      see.push(performance.now() - at);
    }
  }
  keep('Bring a photograph of 12 megapixels, in every size', 'ms', bring);
  keep('See a retouch of it', 'ms', see);
}
