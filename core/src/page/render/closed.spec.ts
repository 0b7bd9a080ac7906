import { demoFacts } from '../../fixtures/facts.js';
import { shortHash } from '../../ground/random.js';
import { languages } from '../../language/registry.gen.js';
import { newDocument, writeVersion } from '../../making/index.js';
import { apply } from '../../operations/index.js';
import { makeManifest } from '../release/manifest.js';
import { holdingPage, isOfHolding, NO_HOLDING, previewLock, type ClosedSite } from './closed.js';
import { render } from './render.js';

const hashed = (bytes: Uint8Array | string) => shortHash(String(bytes));
const drawn = apply(newDocument('kittiwake', demoFacts), writeVersion(demoFacts, 1)).document;
const live = (language = drawn.language): ClosedSite => {
  const document = { ...drawn, language };
  const files = render(document, { origin: 'https://kittiwake.example' }).map((f) => ({
    path: f.path,
    type: f.type,
    bytes: Buffer.from('text' in f ? f.text : f.path),
  }));
  return {
    name: 'Kittiwake',
    live: { document, manifest: makeManifest(files, JSON.stringify(document), 'https://kittiwake.example', hashed) },
  };
};

describe('the page before a site that is closed', () => {
  it('says that it opens soon, and the day where there is one that is not past, in each language', () => {
    for (const [id, { words }] of Object.entries(languages)) {
      const site = live(id as typeof drawn.language);
      const page = (opens: string | null) => holdingPage(site, { opens, words: '' }, '2027-02-28');
      expect(page(null)).withContext(id).toContain(words.opensSoon);
      expect(page('2027-02-27')).withContext(id).toContain(words.opensSoon);
      const [today, later] = [page('2027-02-28'), page('2027-03-09')];
      expect(today).withContext(id).not.toContain(words.opensSoon);
      expect(today)
        .withContext(id)
        .toMatch(/28.*2027|2027.*28/s);
      expect(later)
        .withContext(id)
        .toMatch(/9\D+2027|2027\D+9/);
      expect(later).toContain(`lang="${id}"`);
    }
  });

  it('is in the look of the site, with how to reach it, and its words are words', () => {
    const site = live();
    const page = holdingPage(site, { opens: null, words: 'Back <soon>' }, '2027-02-28');
    expect(page).toContain('Back &lt;soon>');
    expect(page).not.toContain(languages[drawn.language].words.opensSoon);
    expect(page).toContain(demoFacts.phone);
    expect(page).toContain(`href="mailto:${demoFacts.mail}"`);
    const named = [...page.matchAll(/(?:href|src)="(\/[^"]+)"/g)].map(([, path]) => path!);
    expect(named.some((path) => path.endsWith('.css'))).toBeTrue();
    for (const path of named) expect(isOfHolding(site, path)).withContext(path).toBeTrue();
  });

  it('lets nothing else of the release out but what it is made with', () => {
    const site = live();
    const out = Object.keys(site.live!.manifest.files).filter((path) => isOfHolding(site, path));
    expect(out.length).toBeGreaterThan(2);
    for (const path of out) expect(path).toMatch(/^\/(?:site-[\w]+\.css|favicon\.svg|fonts\/[\w-]+\.woff2)$/);
    for (const path of ['/', '/index.html', '/fonts/../index.html', '/fonts/none.woff2', '__proto__'])
      expect(isOfHolding(site, path)).withContext(path).toBeFalse();
  });

  it('stands there before the first release too, and is nobody’s to find', () => {
    const page = holdingPage({ name: 'Kittiwake & Sons', live: null }, NO_HOLDING, '2027-02-28');
    expect(page).toContain('Kittiwake &amp; Sons');
    expect(page).toContain('<meta name="robots" content="noindex"');
    expect(page).not.toContain('href=');
  });

  it('tells whoever comes by a link that has ended', () => {
    const { ended } = languages[drawn.language].words.preview;
    expect(holdingPage(live(), NO_HOLDING, '2027-02-28', true)).toContain(ended);
    expect(holdingPage(live(), NO_HOLDING, '2027-02-28')).not.toContain(ended);
  });
});

describe('the page that asks for the password of a preview', () => {
  it('asks by a label, says what is wrong with the last one, and keeps where one wanted to', () => {
    const { preview } = languages[drawn.language].words;
    const first = previewLock(live(), 'token"', '/a/"b/');
    expect(first).toContain(`<label for="password">${preview.password}</label>`);
    expect(first).toContain('value="token&quot;"');
    expect(first).toContain('value="/a/&quot;b/"');
    expect(first).not.toContain('role="alert"');
    for (const fault of ['wrong', 'often'] as const) {
      const again = previewLock(live(), 't', '/', fault);
      expect(again).toContain(preview[fault]);
      expect(again).toContain('aria-describedby="fault"');
      expect(again.includes('aria-invalid')).toBe(fault === 'wrong');
    }
  });
});
