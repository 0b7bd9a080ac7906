import { languages } from '../../language/registry.gen.js';
import { FAMILIES } from '../../model/family.js';
import { readText } from '../reading/read-text.js';
import { models } from '../reading/models.js';
import { judgeTrade } from './judge.js';
import { TRADES } from './graph.js';
import { tradeTokens } from './lexicon.js';
import { packFor, packNamed } from './packs.js';
import { tradesWithWays, wayOf } from './ways.js';

const ids = TRADES.split('\n').map((line) => line.split(' ')[0]!);

describe('the graph of trades', () => {
  it('has at least four hundred, each in every language, with as many usual services in each', () => {
    expect(ids.length).toBeGreaterThanOrEqual(400);
    expect(new Set(ids).size).toBe(ids.length);
    for (const { tag, trades } of Object.values(languages)) {
      expect(Object.keys(trades).sort())
        .withContext(tag)
        .toEqual([...ids].sort());
      for (const id of ids) {
        const { names, things, services } = trades[id]!;
        expect(services.length).withContext(`${tag} ${id}`).toBe(languages['en-GB'].trades[id]!.services.length);
        expect(services.length).withContext(`${tag} ${id}`).toBeGreaterThanOrEqual(3);
        for (const words of [...names, ...things, ...services])
          expect(words.trim()).withContext(`${tag} ${id}`).not.toBe('');
      }
    }
  });

  it('calls no two trades by one name in a language', () => {
    for (const { tag, trades } of Object.values(languages)) {
      const owner = new Map<string, string>();
      for (const [id, { names }] of Object.entries(trades))
        for (const name of new Set(names.map((n) => tradeTokens(n).join(' ')))) {
          expect(owner.get(name) ?? id)
            .withContext(`${tag} ${name}`)
            .toBe(id);
          owner.set(name, id);
        }
    }
  });

  it('puts every trade into a family, and each family has words in every language', () => {
    for (const id of ids) expect(FAMILIES).toContain(packNamed(id).family!);
    for (const { tag, families } of Object.values(languages))
      for (const family of [...FAMILIES, 'any'] as const) {
        const { steps, questions } = families[family];
        expect(steps.length).withContext(`${tag} ${family}`).toBeGreaterThanOrEqual(3);
        expect(questions.length).withContext(`${tag} ${family}`).toBeGreaterThanOrEqual(4);
        for (const [question] of questions) expect(question).toMatch(/\?$/);
      }
  });

  it('says of most trades how they are plied, with words of its own for that in every language', () => {
    for (const trade of tradesWithWays) expect(ids).withContext(trade).toContain(trade);
    expect(new Set(tradesWithWays).size).toBe(tradesWithWays.length);
    expect(tradesWithWays.length).toBeGreaterThan(ids.length * 0.7);
    const ways = [...new Set(tradesWithWays.map((t) => wayOf(t)!))].sort();
    const british = languages['en-GB'].ways;
    for (const { tag, ways: there } of Object.values(languages)) {
      expect(Object.keys(there).sort()).withContext(tag).toEqual(ways);
      const told = new Map<string, string>();
      for (const way of ways) {
        const { questions, steps } = there[way]!;
        // The same is answered in every language, and the same left to the client.
        expect(questions.map(([, answer]) => answer !== ''))
          .withContext(`${tag} ${way}`)
          .toEqual(british[way]!.questions.map(([, answer]) => answer !== ''));
        expect(steps.length).withContext(`${tag} ${way}`).toBe(british[way]!.steps.length);
        for (const [question] of questions) expect(question).withContext(`${tag} ${way}`).toMatch(/\?$/);
        for (const [name, text] of steps)
          expect(name && text)
            .withContext(`${tag} ${way}`)
            .toMatch(/[.!)]$/);
        // The same may be asked of many; what is answered, and how it goes, is each way’s own.
        for (const words of [...questions.map(([, answer]) => answer), ...steps.map(([, text]) => text)].filter(
          Boolean,
        )) {
          expect(told.get(words) ?? way)
            .withContext(`${tag} ${words}`)
            .toBe(way);
          told.set(words, way);
        }
      }
    }
  });

  it('finds a trade by what people call it, in four languages', () => {
    for (const [said, id] of [
      ['hurdle maker', 'hurdle-maker'],
      ['Kunsttischlerei Behrens', 'joinery'],
      ['sage-femme', 'midwife'],
      ['afilador', 'tool-sharpener'],
      ['Solicitors', 'lawyer'],
    ] as const)
      expect(packFor(said).id).withContext(said).toBe(id);
  });
});

describe('what somebody calls their trade', () => {
  it('is what they are, not what their words are about', () => {
    for (const [said, id] of [
      ['lifeboat museum', 'museum'],
      ['hay and straw merchant', 'feed-merchant'],
      ['almazara cooperativa', 'oil-press'],
      ['ramonage et fumisterie', 'chimney-sweep'],
      ['Glockengießer-Werkstatt', 'bell-founder'],
      ['caravan restorer', 'caravan-workshop'],
      ['small family pottery', 'pottery'],
      ['radio repair', 'radio-repairer'],
    ] as const)
      expect(packFor(said).id).withContext(said).toBe(id);
  });

  it('is none of the graph where only a part of it is one', () => {
    for (const said of [
      'beekeeping supplies',
      'kiln builder',
      'cheese scoop maker',
      'chimney pot maker',
      'canal dredging',
    ])
      expect(packFor(said).id).withContext(said).toBe('any');
  });
});

describe('the trade of a text', () => {
  const trade = (text: string) => packFor(readText(text).facts.trade).id;

  it('is what somebody says they are, not what stands next door', () => {
    expect(trade('I am a watchmaker in Saltmarrow, two doors from the post office and opposite the old church.')).toBe(
      'clockmaker',
    );
    expect(trade('Ich bin Hutmacherin in Lübstedt. Die Werkstatt ist neben dem Museum, gegenüber der Kirche.')).toBe(
      'hatter',
    );
  });

  it('is told by what is done as well: who mends bicycles does not hire them out', () => {
    expect(trade('Wir reparieren Fahrräder und bauen Laufräder.')).toBe('cycles');
    expect(trade('Bicycles for hire by the day or the week, delivered to your door.')).toBe('cycle-hire');
  });

  it('is told by the words of its name in any order, and by what is done to its things', () => {
    expect(trade('I burn charcoal in the woods above Saltmarrow, all summer, in an old ring kiln of my uncle’s.')).toBe(
      'charcoal-burner',
    );
    expect(trade('Nous réparons des montres et des pendules depuis trente ans, à deux pas du vieux port.')).toBe(
      'clockmaker',
    );
  });

  it('is not that of those somebody supplies', () => {
    expect(
      trade('We supply rope and twine to boatyards and sailmakers all along this coast, and have for years.'),
    ).not.toBe('sailmaker');
  });

  it('is left open where nothing tells it', () => {
    expect(trade('We have been here for a long time and people seem to like us.')).toBe('any');
    expect(
      judgeTrade(
        [{ text: 'Nothing of the kind.', standing: 'text', role: 'visitors', weight: 1 }],
        'en',
        models().trades,
      ),
    ).toBeNull();
  });
});
