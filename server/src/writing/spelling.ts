import type { SiteDocument } from '@tin-porch/core/model';
import { languages, type LanguageTag } from '@tin-porch/core/language';
import type { ReworkAnswer, ReworkRequest } from '@tin-porch/core/making';
import { Thread } from '@tin-porch/press/threads';
import type { SpellingRequest } from './spelling-worker.js';

const DICTIONARIES: Record<LanguageTag, string> = { 'en-GB': 'en-gb', 'en-US': 'en', es: 'es', fr: 'fr', de: 'de' };

type Ask = SpellingRequest extends infer R ? (R extends SpellingRequest ? Omit<R, 'dictionary'> : never) : never;

/** Dictionaries in a thread of their own: loading one takes seconds, and memory that is given back when nobody asks. */
export class Spellings {
  private readonly thread = new Thread(
    (ending) => new URL(`./spelling-worker${ending}`, import.meta.url),
    import.meta.url.endsWith('.mjs'),
  );

  private ask = (language: LanguageTag, request: Ask): Promise<unknown> =>
    this.thread.ask({ ...request, dictionary: DICTIONARIES[language] });

  /** Texts worked over with the dictionary of the site’s language at hand. */
  rework = (document: SiteDocument, request: ReworkRequest): Promise<ReworkAnswer> =>
    this.ask(document.language, { kind: 'rework', document, request }) as Promise<ReworkAnswer>;

  /** The words of a text its language’s dictionary does not know. */
  async unknown(language: LanguageTag, text: string): Promise<string[]> {
    const words = [...new Set(text.match(/[\p{L}][\p{L}’'-]*/gu) ?? [])];
    return (await this.ask(language, { kind: 'unknown', words })) as string[];
  }

  /** Where names cannot be told by their capitals, the dictionary says which words are none. */
  async knownIn(language: LanguageTag, text: string): Promise<((word: string) => boolean) | undefined> {
    if (languages[language].reading !== 'de') return undefined;
    const strange = new Set(await this.unknown(language, text));
    return (word) => !strange.has(word);
  }

  close = (): Promise<void> => this.thread.close();
}
