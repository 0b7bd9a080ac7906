// Runs inside the window: takes a drawn page from the interface and puts it in place of the last one, node by node,
// so that scroll position and pictures stay still. It may talk to nobody but the page that holds it.
(() => {
  const sheet = new CSSStyleSheet();
  const marks = new CSSStyleSheet();
  document.adoptedStyleSheets = [sheet, marks];
  let css = '';
  let shown = '';
  const hover = '[data-part]:hover{outline:1px dashed #a5421d;outline-offset:4px;cursor:text}';
  marks.replaceSync(hover);

  const put = (message) => {
    if (message.css !== css) {
      css = message.css;
      sheet.replaceSync(css);
    }
    // Where only the look is another, the page itself need not be read again.
    const body = message.html.slice(message.html.indexOf('<body'));
    if (body !== shown) {
      shown = body;
      const next = new DOMParser().parseFromString(message.html, 'text/html');
      document.documentElement.lang = next.documentElement.lang;
      window.morphdom(document.body, next.body, { onBeforeElUpdated: (from, to) => !from.isEqualNode(to) });
    }
    parent.postMessage({ kind: 'drawn', serial: message.serial, height: document.body.scrollHeight }, '*');
  };
  const select = (part, scroll) => {
    const safe = part ? CSS.escape(part) : '';
    marks.replaceSync(
      part ? `${hover}[data-part="${safe}"]{outline:2px solid #a5421d!important;outline-offset:5px}` : hover,
    );
    if (part && scroll)
      document.querySelector(`[data-part="${safe}"]`)?.scrollIntoView({ block: 'center', behavior: 'auto' });
  };
  addEventListener('message', (event) => {
    if (event.source !== parent) return;
    if (event.data.kind === 'put') put(event.data);
    else if (event.data.kind === 'select') select(event.data.part, event.data.scroll);
    else if (event.data.kind === 'top') scrollTo(0, 0);
    else if (event.data.kind === 'share') {
      told = event.data.share;
      scrollTo(0, told * (document.documentElement.scrollHeight - window.innerHeight));
    } else if (event.data.kind === 'still') document.documentElement.style.overflow = 'hidden';
  });
  addEventListener('click', (event) => {
    const target = event.target instanceof Element ? event.target : null;
    const part = target?.closest('[data-part]')?.getAttribute('data-part') ?? null;
    const link = target?.closest('a[href]')?.getAttribute('href') ?? null;
    if (link || target?.closest('button')) event.preventDefault();
    if (part || link) parent.postMessage({ kind: 'chosen', part, link }, '*');
  });
  // Fonts and pictures come after the page: its height is told again when it changes.
  let height = 0;
  new window.ResizeObserver(() => {
    if (document.body.scrollHeight === height) return;
    height = document.body.scrollHeight;
    parent.postMessage({ kind: 'height', height }, '*');
  }).observe(document.body);

  // How far down the page is, so that pages beside it can be at the same place.
  let told = 0;
  addEventListener(
    'scroll',
    () => {
      const room = document.documentElement.scrollHeight - window.innerHeight;
      const share = room > 0 ? window.scrollY / room : 0;
      if (Math.abs(share - told) < 0.004) return;
      told = share;
      parent.postMessage({ kind: 'scrolled', share }, '*');
    },
    { passive: true },
  );
  addEventListener('submit', (event) => event.preventDefault());
  addEventListener('keydown', (event) => {
    const { key, ctrlKey, metaKey, shiftKey, altKey } = event;
    if (ctrlKey || metaKey || altKey || key === '/' || key === '?')
      parent.postMessage({ kind: 'key', key, ctrlKey: ctrlKey || metaKey, shiftKey, altKey }, '*');
  });
  parent.postMessage({ kind: 'ready' }, '*');
})();
