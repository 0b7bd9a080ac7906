import { demoFacts, siteFrom } from '../../fixtures/index.js';
import { allTexts } from '../generate/site.js';
import { checklist } from '../../care/checklist.js';
import { factsToConfirm, confirmation, refusal, withoutGuess } from '../../brief/confirm.js';
import { readText } from '../../brief/reading/read-text.js';
import { descriptionOf } from '../../page/seo/seo.js';
import { readBrief } from '../../brief/read.js';
import { apply } from '../../operations/apply.js';
import { languages } from '../../language/registry.gen.js';
import { CLEARED, copySentences, heldBack } from './sentences.js';
import { whyHeld } from './for-visitors.js';

describe('what is for visitors', () => {
  const mail =
    'Hi Ines, lovely to meet you. We mend longcase and bracket clocks in Dial Passage. My uncle taught me the trade and I have had the bench since 1994. Something warm, brown or green, NOT purple. My nephew made the old site, ignore it. Mrs Vane said “never ran better”. Maybe we will open on Saturdays. Every clock goes home with a card. Ta, B x sent from my phone';
  const facts = { ...demoFacts, name: 'Bray Clocks', trade: 'clockmaker', services: [], description: mail };
  const site = siteFrom(facts, 3);
  const all = (document = site) =>
    [...allTexts(document).map((t) => t.text.value), ...document.pages.map((p) => descriptionOf(document, p))].join(
      '\n',
    );

  it('is what nothing speaks against; the rest is held back and listed with why', () => {
    for (const words of [
      'purple',
      'Ta, B',
      'sent from my phone',
      'nephew',
      'ran better',
      'Saturdays',
      'lovely to meet',
    ])
      expect(all()).withContext(words).not.toContain(words);
    expect(all()).toContain('We mend longcase and bracket clocks in Dial Passage.');
    // A sign-off that speaks of a phone is either.
    const last = heldBack(facts).at(-1)!.why;
    expect(['a greeting or a sign-off', 'speaks to you']).toContain(last);
    expect(
      heldBack(facts)
        .slice(0, -1)
        .map((h) => h.why),
    ).toEqual([
      'a greeting or a sign-off',
      'about the site itself',
      'a don’t',
      'what somebody said',
      'not settled',
      // “Every clock goes home with a card.” waits for a click.
      'not sure to be for visitors',
    ]);
  });

  it('says of what stands in the facts that it is told as one', () => {
    const description = `${mail}\n\nMembership is £20 a season.`;
    const held = heldBack({ ...facts, description });
    expect(held.find((h) => h.text.startsWith('Membership'))?.why).toBe('told as a fact');
    expect(held.find((h) => h.text.startsWith('Maybe'))?.why).toBe('not settled');
  });

  it('leaves nothing out without saying so: half a bracket and one of two years wait to be cleared', () => {
    const torn = 'We mend longcase clocks (and the barometers that hang beside them.';
    const two = 'The bench was set up in 1961 by the first of us.';
    const description = `${torn} ${two} We have mended clocks here since 1974. The window shows what has come in.`;
    const held = heldBack({ ...facts, description }).map((h) => h.text);
    for (const sentence of [torn, two]) {
      expect(copySentences(description, languages['en-GB']).join(' ')).withContext(sentence).not.toContain(sentence);
      expect(held).toContain(sentence);
    }
  });

  it('is nothing of which nobody can tell whom it is about; that waits to be cleared like all else', () => {
    const said = 'Every clock goes home with a card he has written himself.';
    const description = `We mend stairlifts of every make in Saltmarrow. ${said} The bench is open all day.`;
    const lifts = { ...facts, name: 'Corrigan Lift Care', description };
    expect(copySentences(description, languages['en-GB']).join(' ')).not.toContain(said);
    expect(heldBack(lifts).map((h) => h.text)).toContain(said);
    expect(copySentences(description, languages['en-GB'], [said]).join(' ')).toContain(said);
    // Behind a sentence that names him it is known who he is.
    const named = `My father taught me to mend stairlifts in Saltmarrow. ${said} The bench is open all day.`;
    expect(copySentences(named, languages['en-GB']).join(' ')).toContain(said);
  });

  it('is said so by a person where the rules are wrong', () => {
    const words = 'Maybe we will open on Saturdays.';
    const corrections = [{ words, was: CLEARED, is: null }];
    expect(heldBack(facts, corrections).some((h) => h.text === words)).toBeFalse();
    expect(all(siteFrom(facts, 3, { corrections }))).toContain('open on Saturdays');
  });

  it('is told from what is not in four languages', () => {
    for (const sentence of [
      'Bitte keine roten Knöpfe.',
      'Wir hätten gerne etwas Schlichtes.',
      'Vielen Dank und Grüße, Jonas',
      'Je voudrais quelque chose de sobre.',
      'Surtout pas de violet.',
      'Merci et à bientôt.',
      'Que se vea grande el teléfono.',
      'No pongas el precio.',
      'Gracias por todo, Nuria',
      'Please leave the prices off.',
      'Not for the public: the yard is empty on Mondays.',
    ])
      expect(whyHeld(sentence)).withContext(sentence).not.toBeNull();
    for (const sentence of [
      'Wir bauen Orgeln und stimmen sie.',
      'Nous réparons des montres depuis 1974.',
      'Hacemos sillas de montar en el taller de mi abuelo.',
      'We throw and glaze everything in Kiln Street.',
      'Two of us work there and a third comes on Fridays.',
    ])
      expect(whyHeld(sentence)).withContext(sentence).toBeNull();
  });

  it('stops a site that says to everybody what was said to the designer, however it came there', () => {
    const item = (document = site) => checklist(document).find((c) => c.id === 'private')!;
    expect(item().state).toBe('good');
    const at = allTexts(site).find((t) => t.path === 'lead')!;
    const leak = (kind: 'brief' | 'designer') =>
      apply(site, {
        op: 'setText',
        at: { section: at.section.id, path: at.path },
        text: {
          value: 'Something warm, brown or green, not purple.',
          from: kind === 'brief' ? { kind, quote: 'x' } : { kind },
        },
      }).document;
    expect(item(leak('brief')).state).toBe('stop');
    // What the designer wrote is their own word.
    expect(item(leak('designer')).state).toBe('good');
  });
});

