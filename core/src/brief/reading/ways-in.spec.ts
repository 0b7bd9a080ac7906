import { factsOf } from '../../fixtures/index.js';
import { textOfBrief } from '../files.js';
import { piecesOf } from '../layout/pieces.js';
import { headedRole } from '../roles/headed.js';
import { readText } from './read-text.js';

const services = (text: string) => readText(text).facts.services.map((s) => `${s.name}${s.price && `: ${s.price}`}`);

describe('a text of lines that are each a message', () => {
  const TEXT =
    'hi its Gemma from Tolland Tents, we hire out marquees and dance floors\n\n' +
    'between us the big one has a tear in it that nobody will pay for so I can’t hire that till march\n' +
    '£5m public liability if anyone asks and everything is fire tested to BS 7837\n';

  it('runs no line into the next, so that nothing private comes with a fact', () => {
    const { facts } = readText(TEXT);
    const vouched = facts.memberships.join('; ');
    expect(vouched).toContain('BS 7837');
    expect(vouched).toContain('public liability');
    expect(vouched).not.toMatch(/hire that|till march/);
  });

  it('vouches for nothing with what is not so', () => {
    for (const said of [
      'I can’t get chartered before May, so leave that.',
      'We are not certified for drinking water.',
      'Wir sind nicht zertifiziert.',
      'Nous ne sommes pas certifiés.',
    ])
      expect(readText(`Tide Boats mends boats on the quay.\n\n${said}`).facts.memberships)
        .withContext(said)
        .toEqual([]);
  });
});

describe('a form', () => {
  it('with numbered headings over lists is read by them: what is done, what is wanted, what must not be', () => {
    const { facts, told } = readText(
      '1. COMPANY\nHighline Blade Care cleans wind turbines.\n2. SERVICES\na) Blade inspection\nb) Tower painting\n3. SITE MUST\n- have case studies\n4. SITE MUST NOT\n- name any client\n5. CONFIDENTIAL\nA near miss is being looked into.\n',
    );
    expect(facts.services.map((s) => s.name)).toEqual(['Blade inspection', 'Tower painting']);
    expect(told.map((t) => [t.kind, t.text])).toEqual([
      ['wish', 'have case studies'],
      ['dont', 'name any client'],
    ]);
  });

  it('of numbered questions is read by its questions, the name of the question never as that of the business', () => {
    const { facts, told } = readText(
      '1. Nombre del negocio\nCiclos Vendaval\n2. Servicios y precios\npuesta a punto 35 €\npinchazo 8 €\n3. Dirección y teléfono\navenida de la Ría 21, 36999 Vilamar, 986 555 014\n4. ¿Qué no?\nlogos de marcas\n',
    );
    expect(facts.name).toBe('Ciclos Vendaval');
    expect(facts.services.map((s) => [s.name, s.price])).toEqual([
      ['Puesta a punto', '35 €'],
      ['Pinchazo', '8 €'],
    ]);
    expect([facts.phone, facts.address]).toEqual(['986 555 014', 'avenida de la Ría 21, 36999 Vilamar']);
    expect(told.map((t) => [t.kind, t.text])).toContain(['dont', 'logos de marcas']);
  });

  it('of two columns, question and answer, is no price list', () => {
    const text = textOfBrief(
      'form.csv',
      'Question,Answer\nWhat is the business called?,Strand Nets\nWhere are you?,"The Ropewalk, Harbour Road, Polgarth PG1 3NW"\nWhat do you charge?,Goal nets £85 a pair; mending £22 an hour; fruit cage net from £40\nWho works there?,Jory Tregear\n',
    );
    expect(text).toContain('What is the business called? Strand Nets');
    const { facts } = readText(text);
    expect(facts.name).toBe('Strand Nets');
    expect(facts.address).toContain('Polgarth PG1 3NW');
    expect(facts.services.map((s) => s.name).join()).not.toContain('?');
    expect(facts.services.map((s) => [s.name, s.price])).toEqual([
      ['Goal nets', '£85 a pair'],
      ['Mending', '£22 an hour'],
      ['Fruit cage net', 'from £40'],
    ]);
  });

  it('is one only where most numbers have an answer without one under them', () => {
    const list = '1. Oak gates\n2. Ash ladders\n3. Hazel hurdles\nAll from our own wood.\n';
    expect(piecesOf(list).filter((p) => p.kind === 'heading')).toEqual([]);
    expect(piecesOf(list).filter((p) => p.kind === 'item').length).toBe(3);
  });
});

