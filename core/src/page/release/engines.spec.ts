import { changesSince, ENGINE_CHANGES } from './engines.js';
import { ENGINE, FINGERPRINT, isLasting } from './manifest.js';

describe('the versions of the renderer', () => {
  it('are told up to the one at hand, in their order, and none is left out', () => {
    const told = ENGINE_CHANGES.map((c) => c.engine);
    expect(told).toEqual([...told].sort((a, b) => a - b));
    expect([...new Set(told)]).toEqual(Array.from({ length: ENGINE - told[0]! + 1 }, (_, n) => told[0]! + n));
    for (const { says, matters } of ENGINE_CHANGES)
      for (const words of [says, matters]) expect(words).toMatch(/^[A-Z].{20,}\.$/);
  });

  it('lack what came after them', () => {
    expect(changesSince(ENGINE)).toEqual([]);
    expect(changesSince(ENGINE - 1).map((c) => c.engine)).toEqual([ENGINE]);
    expect(changesSince(0)).toEqual([...ENGINE_CHANGES]);
  });
});

describe('an address that is named for what is in its file', () => {
  it('is told from one that stays', () => {
    const lasting = ['/site-0a1b2c3d.css', '/pictures/boat-0123456789-480.avif', '/pictures/mark-0a1b2c3d.svg'];
    const staying = [
      '/index.html',
      '/files/prices-2026.pdf',
      '/favicon.svg',
      '/news/feed.xml',
      '/a-deadbeef/index.html',
    ];
    for (const path of lasting) expect(isLasting(path)).withContext(path).toBeTrue();
    for (const path of staying) expect(isLasting(path)).withContext(path).toBeFalse();
    expect(FINGERPRINT).not.toContain('\\d');
  });
});