describe('a line without a stop', () => {
  it('is copy where somebody does something in it, and else a list that is told from the sheet', () => {
    const copy = (text: string) => copySentences(text, languages['de']).join(' ');
    const over = 'Buchhandlung Seitenwind\n\nWir lesen, was wir verkaufen, und sagen auch, wenn es nichts ist.\n\n';
    expect(copy(`${over}Romane, Kinderbücher, Seekarten, Bestellungen über Nacht`)).not.toContain('Romane');
    expect(copy(`${over}Jule Harms (Inhaberin), Mehmet Aydın (Kinderbuch), Lina (Auszubildende)`)).not.toContain(
      'Jule',
    );
    expect(copy(over)).toContain('Wir lesen');
  });
});

describe('facts to confirm', () => {
  it('are names, hours and prices read out of running text, until somebody says they are right', () => {
    const description =
      'We are Gant and Sons, ropemakers of Saltmarrow. We are open Monday to Friday 8 to 5. Mooring ropes cost £12 each.';
    const document = { facts: readBrief(description), corrections: [] as never[] };
    const open = factsToConfirm(document);
    expect(open.map((f) => f.field)).toEqual(['name', 'hours', 'price']);
    const corrections = open.map(confirmation);
    expect(factsToConfirm({ ...document, corrections })).toEqual([]);
    // What somebody typed instead of what was read is theirs.
    expect(
      factsToConfirm({ ...document, facts: { ...document.facts, hours: 'Mon–Thu 9.00–12.00' } }).map((f) => f.field),
    ).not.toContain('hours');
  });
  it('go out of the facts where somebody says they are wrong, and are not read again', () => {
    const description =
      'We are Gant and Sons, ropemakers. We are open Monday to Friday 8 to 5. Mooring ropes cost £12 each.';
    const facts = readBrief(description);
    for (const fact of factsToConfirm({ facts, corrections: [] })) {
      const out = refusal(facts, fact);
      const after = { ...facts, ...out.facts };
      expect(factsToConfirm({ facts: after, corrections: out.corrections }).map((f) => f.what)).not.toContain(
        fact.what,
      );
      const again = readText(description, out.corrections).facts;
      if (fact.field === 'price') {
        expect(after.services.map((s) => s.price)).not.toContain(fact.value);
        expect(after.services.length).toBe(facts.services.length);
        expect(again.services.map((s) => s.price)).not.toContain(fact.value);
      } else {
        expect(after[fact.field]).toBe('');
        expect(again[fact.field]).not.toBe(fact.value);
      }
    }
  });
  it('are a trade that is not certain too, which is told once it is confirmed and gone once it is refused', () => {
    const description =
      'Tolland Supplies, Hallow Farm. We keep the goods dry and the books straight, and have done since the winter of the flood. ' +
      'There is a beekeeper in the family, and people ask for all sorts: string, lamps, boots, a bit of rope.';
    const facts = { ...readBrief(description), trade: readText(description).facts.trade };
    expect(facts.trade).not.toBe('');
    const trade = factsToConfirm({ facts, corrections: [] }).find((f) => f.field === 'trade')!;
    expect(trade.value).toBe(facts.trade);
    expect(withoutGuess({ facts, corrections: [] }).trade).toBe('');
    expect(withoutGuess({ facts, corrections: [] })).toBe(withoutGuess({ facts, corrections: [] }));
    expect(withoutGuess({ facts, corrections: [confirmation(trade)] }).trade).toBe(facts.trade);
    expect(withoutGuess({ facts: { ...facts, trade: 'ship chandler' }, corrections: [] }).trade).toBe('ship chandler');
    const out = refusal(facts, trade);
    expect(out.facts).toEqual({ trade: '' });
    expect(readText(description, out.corrections).facts.trade).toBe('');
  });
  it('are refused whole where several stretches say when it is open', () => {
    const description = 'We are Gant and Sons. We are open Monday to Friday 8 to 5. On Saturdays we are open 9 to 12.';
    const facts = readBrief(description);
    const hours = factsToConfirm({ facts, corrections: [] }).find((f) => f.field === 'hours')!;
    expect(facts.hours).toContain('Saturday');
    expect(readText(description, refusal(facts, hours).corrections).facts.hours).toBe('');
  });
  it('are none where the client states them plainly', () => {
    const description = 'Name: Gant & Sons\nHours: Mon–Fri 8.00–17.00\nServices:\n- Mooring ropes, £12\n\nWe lay rope.';
    const document = siteFrom({ ...demoFacts, name: 'Gant & Sons', hours: 'Mon–Fri 8.00–17.00', description }, 1);
    expect(factsToConfirm(document)).toEqual([]);
  });
});