describe('labels that leave no doubt', () => {
  const role = (label: string, text = 'x') => headedRole({ label, under: '', kind: 'value', text });
  it('say what stands behind them, in four languages', () => {
    for (const [label, of] of [
      ['Not wanted', 'dont'],
      ['Anything you hate?', 'dont'],
      ['Was nicht?', 'dont'],
      ['À ne pas mettre', 'dont'],
      ['Evitar', 'dont'],
      ['Features needed', 'wish'],
      ['Was soll drauf?', 'wish'],
      ['Souhaits', 'wish'],
      ['Internal notes', 'note'],
      ['Office use', 'note'],
      ['Budget', 'note'],
      ['Farben', 'style'],
      ['Apologies', 'other'],
      ['Présents', 'other'],
    ] as const)
      expect(role(label)).withContext(label).toBe(of);
  });
  it('are none where they speak of the business', () => {
    for (const label of ['Office', 'What we do', 'Not far from', 'Services', 'Wann?', 'Notes on care', 'Private hire'])
      expect(role(label)).withContext(label).toBeNull();
  });
  it('go after stars: a review is somebody’s words wherever it stands', () => {
    expect(role('Services', '★★★★☆ "Saved my boots"')).toBe('quoted');
    expect(role('', '412 followers · 9 reviews')).toBe('other');
  });
});

describe('a text without stops or capitals', () => {
  it('gives its services one by one', () => {
    expect(
      readText('so we do crown reductions felling stump grinding and hedge cutting').facts.services.map((s) => s.name),
    ).toEqual(['Crown reductions', 'Felling', 'Stump grinding', 'Hedge cutting']);
  });
  it('gives numbers said in pairs, times said in words and a street', () => {
    const facts = factsOf(
      'bonjour mon numéro c’est zéro six quatre-vingt-dix-huit zéro zéro zéro un vingt-trois merci',
      '?',
    );
    expect(facts.phone.replace(/\D/g, '')).toBe('0698000123');
    const shop = factsOf(
      'estamos en calle del pozo siete en alcorvera la tienda abre de lunes a viernes de nueve a dos y de cinco a ocho y el sábado de diez a una',
      '?',
    );
    expect(shop.address).toBe('Calle del Pozo 7 en Alcorvera');
    expect(shop.hours).toBe('Monday to Friday 9.00–14.00 and 17.00–20.00\nSaturday 10.00–13.00');
  });
  it('names whoever says who they are by both names', () => {
    expect(
      factsOf('i make harps by hand in the old barn and i’m bastien prosser', '?').people.map((p) => p.name),
    ).toEqual(['Bastien Prosser']);
  });
});

describe('a text in capitals', () => {
  it('is read as print has it, codes as they are', () => {
    const facts = factsOf(
      'SKELDER HONEY\nMOOR GATE, SKELDER SK3 5LL - 01632 960 245\nCUT COMB £11 - CANDLES FROM £4\nSHOP SAT AND SUN 10-4',
      '?',
    );
    expect(facts.name).toBe('Skelder Honey');
    expect(facts.address).toContain('SK3 5LL');
    expect(facts.hours).toBe('Saturday and Sunday 10.00–16.00');
    expect(facts.services.map((s) => s.name)).toContain('Cut comb');
  });
});

describe('a number of a register', () => {
  it('is never one to ring', () => {
    for (const said of ['SIRET 512 999 001 00017', 'VAT GB 999 1234 56', 'Charity (no. 1900417)'])
      expect(factsOf(`Hartnoll Valves makes valves. ${said}. Ring 01632 960 810.`, '?').phone)
        .withContext(said)
        .toBe('01632 960 810');
  });
});

