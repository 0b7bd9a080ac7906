import { DrawnPage, handKey, placeOf, tell } from './drawn-page.js';

// The window as it only shows: a press says what was pressed.
new DrawnPage(false);
window.addEventListener('click', (event) => {
  const place = placeOf(event.target);
  if (place.link || (event.target instanceof Element && event.target.closest('button'))) event.preventDefault();
  if (place.part || place.link) tell({ kind: 'chosen', ...place });
});
window.addEventListener('keydown', (event) => {
  const { key, ctrlKey, metaKey, altKey } = event;
  if (ctrlKey || metaKey || altKey || key === '/' || key === '?') handKey(event);
});
tell({ kind: 'ready' });
