import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { FocusKeeper } from './focus-keeper';

describe('the focus', () => {
  let keeper: FocusKeeper;
  let ground: HTMLElement;
  const settle = () => new Promise((done) => setTimeout(done, 80));
  const focused = () => document.activeElement?.textContent;
  const button = (name: string) =>
    Array.from(ground.querySelectorAll('button')).find((b) => b.textContent === name) as HTMLButtonElement;

  beforeEach(() => {
    TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection()] });
    keeper = TestBed.inject(FocusKeeper);
    keeper.start();
    ground = document.createElement('main');
    ground.innerHTML =
      '<h1>Heading</h1><ul><li><button>One</button></li><li><button>Two</button></li><li><button>Three</button></li></ul><p><button>After</button></p>';
    document.body.append(ground);
  });
  afterEach(() => {
    keeper.ngOnDestroy();
    ground.remove();
  });

  it('goes to what stands where the control stood that was taken away', async () => {
    button('Two').focus();
    button('Two').parentElement!.remove();
    await settle();
    expect(focused()).toBe('Three');
    button('Three').parentElement!.remove();
    await settle();
    expect(focused()).toBe('One');
  });

  it('leaves a control that can no longer be used for its neighbour', async () => {
    button('One').focus();
    button('One').disabled = true;
    await settle();
    expect(focused()).toBe('Two');
  });

  it('stays on a control that is moved to another place in the page', async () => {
    button('One').focus();
    ground.querySelector('ul')!.append(button('One').parentElement!);
    await settle();
    expect(focused()).toBe('One');
  });

  it('is not brought back where somebody pressed beside every control', async () => {
    button('One').focus();
    ground.querySelector('h1')!.dispatchEvent(new PointerEvent('pointerdown', { bubbles: true }));
    button('One').blur();
    ground.append(document.createElement('hr'));
    await settle();
    expect(document.activeElement).toBe(document.body);
  });

  it('waits for the heading of the next page where the one it stood in goes away whole, and goes to nothing at the top', async () => {
    const top = document.createElement('button');
    top.textContent = 'Skip';
    const around = document.createElement('div');
    ground.replaceWith(around);
    around.append(top, ground);
    const before = location.href;
    button('After').focus();
    history.pushState(null, '', '/elsewhere');
    ground.innerHTML = '<p>Opening …</p>';
    await settle();
    expect(document.activeElement).toBe(ground);
    const next = document.createElement('main');
    next.innerHTML = '<p>Another page, opening …</p>';
    ground.replaceWith(next);
    await settle();
    expect(document.activeElement).toBe(next);
    next.innerHTML = '<h1>There it is</h1>';
    await settle();
    expect(focused()).toBe('There it is');
    history.replaceState(null, '', before);
    around.remove();
  });

  it('finds its place on a page that never comes to rest', async () => {
    button('Two').focus();
    const restless = setInterval(() => ground.classList.toggle('turning'), 10);
    button('Two').parentElement!.remove();
    await new Promise((done) => setTimeout(done, 500));
    clearInterval(restless);
    expect(focused()).toBe('Three');
  });

  it('comes to a heading that was there and is only drawn later', async () => {
    const sheet = document.createElement('style');
    sheet.textContent = 'main { display: none }';
    button('After').focus();
    document.head.append(sheet);
    ground.innerHTML = '<h1>There it is</h1>';
    await settle();
    expect(document.activeElement).toBe(document.body);
    sheet.remove();
    await new Promise((done) => setTimeout(done, 250));
    expect(focused()).toBe('There it is');
  });

  it('passes over a heading that cannot have it, for the field that asks for the password', async () => {
    const bar = document.createElement('div');
    bar.className = 'standing';
    bar.innerHTML = '<input readonly value="mail"><input aria-label="Password">';
    document.body.append(bar);
    for (const heading of ['<h1 inert>Behind a dialog</h1>', '<h1 hidden>Not drawn</h1>']) {
      ground.innerHTML = '<button>Press</button>';
      button('Press').focus();
      ground.innerHTML = heading;
      await settle();
      expect(document.activeElement).withContext(heading).toBe(bar.lastElementChild);
    }
    bar.remove();
  });

  it('waits on what is shown until that has a heading', async () => {
    button('After').focus();
    ground.innerHTML = '<p>Opening …</p>';
    await settle();
    expect(document.activeElement).toBe(ground);
    ground.innerHTML = '<p>Still opening …</p>';
    await settle();
    expect(document.activeElement).toBe(ground);
    ground.innerHTML = '<h1>There it is</h1>';
    await settle();
    expect(focused()).toBe('There it is');
  });

  it('goes to the heading where nothing is left of what was there', async () => {
    button('After').focus();
    ground.innerHTML = '<h1>Another page</h1>';
    await settle();
    expect(focused()).toBe('Another page');
  });
});
