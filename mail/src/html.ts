const escaped = (words: string) =>
  words.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');
/** An address at the end of words, without what ends a sentence. */
const ADDRESS = /https?:\/\/[^\s<>"]+[^\s<>".,:;!?)]/g;

/**
 * A letter of plain words as HTML: its paragraphs and lines, and its addresses as links. It says nothing that the plain words
 * do not, and asks for nothing from anywhere.
 */
export function htmlOf(text: string): string {
  const linked = (line: string) => {
    let [out, at] = ['', 0];
    for (const { 0: address, index } of line.matchAll(ADDRESS)) {
      out += `${escaped(line.slice(at, index))}<a href="${escaped(address)}">${escaped(address)}</a>`;
      at = index + address.length;
    }
    return out + escaped(line.slice(at));
  };
  const paragraphs = text
    .trim()
    .split(/\n\s*\n/)
    .map((p) => `<p>${p.split('\n').map(linked).join('<br>')}</p>`);
  return `<!doctype html><html><head><meta charset="utf-8"></head><body style="font: 16px/1.5 sans-serif; max-width: 38em; overflow-wrap: anywhere">${paragraphs.join('')}</body></html>`;
}
