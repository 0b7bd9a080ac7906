import type { Locator, Page, Request, Response } from 'playwright-core';
import { axe, overflows } from './browser.js';

/** What a walk goes over, and how it takes back what a press has done. */
export interface Walk {
  page: Page;
  url: string;
  /** Paths of the screens. */
  routes: readonly string[];
  /** Called after each press that sent something. */
  takeBack(route: string): Promise<void>;
  /** How many controls alike (rows of one list) are pressed. */
  alike?: number;
  /** How many controls of a screen are pressed at most. */
  most?: number;
  /** Controls that are not pressed here, by their names. */
  leave?: RegExp;
}

export const CONTROLS =
  'button, a[href], select, summary, input[type=checkbox], input[type=radio], input[type=range], [role=option], [role=separator]';
export const SETTLE_MS = 90;

export interface Control {
  /** What it is and what it is called. */
  name: string;
  /** The way to it in the page, without its place among those alike. */
  shape: string;
  nth: number;
}

/** The controls of a page that a person can see and use now. */
export const controlsOf = (page: Page, which = CONTROLS): Promise<Control[]> =>
  page.evaluate((selector) => {
    const shapes = new Map<string, number>();
    const out: { name: string; shape: string; nth: number }[] = [];
    for (const e of Array.from(document.querySelectorAll<HTMLElement>(selector))) {
      const shape = [];
      for (let up: Element | null = e; up && up !== document.body; up = up.parentElement)
        shape.unshift(
          up.tagName.toLowerCase() +
            Array.from(up.classList)
              .filter((c) => /^[a-z][a-z-]*$/.test(c) && !/^(on|out|here|show|active|ng-\w+|ngb?-\w+)$/.test(c))
              .slice(0, 2)
              .map((c) => `.${c}`)
              .join(''),
        );
      const path = shape.join('>');
      const nth = shapes.get(path) ?? 0;
      shapes.set(path, nth + 1);
      const { width, height } = e.getBoundingClientRect();
      const disabled = e.matches(':disabled, [aria-disabled=true]');
      if (!width || !height || disabled || !e.checkVisibility({ visibilityProperty: true })) continue;
      const name = (e.getAttribute('aria-label') ?? e.textContent ?? '').replace(/\s+/g, ' ').trim().slice(0, 60);
      out.push({ name: `${e.tagName.toLowerCase()} “${name}”`, shape: path, nth });
    }
    return out;
  }, which);

/** What a control is and what it is called now. */
export const nameOf = (control: Locator): Promise<string> =>
  control.evaluate((e) => {
    const name = (e.getAttribute('aria-label') ?? e.textContent ?? '').replace(/\s+/g, ' ').trim().slice(0, 60);
    return `${e.tagName.toLowerCase()} “${name}”`;
  });

/** Where a control is in the page as it is now. */
export const locate = (page: Page, { shape, nth }: Control): Locator =>
  page.locator(shape.split('>').join(' > ')).nth(nth);

/** Controls that lie under something else when they are scrolled to. */
const covered = (page: Page): Promise<string[]> =>
  page.evaluate((selector) => {
    const found: string[] = [];
    const note = document.querySelector('.said-note');
    // Behind a dialog everything is covered, as it should be.
    const ground = document.querySelector('ngb-modal-window') ?? document;
    const menu = document.querySelector('.dropdown-menu.show');
    for (const e of Array.from(ground.querySelectorAll<HTMLElement>(selector))) {
      const box = e.getBoundingClientRect();
      if (!box.width || !box.height || !e.checkVisibility({ visibilityProperty: true }) || e.closest('.sr')) continue;
      const words = (e.getAttribute('aria-label') ?? e.textContent ?? '').replace(/\s+/g, ' ').trim();
      e.scrollIntoView({ block: 'center', inline: 'center' });
      const at = e.getBoundingClientRect();
      if (at.width < 4 || at.height < 4) continue;
      const top = document.elementFromPoint(at.left + at.width / 2, at.top + at.height / 2);
      // What lies under an open menu or a note is there again once that is closed.
      if (!top || e.contains(top) || top.contains(e) || note?.contains(top) || menu?.contains(top)) continue;
      // The way past the frame shows only as long as it has the keys.
      if (top.closest('.skip')) continue;
      if (top.closest('label')?.contains(e)) continue;
      found.push(
        `${e.tagName.toLowerCase()} “${words.slice(0, 40)}” is covered by ${top.tagName.toLowerCase()}.${top.className}`,
      );
    }
    window.scrollTo(0, 0);
    return found;
  }, CONTROLS);