describe('a price', () => {
  it('is of what a bracket names, and of what stands behind a fee', () => {
    expect(services('Removals\n\nHe takes out old lifts and makes good the wall (removal £120).')).toEqual([
      'Removal: £120',
    ]);
    expect(services('I lead memorials. My fee is £240 for a memorial.').join()).toContain('£240');
    expect(services('I lead memorials. My fee is £240 for a memorial.').join()).not.toMatch(/^Fee|,Fee/);
  });
  it('is of what stands before a bracket that only says about how much', () => {
    expect(
      services('Vans\n\nPeople ask for a full restoration (between £9,000 and £16,000) and new floors (£850).'),
    ).toEqual(jasmine.arrayContaining([jasmine.stringMatching(/^Full restoration/), 'New floors: £850']));
  });
  it('is not the day of a month, nor an hour', () => {
    const prices = (text: string) =>
      readText(text)
        .spans.filter((s) => s.field === 'price')
        .map((s) => s.value);
    expect(prices('Lesung „Ebbe“ am 22. Januar 2027, 19.30 Uhr, Eintritt 8 €.')).not.toContain('22 €');
    expect(prices('county maps from £60, mounting £25, weds to sat 10 til 4 or ring 07700 900219')).toEqual([
      'from £60',
      '£25',
    ]);
    expect(prices('Entradas 6 €, estreno el 20 de marzo, y taller 12 €.')).toEqual(['6 €', '12 €']);
  });

  it('is not what the site may cost, in whatever words', () => {
    for (const said of [
      'Der Auftrag geht an Frau Sommerlath, Rahmen 1.800 €.',
      'Please quote; budget is not to exceed £600.',
    ])
      expect(
        readText(`${said}\n\nTide Ropes makes ropes. A mooring rope is £40.`)
          .spans.filter((s) => s.field === 'price')
          .map((s) => s.value),
      )
        .withContext(said)
        .toEqual(['£40']);
  });

  it('is none of a deposit, a budget or what comes with it', () => {
    expect(services('Boats:\n- Electric boat £25 an hour, deposit £100').join()).not.toContain('Deposit');
    expect(services('Valves Ltd\n\nBudget £9,000 to £12,000, three bidders.')).toEqual([]);
  });
  it('written in whole francs is in francs, whatever the language, with what it is for each of', () => {
    expect(
      services(
        '| Stück | gereinigt |\n|---|---|\n| Hemd | 6.50 |\n| Hose | 12.– |\n| Vorhang | 14.–/m² |\n| Brautkleid | ab 180.– |',
      ),
    ).toEqual(['Hemd: CHF 6.50', 'Hose: CHF 12', 'Vorhang: CHF 14/m²', 'Brautkleid: ab CHF 180']);
  });
});

describe('dates in a list', () => {
  it('are an event each, however they are parted', () => {
    const { events } = factsOf(
      'Les Jardins du Canal\n\nProchains rendez-vous : troc de plants le 8 mai 2027 de 10 h à 13 h, fête du four le 20 juin 2027.',
      '?',
    );
    expect(events.map((e) => e.name)).toEqual(['Troc de plants', 'Fête du four']);
    const club = factsOf('Saxby Vale Railway Club\n\nWe meet every Tuesday, 7.30 to 10 pm, over the goods shed.', '?');
    expect(club.hours).toBe('');
    expect(club.events.map((e) => e.name)).toEqual(['Meeting']);
  });
});

describe('a name', () => {
  it('is given in full where its letters or its marks are cut short elsewhere', () => {
    expect(
      factsOf('Saxby Vale MRC - Home\n\nSaxby Vale Model Railway Club\n\nWe run trains. sec@saxbyvalemrc.example', '?')
        .name,
    ).toBe('Saxby Vale Model Railway Club');
  });
  it('is not what it is said not to be, and nothing the designer asks', () => {
    expect(
      factsOf('It should say Jesse Withycott, Master Thatcher, and not "Withycott & Daughter".', '?').name,
    ).not.toContain('Daughter');
    expect(
      factsOf(
        '[03.11.26, 20:11] Svenja Web: Wünsche zur Gestaltung?\n[03.11.26, 20:12] Kröger: Hausdienst Kröger, wir putzen Treppen\n[03.11.26, 20:13] Svenja Web: Farben?\n[03.11.26, 20:14] Kröger: blau weiß',
        '?',
      ).name,
    ).not.toContain('Gestaltung');
  });
});

describe('an address', () => {
  it('that somebody would rather not see there is not read', () => {
    const letter = '3 Orchard Close\nPenwarrow PW1 2AB\n\nI lead memorials. I would rather my address were not on it.';
    const { address, name } = factsOf(letter, '?');
    expect(address).toBe('');
    expect(name).not.toContain('Orchard');
    expect(
      factsOf(letter.replace('I would rather my address were not on it.', 'Come and see me.'), '?').address,
    ).toContain('Orchard Close');
  });
  it('ends where its sentence goes on, and leaves the name over it alone', () => {
    expect(factsOf('Estamos en calle del Mesón 7, 47410 Olmedilla desde 1952.', '?').address).toBe(
      'calle del Mesón 7, 47410 Olmedilla',
    );
    expect(factsOf('Nuestra tienda: avenida de la Ría 21, 36999 Vilanova do Mar', '?').address).toContain(
      'Vilanova do Mar',
    );
    expect(factsOf('Skelder Honey\nMoor Gate, Skelder SK3 5LL\n\nHoney and comb.', '?').address).toBe(
      'Moor Gate, Skelder SK3 5LL',
    );
  });
});

describe('a sentence of what somebody does', () => {
  it('names no thing on sale, whatever stands beside it', () => {
    expect(
      services(
        'La Page Cornée, librairie. On fait livres neufs, papeterie et commandes. On prête le fauteuil et on ne juge personne.',
      ).join(),
    ).not.toMatch(/fauteuil|personne/i);
    expect(services('The Luddle Trust. We take out weirs, plant willows and count fish.').join()).not.toMatch(
      /out weirs/i,
    );
  });
});

