import type { FieldForm } from '@tin-porch/core/model';
import type { Left, WordsState, Written } from './messages.js';
import { cleanWords, WordsEditor, writtenFromHtml } from './words-editor.js';

describe('the words editor', () => {
  let element: HTMLElement;
  let editor: WordsEditor;
  let said: Written[];
  let left: Left[];
  let state: WordsState | null;
  let keys: string[];

  function edit(text: Written, form: FieldForm = 'prose', tag = 'p', at?: 'all') {
    element = document.createElement(tag);
    element.className = 'lead';
    element.style.whiteSpace = 'pre-wrap';
    element.textContent = text.value;
    document.body.append(element);
    [said, left, state, keys] = [[], [], null, []];
    editor = new WordsEditor({
      element,
      part: 's1/lead',
      label: 'Introduction',
      form,
      text,
      ...(at && { at }),
      written: (now) => said.push(now),
      state: (now) => (state = now),
      left: (how) => left.push(how),
      key: (event) => keys.push(event.key),
    });
  }
  afterEach(() => {
    editor?.end();
    element?.remove();
  });
  const key = (name: string, more: KeyboardEventInit = {}) => {
    const event = new KeyboardEvent('keydown', { key: name, bubbles: true, cancelable: true, ...more });
    element.dispatchEvent(event);
    return event;
  };
  /** Types; what the page changes by itself is seen a moment later. */
  const type = async (words: string) => {
    document.execCommand('insertText', false, words);
    await new Promise((done) => setTimeout(done));
  };
  const paste = (data: Record<string, string>) => {
    const clipboardData = new DataTransfer();
    for (const [kind, value] of Object.entries(data)) clipboardData.setData(kind, value);
    element.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
  };
  const last = () => said.at(-1);

  it('leaves the element as it was, with the words that are there then', () => {
    edit({ value: 'We mend boats', marks: [{ kind: 'strong', from: 3, to: 7 }] });
    expect(element.isContentEditable).toBeTrue();
    expect(element.getAttribute('aria-label')).toBe('Introduction');
    editor.end();
    expect(element.outerHTML).toBe('<p class="lead">We <strong>mend</strong> boats</p>');
    expect(said).toEqual([]);
  });

  it('sets what is taken off, says so, and takes it back', () => {
    edit({ value: 'We mend boats' }, 'prose', 'p', 'all');
    expect(state).toEqual({ part: 's1/lead', strong: false, stress: false, link: null, some: true });
    editor.do({ name: 'strong' });
    expect(last()).toEqual({ value: 'We mend boats', marks: [{ kind: 'strong', from: 0, to: 13 }] });
    expect(state!.strong).toBeTrue();
    key('z', { ctrlKey: true });
    expect(last()).toEqual({ value: 'We mend boats' });
    key('b', { ctrlKey: true });
    expect(last()!.marks).toEqual([{ kind: 'strong', from: 0, to: 13 }]);
  });

  it('hands the undo on where there is nothing of its own to undo', () => {
    edit({ value: 'We mend boats' });
    key('z', { ctrlKey: true });
    expect(keys).toEqual(['z']);
    key('k', { ctrlKey: true });
    expect(keys).toEqual(['z', 'k']);
  });

  it('makes a link of the word the caret is in, changes it and takes it away', () => {
    edit({ value: 'We mend boats' });
    editor.do({ name: 'link', target: 'page:services' });
    expect(last()).toEqual({
      value: 'We mend boats',
      marks: [{ kind: 'link', from: 8, to: 13, target: 'page:services' }],
    });
    expect(state!.link).toBe('page:services');
    editor.do({ name: 'link', target: 'tel:01632960114' });
    expect(last()!.marks).toEqual([{ kind: 'link', from: 8, to: 13, target: 'tel:01632960114' }]);
    editor.do({ name: 'unlink' });
    expect(last()).toEqual({ value: 'We mend boats' });
  });

  it('sets nothing off in a label, and goes on at Enter', () => {
    edit({ value: 'Ask' }, 'words', 'span', 'all');
    editor.do({ name: 'strong' });
    editor.do({ name: 'link', target: 'page:services' });
    key('b', { ctrlKey: true });
    expect(said).toEqual([]);
    key('Enter');
    expect(left).toEqual(['next']);
  });

  it('breaks a line in running words, and in a heading where it is asked to', async () => {
    edit({ value: 'We mend' });
    key('Enter');
    await type('boats');
    expect(last()).toEqual({ value: 'We mend\nboats' });
    editor.end();
    element.remove();
    edit({ value: 'We mend' }, 'line', 'h2');
    key('Enter', { shiftKey: true });
    await type('boats');
    expect(last()).toEqual({ value: 'We mend\nboats' });
    key('Enter');
    expect(left).toEqual(['next']);
  });

  it('goes on with bullets, and ends them at an empty one', async () => {
    edit({ value: 'We mend\n• Planks' });
    key('Enter');
    await type('Ribs');
    expect(last()).toEqual({ value: 'We mend\n• Planks\n• Ribs' });
    key('Enter');
    key('Enter');
    await type('And more.');
    expect(last()).toEqual({ value: 'We mend\n• Planks\n• Ribs\nAnd more.' });
  });

  it('goes on with items of a list, and ends it at an empty one', async () => {
    edit({ value: 'We mend\n• Planks' }, 'prose', 'div');
    key('Enter');
    await type('Ribs');
    expect(last()).toEqual({ value: 'We mend\n• Planks\n• Ribs' });
    key('Enter');
    key('Enter');
    await type('And more.');
    expect(last()).toEqual({ value: 'We mend\n• Planks\n• Ribs\nAnd more.' });
    editor.end();
    expect(element.innerHTML).toBe(
      '<p>We mend</p><ul class="points"><li>Planks</li><li>Ribs</li></ul><p>And more.</p>',
    );
  });

  it('leaves by Escape and Tab', () => {
    edit({ value: 'We mend' });
    key('Tab');
    key('Tab', { shiftKey: true });
    key('Escape');
    expect(left).toEqual(['next', 'before', 'escape']);
  });

  it('takes other words in without the focus, and can undo them', () => {
    edit({ value: 'We mend boats' });
    element.blur();
    editor.do({ name: 'replace', text: { value: 'Boats, mended' } });
    expect(editor.written).toEqual({ value: 'Boats, mended' });
    expect(document.activeElement).not.toBe(element);
    key('z', { ctrlKey: true });
    expect(editor.written).toEqual({ value: 'We mend boats' });
  });

  it('pastes words from anywhere clean', () => {
    edit({ value: 'x' }, 'prose', 'p', 'all');
    paste({
      'text/plain': 'ignored',
      'text/html':
        '<meta><style>p{}</style><p style="color:red">We <span style="font-weight:700">mend</span>&nbsp;<a href="https://b.example/">boats</a><script>alert(1)</script></p><ul><li>Planks</li><li><i>Ribs</i> <a href="javascript:x()">now</a></li></ul><b style="font-weight:normal">End</b>',
    });
    expect(last()).toEqual({
      value: 'We mend boats\n• Planks\n• Ribs now\nEnd',
      marks: [
        { kind: 'strong', from: 3, to: 7 },
        { kind: 'link', from: 8, to: 13, target: 'https://b.example/' },
        { kind: 'stress', from: 25, to: 29 },
      ],
    });
  });

  it('leaves what is taken alone where nothing in what is pasted is words', () => {
    edit({ value: 'We mend' }, 'prose', 'p', 'all');
    paste({});
    paste({ 'text/html': '<img src="x.png">' });
    expect(said).toEqual([]);
  });

  it('pastes several lines into one line as one', () => {
    edit({ value: 'x' }, 'line', 'h2', 'all');
    paste({ 'text/html': '<p>We</p><ul><li>mend</li></ul>' });
    expect(last()!.value).toMatch(/^We +mend$/);
    editor.end();
    element.remove();
    edit({ value: 'x' }, 'words', 'span', 'all');
    paste({ 'text/plain': 'Ask\r\nnow' });
    expect(last()).toEqual({ value: 'Ask now' });
  });

  it('never holds more than a text may', () => {
    edit({ value: 'x'.repeat(3990) });
    paste({ 'text/plain': 'y'.repeat(40) });
    expect(editor.written.value.length).toBe(3990);
    paste({ 'text/plain': 'y'.repeat(10) });
    expect(editor.written.value.length).toBe(4000);
  });
});

describe('words from elsewhere', () => {
  it('lose what cannot be seen and what only looks like words', () =>
    expect(cleanWords(' We\u00a0mend\u200b\tboats \r\n\r\n\r\n- Planks\r\n* Ribs ')).toBe(
      'We mend boats\n• Planks\n• Ribs',
    ));
  it('keep what stands in tables and headings apart', () =>
    expect(writtenFromHtml('<h2>Prices</h2><table><tr><td>Planks</td></tr><tr><td>£5</td></tr></table>').value).toBe(
      'Prices\nPlanks\n£5',
    ));
});