/**
 * Goes over every screen, presses every control it finds there, also those that a press brings up, and says what was
 * wrong: an error in the console, a request that failed and was not explained, a dialog that cannot be seen or left, the
 * focus gone, a control under another, a page that can be pushed sideways, what axe-core finds.
 */
export async function walkOver(walk: Walk): Promise<{ pressed: number; faults: string[]; of: Record<string, number> }> {
  const { page, url, alike = 2, most = 160, leave = /^$/ } = walk;
  const faults = new Set<string>();
  let where = '';
  /** How many were pressed, screen by screen. */
  const of: Record<string, number> = {};
  const fault = (words: string) => void faults.add(`${where}: ${words}`);
  const failed: string[] = [];
  let open = 0;
  /** What a screen waits for: answers, and parts of the application. */
  const counts = (r: Request) => /\/api\/(?!events)|\/chunk-[^/]*\.js/.test(r.url());
  /** Whether something was sent that may have changed a site. */
  let wrote = false;
  const asked = (r: Request) => {
    if (!counts(r)) return;
    open++;
    wrote ||= r.method() !== 'GET';
  };
  const over = (r: Request) => void (counts(r) && open--);
  const answered = (r: Response) => {
    if (r.status() >= 400) failed.push(`${r.request().method()} ${new URL(r.url()).pathname} answered ${r.status()}`);
  };
  const said = (m: { type(): string; text(): string }) => {
    // A refusal is judged by whether it is explained; the browser’s own line about it says nothing more.
    if (m.type() === 'error' && !/Failed to load resource/.test(m.text())) fault(`console: ${m.text().slice(0, 200)}`);
  };
  const thrown = (e: Error) => fault(`page error: ${e.message.slice(0, 200)}`);
  page.on('request', asked).on('requestfinished', over).on('requestfailed', over);
  page.on('response', answered).on('console', said).on('pageerror', thrown);

  const settle = async () => {
    await page.waitForTimeout(SETTLE_MS);
    for (let n = 0; n < 60 && open > 0; n++) await page.waitForTimeout(40);
    await page.waitForTimeout(30);
  };
  /** Goes to a screen as the browser’s own arrows do, so that the application need not begin anew. */
  const go = async (route: string) => {
    if (page.url().startsWith(url))
      await page.evaluate((path) => {
        // The screen that is there stays until the next has come, however long that takes.
        if (location.pathname !== path)
          Array.from(document.querySelectorAll('router-outlet'))
            .at(-1)
            ?.nextElementSibling?.classList.add('one-before');
        history.pushState(null, '', path);
        dispatchEvent(new PopStateEvent('popstate', { state: null }));
      }, `/${route}`);
    else await page.goto(`${url}/${route}`);
    await settle();
    await page.waitForSelector('.one-before', { state: 'detached' });
    // Between two screens there is none: the next has a heading once what it shows has come.
    await page.waitForSelector('h1');
    await settle();
  };
  const looks = async (what: string) => {
    for (const f of await axe(page)) fault(`${what}: ${f.replace(/\s+/g, ' ').slice(0, 220)}`);
    for (const f of await covered(page)) fault(f);
  };
  const leaveDialog = async (name: string) => {
    const dialog = page.locator('ngb-modal-window');
    if (!(await dialog.count())) return;
    if (!(await dialog.isVisible())) return fault(`${name} opens a dialog that cannot be seen`);
    const state = await page.evaluate(() => {
      const w = document.querySelector('ngb-modal-window')!;
      const label = document.getElementById(w.getAttribute('aria-labelledby') ?? '')?.textContent?.trim();
      return { label, within: w.contains(document.activeElement) };
    });
    if (!state.label) fault(`${name} opens a dialog without a name`);
    if (!state.within) fault(`${name} opens a dialog that does not take the focus`);
    await page.keyboard.press('Escape');
    await dialog.waitFor({ state: 'detached', timeout: 5000 }).catch(() => undefined);
    if (await dialog.count()) {
      fault(`${name} opens a dialog that Escape does not close`);
      await page.reload();
      await settle();
    }
  };

  // What stands around every screen is pressed once for all.
  const around = new Map<string, number>();
  const isAround = (c: Control) => /header\.eave|\.strip|footer\.foot/.test(c.shape);
  for (const route of walk.routes) {
    where = `/${route} at ${page.viewportSize()!.width}`;
    await go(route);
    await looks('at rest');
    if (await overflows(page)) fault('can be pushed sideways');
    const done = new Map<string, number>();
    const looked = new Set<string>();
    for (let count = 0; count < most; count++) {
      const next = (await controlsOf(page)).find(
        (c) =>
          !leave.test(c.name) &&
          !(isAround(c) && around.has(c.name)) &&
          (done.get(c.shape) ?? 0) < alike &&
          !done.has(`${c.shape} ${c.nth}`),
      );
      if (!next) break;
      done.set(next.shape, (done.get(next.shape) ?? 0) + 1);
      done.set(`${next.shape} ${next.nth}`, 1);
      if (isAround(next)) around.set(next.name, 1);
      const control = locate(page, next);
      const outside = await control
        .evaluate(
          (e) =>
            e.matches('a[href]') &&
            (e.getAttribute('target') === '_blank' || /^(mailto|tel):/.test(e.getAttribute('href')!)),
        )
        .catch(() => true);
      if (outside) continue;
      failed.length = 0;
      wrote = false;
      try {
        await control.scrollIntoViewIfNeeded({ timeout: 5000 });
        const tag = await control.evaluate((e) => e.tagName);
        const shownOnFocus = await control.evaluate((e) => e.getBoundingClientRect().bottom <= 0);
        if (tag === 'SELECT') await takeNext(control);
        else if (await control.evaluate((e) => e.matches('input[type=range], [role=separator]'))) {
          await control.focus();
          await page.keyboard.press('ArrowRight');
        } else if (shownOnFocus) await control.press('Enter');
        else
          for (let rests = 0; ; rests++)
            try {
              await control.click({ timeout: 6000, noWaitAfter: true });
              break;
            } catch (error) {
              // What was taken back, or is at work, may still move what stands under it: once at rest it has to be pressed.
              if (!/not stable/.test((error as Error).message) || rests === 3) throw error;
              await page.waitForTimeout(2000);
            }
      } catch (error) {
        // An open menu lies over what is under it until it is closed.
        if (await page.locator('.dropdown-menu.show').count()) {
          await page.keyboard.press('Escape');
          done.delete(`${next.shape} ${next.nth}`);
          done.set(next.shape, done.get(next.shape)! - 1);
          around.delete(next.name);
          continue;
        }
        const words = (error as Error).message
          .split('\n')
          .find((l) => /intercepts|not stable|outside of the viewport/.test(l));
        if (words) fault(`${next.name} cannot be pressed: ${words.trim().slice(0, 160)}`);
        continue;
      }
      of[route] = (of[route] ?? 0) + 1;
      await settle();
      if (await page.locator('ngb-modal-window').count()) {
        if (!looked.has('dialog')) await looks(`dialog of ${next.name}`);
        looked.add('dialog');
        await leaveDialog(next.name);
      }
      const stateNow = () =>
        page.evaluate(() => ({
          body: document.activeElement === document.body || document.activeElement === null,
          alert: Array.from(document.querySelectorAll('[role=alert]')).some((a) => a.textContent?.trim()),
          path: location.pathname.slice(1),
        }));
      // Where another page comes, its heading takes the focus once it is there: asked for and judged by one look.
      let state = await stateNow();
      for (let n = 0; n < 40 && state.body; n++) {
        await page.waitForTimeout(50);
        state = await stateNow();
      }
      if (state.body) fault(`the focus is gone after ${next.name}`);
      if (failed.length && !state.alert) fault(`${next.name}: ${failed.join(', ')}, and nothing says why`);
      if (failed.some((f) => / 5\d\d$/.test(f))) fault(`${next.name}: ${failed.join(', ')}`);
      if (await overflows(page)) fault(`can be pushed sideways after ${next.name}`);
      // Another view beside the controls is a screen of its own; what a list is of is none.
      const view = await page.evaluate(() =>
        Array.from(document.querySelectorAll('.views [aria-pressed=true]'))
          .filter((e) => !e.closest('tp-outline-lists'))
          .map((e) => e.textContent?.trim())
          .join(' '),
      );
      if (view && !looked.has(view)) {
        looked.add(view);
        await looks(view);
      }
      if (wrote) await walk.takeBack(route);
      if (state.path !== route) await go(route);
      else await settle();
    }
  }
  page.off('request', asked).off('requestfinished', over).off('requestfailed', over);
  page.off('response', answered).off('console', said).off('pageerror', thrown);
  const pressed = Object.values(of).reduce((sum, n) => sum + n, 0);
  return { pressed, faults: [...faults], of };
}

/** Takes the option after the one a list stands on, where there is another. */
export async function takeNext(list: Locator): Promise<void> {
  const next = await list.evaluate((e) => {
    const { selectedIndex, options } = e as HTMLSelectElement;
    return options.length > 1 ? (selectedIndex + 1) % options.length : -1;
  });
  await list.focus();
  if (next >= 0) await list.selectOption({ index: next });
}
