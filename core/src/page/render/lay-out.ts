const BLOCK =
  /^(html|head|body|meta|link|title|script|header|footer|main|nav|section|article|aside|div|ul|ol|li|h[1-6]|p|form|label|input|textarea|button|img|address|dl|dt|dd)$/;
const VOID = /^(meta|link|img|input|br|hr)$/;
const HOLDS_BLOCKS = /^(html|head|body|header|footer|main|nav|section|article|aside|div|ul|ol|form|dl|li)$/;

/**
 * Lays out markup one block element a line, indented, so that a person can read it. Text and inline elements are
 * left exactly as they are, so nothing a browser shows changes.
 */
export function layOut(html: string): string {
  const tokens = html.match(/<(script|textarea)\b[^]*?<\/\1>|<[^>]+>|[^<]+/g) ?? [];
  const out: string[] = [];
  const open: { name: string; holds: boolean; laidOut: boolean }[] = [];
  // Only the end of what is there is looked at, so that a page costs what it is long.
  const newLine = () => {
    for (let last = out.pop(); last !== undefined; last = out.pop()) {
      const kept = last.replace(/[ \n]+$/, '');
      if (!kept) continue;
      out.push(kept);
      break;
    }
    out.push(`\n${'  '.repeat(open.length)}`);
  };
  for (const token of tokens) {
    const tag = /^<(\/?)([a-z0-9]+)/i.exec(token);
    const name = tag?.[2]?.toLowerCase() ?? '';
    const parent = open.at(-1);
    if (!tag || !BLOCK.test(name)) {
      if (tag && parent?.laidOut) newLine();
      out.push(VOID.test(name) ? token.replace(/\/>$/, '>') : token);
    } else if (tag[1]) {
      if (open.pop()?.laidOut) newLine();
      out.push(token);
    } else {
      if (!parent || parent.holds) {
        newLine();
        if (parent) parent.laidOut = true;
      }
      out.push(VOID.test(name) ? token.replace(/\/>$/, '>') : token);
      if (!VOID.test(name) && !/<\/(script|textarea)>$/.test(token))
        open.push({ name, holds: HOLDS_BLOCKS.test(name), laidOut: false });
    }
  }
  return `${out.join('').trim()}\n`;
}
