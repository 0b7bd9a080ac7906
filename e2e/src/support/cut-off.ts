import type { Locator, Page, Request } from 'playwright-core';
import { CONTROLS, controlsOf, locate, nameOf, SETTLE_MS, takeNext, type Control } from './walker.js';

/** What stands between the page and the server while something is pressed, and how it is taken away again. */
export interface CutOff {
  begin(): Promise<unknown>;
  end(): Promise<unknown>;
}

/** A screen by its path, what is pressed to come to it, and in which part of it controls are used. */
export interface Screen {
  path: string;
  presses?: readonly string[];
  within?: RegExp;
}

export interface CutOffWalk {
  page: Page;
  url: string;
  screens: readonly Screen[];
  cut: CutOff;
  /** Called after each use: what was kept in the browser is sent by then, and taken back. */
  takeBack(): Promise<void>;
  /** How many controls of a screen are pressed at most, spread over all of it. */
  most: number;
  /** Controls that are not pressed here, by their names. */
  leave?: RegExp;
}

const FIELDS = 'input:not([type]), input[type=text], input[type=search], input[type=tel], input[type=email], textarea';
const FILES = 'input[type=file]';
const TYPED = 'Quince & Rye 7';
/** As long as a new password has to be. */
const TYPED_LONG = `${TYPED} and Hollis & Wren`;
const FILE = {
  name: 'quay.svg',
  mimeType: 'image/svg+xml',
  buffer: Buffer.from(
    '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 8 8"><rect width="8" height="8" fill="#234"/></svg>',
  ),
};

/**
 * Loads every screen whole, cuts it off from the server, and then uses one control of it: a button is pressed, a field
 * typed into, a file given, a question answered with yes. Says where that was not explained, where typing was lost, where
 * a control stayed turned off, where a dialog closed as if all were well, and what fell over.
 */
export async function walkCutOff(walk: CutOffWalk): Promise<{ used: number; refused: number; faults: string[] }> {
  const { page, url, cut, most, leave = /^$/ } = walk;
  const faults = new Set<string>();
  let where = '';
  let used = 0;
  let refused = 0;
  let cutOff = false;
  let failed: string[] = [];
  const fault = (words: string) => void faults.add(`${where}: ${words}`);
  page.on('pageerror', (e) => fault(`page error: ${e.message.slice(0, 200)}`));
  page.on('console', (m) => {
    if (m.type() === 'error' && !/Failed to (load resource|fetch dynamically)/.test(m.text()))
      fault(`console: ${m.text().slice(0, 200)}`);
  });
  const asked = (r: Request) => `${r.method()} ${new URL(r.url()).pathname}`;
  const changes = () => failed.filter((f) => !f.startsWith('GET'));
  const asks = (r: string) => /\/api\/(?!events)/.test(r);
  let open = 0;
  page.on('request', (r) => void (asks(r.url()) && open++));
  const over = (r: Request) => void (asks(r.url()) && open--);
  page.on('requestfinished', over).on('requestfailed', over);
  page.on('requestfailed', (r) => {
    if (!cutOff || !asks(r.url())) return;
    // Whoever goes on to another screen no longer waits for the answer: it was dropped, and nobody needs to be told.
    if (r.failure()?.errorText === 'net::ERR_ABORTED')
      failed = failed.filter((f) => f !== asked(r) || !f.startsWith('GET'));
    else failed.push(asked(r));
  });
  page.on('response', (r) => {
    if (cutOff && asks(r.url()) && r.status() >= 400) failed.push(asked(r.request()));
  });

  const settle = async () => {
    await page.waitForTimeout(SETTLE_MS);
    for (let n = 0; n < 50 && open > 0; n++) await page.waitForTimeout(40);
    await page.waitForTimeout(SETTLE_MS);
  };
  const go = async ({ path, presses = [] }: Screen) => {
    await page.goto(`${url}/${path}`);
    await page.waitForSelector('main, .place, .strip');
    await settle();
    for (const press of presses) {
      await page.locator(press).first().click();
      await settle();
    }
  };
  const explained = () =>
    page
      .waitForFunction(
        () =>
          Array.from(document.querySelectorAll('.standing, [role=alert]')).some(
            (e) => e.textContent?.trim() && e.checkVisibility(),
          ),
        undefined,
        { timeout: 15_000 },
      )
      .then(
        () => true,
        () => false,
      );

  for (const screen of walk.screens) {
    const { path, within = /^/ } = screen;
    where = screen.within ? `/${path}, ${screen.within.source}` : `/${path}`;
    await go(screen);
    let all: Control[] = [];
    for (let n = 0; n < 25 && !all.length; n++) {
      // It is shown a moment after its answers came.
      if (n) await page.waitForTimeout(200);
      all = (await controlsOf(page, `${CONTROLS}, ${FIELDS}, ${FILES}`)).filter(
        (c) => !leave.test(c.name) && !/header\.eave|\.strip|footer\.foot|\.skip/.test(c.shape) && within.test(c.shape),
      );
    }
    if (!all.length) fault('has nothing to use');
    let fresh = true;
    for (const control of spread(all, most)) {
      if (!fresh) await go(screen);
      fresh = true;
      const it = locate(page, control);
      if (!(await it.count()) || (await nameOf(it)) !== control.name) continue;
      const kind = await kindOf(it);
      if (kind === 'outside') continue;
      const element = await it.elementHandle();
      failed = [];
      await it.scrollIntoViewIfNeeded();
      await atRest(it);
      await cut.begin();
      fresh = false;
      cutOff = true;
      used++;
      try {
        await use(it, kind);
        if (changes().length) refused++;
        if (failed.length && !(await explained())) fault(`${control.name}: ${failed.join(', ')} failed unexplained`);
        if (await page.locator('ngb-modal-window').count()) {
          await page.keyboard.press('Escape');
          await page.locator('ngb-modal-window').waitFor({ state: 'detached', timeout: 5000 });
        }
        if (kind === 'field' && (await it.count()) && (await it.inputValue()) !== TYPED && failed.length)
          fault(`${control.name} lost what was typed`);
        // Whatever was busy with it is free again, so that it can be tried once more. What a change of the site turns
        // off (a line that cannot go further up) is as it should be: such changes are made here at once and sent later.
        if (kind === 'press' && changes().length && !changes().some((f) => f.endsWith('/operations')))
          if (await element?.evaluate((e) => e.isConnected && e.matches(':disabled')))
            fault(`${control.name} stays turned off`);
        if (kind === 'press' && !(await focusStays(page)))
          fault(`the focus is gone after ${control.name}, where stands: ${await standing(page)}`);
      } catch (error) {
        const words = (error as Error).message.split('\n');
        fault(`${control.name}: ${words.find((l) => /intercepts|not stable|outside of/.test(l))?.trim() ?? words[0]}`);
      }
      cutOff = false;
      await cut.end();
      if (changes().length) {
        await go(screen);
        await walk.takeBack();
        fresh = true;
      }
    }
  }
  return { used, refused, faults: [...faults] };
}

