// Draws the pictures of the library stand-in from the picture kit: files and an index in dist/shelves, which is all the
// stand-in needs when it runs. Surfaces take long: every core of the machine makes some.
import { Buffer } from 'node:buffer';
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { fileURLToPath } from 'node:url';
import { isMainThread, Worker, workerData } from 'node:worker_threads';
import { drawings, inColours, materialInLight, surfaces } from '@tin-porch/core/kit';
import sharp from 'sharp';

const out = fileURLToPath(new URL('./dist/shelves/', import.meta.url));

async function makeSurfaces({ first, step }) {
  for (const [n, { material, variety, seed, width, height, closeUps }] of [...surfaces()].entries()) {
    if (n % step !== first) continue;
    const lit = materialInLight(material, variety, seed, width, height);
    for (const { id, colours } of closeUps) {
      const raw = { raw: { width, height, channels: 4 } };
      const image = sharp(Buffer.from(inColours(lit, colours).data.buffer), raw).removeAlpha();
      await image.clone().jpeg({ quality: 86 }).toFile(`${out}${id}.jpg`);
      await image.resize({ width: 420 }).jpeg({ quality: 76 }).toFile(`${out}${id}-small.jpg`);
    }
  }
}

if (!isMainThread) await makeSurfaces(workerData);
else {
  rmSync(out, { recursive: true, force: true });
  mkdirSync(out, { recursive: true });
  const step = Math.max(1, availableParallelism());
  const workers = Array.from(
    { length: step },
    (_, first) => new Worker(new URL(import.meta.url), { workerData: { first, step } }),
  );
  const ended = Promise.all(
    workers.map(
      (w) =>
        new Promise((done, fail) =>
          w.once('error', fail).once('exit', (code) => (code ? fail(new Error('a surface failed')) : done())),
        ),
    ),
  );
  const BY = ['Lanternfold', 'Wick & Marrow', 'Tidemark Press'];
  const index = [];
  const list = ({ id, title, group, tags, style, format, width, height }, type, file, more) => {
    // A third asks to be named, as pictures of real libraries do.
    const by = BY[index.length % 3];
    const licence = index.length % 3 === 2 ? 'CC BY 4.0' : 'CC0 1.0';
    index.push({ id, title, group, tags, style, format, width, height, type, file, ...more, by, licence });
  };
  for (const { svg, inks, ...listed } of drawings()) {
    writeFileSync(`${out}${listed.id}.svg`, svg);
    list(listed, 'image/svg+xml', `${listed.id}.svg`, { small: `${listed.id}.svg`, inks });
  }
  for (const { closeUps } of surfaces())
    for (const listed of closeUps)
      list(listed, 'image/jpeg', `${listed.id}.jpg`, { small: `${listed.id}-small.jpg`, inks: {} });
  await ended;
  writeFileSync(`${out}index.json`, JSON.stringify(index));
}