describe('what a business is a maker of', () => {
  it('is what it makes', () => {
    expect(services('We are makers of lock gates, paddle gear and swing bridges since 1891.')).toEqual([
      'Lock gates',
      'Paddle gear',
      'Swing bridges',
    ]);
    expect(readText('You asked what I should like to be called: Margaret Ings Family History.').facts.name).toBe(
      'Margaret Ings Family History',
    );
  });
});

describe('an event', () => {
  const events = (text: string) => readText(text).facts.events.map((e) => `${e.name}: ${e.when}`);

  it('is a day of one year with what is on, and is none where something was, holds or is written', () => {
    expect(events('Bandera de Peñalba: 22 de agosto de 2027.')).toEqual(['Bandera de Peñalba: 22 de agosto de 2027']);
    expect(events('Tide Boats mends boats. Spring regatta 11 July 2027.')).toEqual(['Spring regatta: 11 July 2027']);
    expect(events('Journées portes ouvertes 8 mai 2027, 10h-18h.')).toEqual([
      'Journées portes ouvertes: 8 mai 2027, 10h-18h',
    ]);
    for (const none of [
      'Prices valid from 1 January 2027.',
      'Registered on 4 May 2021.',
      'Protokoll der Sitzung vom 3. Oktober 2026.',
    ])
      expect(events(`Tide Boats mends boats.\n\n${none}`))
        .withContext(none)
        .toEqual([]);
  });
});

describe('what a business is called', () => {
  it('is no greeting, and stands in full where its mail has only its first letters', () => {
    expect(
      factsOf('Guten Tag Herr Brandt,\n\nwir heißen Schuhwerkstatt Leisten & Naht und besohlen Schuhe.', '?').name,
    ).toBe('Schuhwerkstatt Leisten & Naht');
    expect(
      factsOf('**Saltmarrow Amateur Radio Society** (SARS, yes), founded 1927.\n\nsec@sars.example', '?').name,
    ).toBe('Saltmarrow Amateur Radio Society');
  });
});

describe('what is for nobody outside', () => {
  it('is read for no number, no address and no service, whatever it stands beside', () => {
    const {
      phone,
      contacts,
      address,
      services: offered,
    } = factsOf(
      'Hollow Quay Ropes lays ropes. Ring 01632 960 288.\n\nMobile (for the designer only!): 07700 900 741\nWorkshop: 9 Siskin Close, Saltmarrow SM5 3WD – for you only, they get it once we have met\nDDI 01632 960 746 (internal only)\n',
      '?',
    );
    expect(phone).toBe('01632 960 288');
    expect(JSON.stringify(contacts)).not.toMatch(/741|746/);
    expect(address).not.toContain('Siskin');
    expect(JSON.stringify(offered)).not.toMatch(/741|designer/);
  });
});

describe('one thing with what it costs each', () => {
  it('is one service, whoever pays', () => {
    expect(services('Harbour trip, 45 minutes: adults £9, children £5. Seal trip, two hours: £18.')).toContain(
      'Harbour trip: adults £9, children £5',
    );
  });

  it('is not told twice where it is said more closely beside', () => {
    const said = services(
      'We weave coffins and baskets.\n\nPrices:\n- Full-length coffins: £640\n- Ash baskets: £95\n',
    );
    expect(said.some((s) => /^coffins$/i.test(s))).toBeFalse();
  });
});

describe('words that look like others', () => {
  it('are no month, no event and no street', () => {
    expect(factsOf('Undertakers may ring every day 8 to 8. Gannet Knots.', '?').hours).not.toContain('May');
    expect(factsOf('May to October: every day 8 to 8. Gannet Knots.', '?').hours).toContain('May');
    expect(factsOf('The club meets. Next course starts 12 January 2027, £35 with the exam.', '?')).toEqual(
      jasmine.objectContaining({
        services: [],
        events: [jasmine.objectContaining({ when: '12 January 2027', place: '', detail: '£35' })],
      }),
    );
    expect(factsOf('Somos Guitarras Olmedo, un taller de calle del Aire 12, 14999 Villaluz.', '?').address).toBe(
      'calle del Aire 12, 14999 Villaluz',
    );
    expect(factsOf('The shop is at The Green, Upper Carrow, QX8 3PL, and he is in it.', '?').address).toMatch(
      /^The Green/,
    );
    expect(factsOf('Protokoll der Sitzung vom 12. Oktober, 20 Uhr\nDer Frauenchor Elmtal singt.', '?').events).toEqual(
      [],
    );
    expect(
      factsOf('Die Werkstatt ist in der Deichstraße 7, 26999 Norderhafen, geöffnet Dienstag 9 bis 18 Uhr.', '?')
        .address,
    ).toMatch(/^Deichstraße 7/);
  });
});