type Kind = 'outside' | 'file' | 'field' | 'list' | 'press';

const kindOf = (it: Locator): Promise<Kind> =>
  it.evaluate((e): Kind => {
    if (e.matches('a[href][target=_blank], a[href^="mailto:"], a[href^="tel:"]')) return 'outside';
    if (e.matches('input[type=file]')) return 'file';
    if (e.tagName === 'SELECT') return 'list';
    const typed = e.matches('input:not([type=checkbox], [type=radio], [type=range]), textarea');
    return typed && !e.matches('[readonly], :disabled') ? 'field' : 'press';
  });

/** Uses a control as a person would; a dialog that comes of it is filled in and answered with yes. */
async function use(it: Locator, kind: Kind): Promise<void> {
  const page = it.page();
  const settle = () => page.waitForTimeout(SETTLE_MS + 250);
  if (kind === 'file') await it.setInputFiles(FILE);
  else if (kind === 'field') {
    await it.fill(TYPED, { timeout: 10_000 });
    await it.blur();
  } else if (kind === 'list') await takeNext(it);
  else await it.click({ timeout: 10_000, noWaitAfter: true });
  await settle();
  const dialog = page.locator('ngb-modal-window');
  const yes = dialog.locator('button.act');
  if (!(await yes.count())) return;
  for (const field of await dialog.locator(`${FIELDS}, input[type=password]`).all())
    if ((await field.isVisible()) && (await field.isEditable())) await field.fill(TYPED_LONG);
  await yes.first().click({ timeout: 10_000 });
  await settle();
}

/** Waits until pictures drawn above it have stopped moving a control. */
async function atRest(it: Locator): Promise<void> {
  const page = it.page();
  const still = (await page.locator('tp-glimpse').count()) ? 10 : 1;
  let before = '';
  for (let n = 0, same = 0; n < 60 && same < still; n++) {
    const now = JSON.stringify(await it.boundingBox());
    same = now === before ? same + 1 : 0;
    before = now;
    await page.waitForTimeout(80);
  }
}

/**
 * Whether the focus is somewhere in the page and stays for a quarter of a second, waited for at most twelve: while
 * another page is put in the place of one, what had it is gone and its heading has yet to take it.
 */
async function focusStays(page: Page): Promise<boolean> {
  for (let n = 0, there = 0; n < 240; n++) {
    const gone = await page.evaluate(() => !document.activeElement || document.activeElement === document.body);
    there = gone ? 0 : there + 1;
    if (there === 5) return true;
    await page.waitForTimeout(50);
  }
  return false;
}

/** Where the page is and what it says first, to tell what happened there. */
const standing = (page: Page): Promise<string> =>
  page.evaluate(() => `${location.pathname} “${document.body.innerText.replace(/\s+/g, ' ').slice(0, 300)}”`);

/** At most so many of a list, spread over all of it. */
function spread(all: Control[], most: number): Control[] {
  if (all.length <= most) return all;
  return Array.from({ length: most }, (_, n) => all[Math.floor((n * all.length) / most)]!);
}
