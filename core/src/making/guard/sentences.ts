import { allTexts } from '../generate/site.js';
import { needsConfirming, type Provenance, type SiteDocument } from '../../model/site.js';
import { splitSentences } from '../writer/sentences.js';

/** One sentence of a site and where it comes from. */
export interface SourcedSentence {
  page: string;
  /** Section and path of the text it stands in. */
  at: string;
  sentence: string;
  from: Provenance['kind'];
  /** The words of the brief, the line of the trade pack, or what to ask. */
  source: string;
  toConfirm: boolean;
}

/** The words of the brief that one sentence of a text stands for: those parts of the quote that share a word with it. */
function quoteFor(sentence: string, quote: string): string {
  const said = new Set(sentence.toLowerCase().match(/[\p{L}\p{N}]{2,}/gu) ?? []);
  const parts = quote.split('; ');
  const own = parts.filter((p) => (p.toLowerCase().match(/[\p{L}\p{N}]{2,}/gu) ?? []).some((w) => said.has(w)));
  return (own.length ? own : parts).join('; ');
}

/** Every sentence of a site with its provenance, shared parts first, then page by page. */
export function sourcedSentences(document: SiteDocument): SourcedSentence[] {
  return allTexts(document).flatMap(({ page, section, path, text }) =>
    (text.value ? splitSentences(text.value) : []).map((sentence): SourcedSentence => {
      const { from } = text;
      return {
        page: page?.label ?? 'every page',
        at: `${section.id}/${path}`,
        sentence,
        from: from.kind,
        source:
          from.kind === 'brief'
            ? quoteFor(sentence, from.quote)
            : from.kind === 'pack'
              ? from.line
              : from.kind === 'placeholder'
                ? from.ask
                : from.kind === 'service'
                  ? from.unbacked.join('; ')
                  : '',
        toConfirm: needsConfirming(text),
      };
    }),
  );
}
