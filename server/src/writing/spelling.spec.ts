import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import nspell from 'nspell';
import { languages } from '@tin-porch/core/language';
import { knownTrades, packFor } from '@tin-porch/core/brief';
import { allTexts } from '@tin-porch/core/making';
import { briefFixtures, factsOf, siteFrom } from '@tin-porch/core/fixtures';

const require = createRequire(import.meta.url);
const dictionary = (name: string) => {
  const folder = dirname(require.resolve(`dictionary-${name}`));
  return nspell(readFileSync(join(folder, 'index.aff')), readFileSync(join(folder, 'index.dic')));
};
/** Words of the trades that no dictionary has. */
const TRADE_WORDS =
  'longcase allotments tannery withy withies basketry regulator cresset cooperage bindery letterpress luthier purfled sailmaker ropemaker ropewalk signwriter saddler pleachers broadseamed gessoed toymaker raku silversmith bookbinder knitwear hedgelaying coppicing';
const strange = (text: string, spell: ReturnType<typeof dictionary>, own: ReadonlySet<string>) =>
  [...new Set(text.match(/[\p{L}][\p{L}’'-]*/gu) ?? [])].filter((w) => {
    const plain = w.replace(/’/g, "'").replace(/'s$/, '');
    return (
      ![plain, plain.toLowerCase(), ...plain.split('-')].some((v) => v.length < 3 || spell.correct(v)) &&
      !own.has(w.toLowerCase())
    );
  });

describe('spelling', () => {
  const british = dictionary('en-gb');
  const own = new Set(TRADE_WORDS.split(' '));

  it('of the house’s own patterns and fixed words is right', () => {
    const { patterns, edits, words } = languages['en-GB'];
    const texts = (value: unknown): string[] =>
      typeof value === 'string'
        ? [value]
        : typeof value === 'object' && value !== null
          ? Object.values(value).flatMap(texts)
          : [];
    const house = texts([patterns, edits.warm, edits.lively, edits.formal, words])
      .join(' ')
      .replace(/\{\??\w+\^?\}/g, ' ');
    expect(strange(house, british, own)).toEqual([]);
  });

  it('of the trade packs is right but for words of the trades', () => {
    const lines = knownTrades().flatMap((noun) => {
      const p = packFor(noun);
      return [
        ...p.worksHeadings,
        ...p.contactLeads,
        ...p.actions,
        ...p.steps.flatMap((s) => [s.name, s.text]),
        ...p.services.flatMap((s) => s.lines),
      ];
    });
    const found = strange(lines.join(' '), british, own);
    expect(found.length)
      .withContext(found.join(' '))
      .toBeLessThan(lines.length / 20);
  });

  it('of a site’s copy is right but for what the client wrote', () => {
    for (const { id, text, language } of briefFixtures.filter((f) => f.language === 'en')) {
      const facts = factsOf(text, id);
      const said = new Set(
        JSON.stringify(facts)
          .toLowerCase()
          .match(/[\p{L}][\p{L}’'-]*/gu) ?? [],
      );
      const copy = allTexts(siteFrom(facts, 4)).flatMap((t) =>
        t.text.from.kind === 'brief' || t.text.from.kind === 'pack' ? [t.text.value] : [],
      );
      const found = strange(
        copy.join(' '),
        british,
        new Set([...own, ...said].flatMap((w) => [w, w.replace(/'/g, '’')])),
      );
      expect(found.length)
        .withContext(`${id} (${language}): ${found.join(' ')}`)
        .toBeLessThan(4);
    }
  });
});
