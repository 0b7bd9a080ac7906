import { readText } from './read-text.js';

const factsOf = (text: string) => readText(text).facts;

describe('what a business has more than one of', () => {
  it('is read with what each number and address is for', () => {
    const { contacts, phone } = factsOf(
      'We are Ludlam Boats, a boatyard in Saltmarrow.\nOffice: 01632 960 101\nMoorings: 01632 960 102\nFor surveys ring Maud on 07700 900 103. Invoices to accounts@ludlam.example.',
    );
    expect(phone).toBe('01632 960 101');
    expect(contacts.map((c) => [c.value, c.what])).toEqual(
      jasmine.arrayContaining([
        ['01632 960 102', 'Moorings'],
        ['07700 900 103', 'Surveys'],
      ]),
    );
  });

  it('shows no number that is somebody’s own, or of which nobody says what it is for', () => {
    for (const text of [
      'Ludlam Boats, boatyard. Office: 01632 960 101. My own mobile is 07700 900 104, please keep that off the site.',
      'Ludlam Boats, boatyard.\nPhone: 01632 960 101\nHome (private): 07700 900 104',
      'Ludlam Boats, boatyard.\nPhone: 01632 960 101\nWife’s cell: 07700 900 104',
      'Bootswerft Ludlam.\nBüro: 04421 9960101\nHandy privat: 0170 9960104',
    ])
      expect(JSON.stringify(factsOf(text).contacts))
        .withContext(text)
        .not.toMatch(/900 104|9960104/);
  });

  it('is read of further places, with their own hours apart from those of the house', () => {
    const { branches, hours, address } = factsOf(
      [
        'We are Quill & Tan, bookbinders in Saltmarrow.',
        '',
        'Workshop: 4 Dial Passage, Saltmarrow SM1 1PB',
        'Open Tuesday to Friday 10-5',
        '',
        'Shop: 12 Market Hill, Hallowby SM4 2QT',
        'Saturday 10-4',
      ].join('\n'),
    );
    expect(address).toContain('Dial Passage');
    expect(hours).toBe('Tuesday to Friday 10.00–17.00');
    expect(branches.map((b) => [b.name, b.hours])).toEqual([['Shop', 'Saturday 10.00–16.00']]);
  });

  it('takes where letters go, and a car park, for no place to visit', () => {
    for (const line of [
      'Post to: PO Box 9, 3 Mill Lane, Hallowby SM4 2QT',
      'Car park: 9 Staithe Road, Hallowby SM4 2QT',
    ])
      expect(factsOf(`Quill & Tan, bookbinders.\nWorkshop: 4 Dial Passage, Saltmarrow SM1 1PB\n${line}`).branches)
        .withContext(line)
        .toEqual([]);
  });
});

describe('events', () => {
  it('are read with when and where, in the languages that are read', () => {
    const cases: [string, string, string][] = [
      ['Splicing class every Thursday 7 to 9 in the net loft.', 'Splicing class', 'Thursday 7 to 9'],
      ['Our next concert is on Saturday 12 April, 7.30 pm at St Tewen’s.', 'Concert', '12 April'],
      ['Stammtisch jeden ersten Mittwoch im Monat, 19 Uhr, im Bootshaus.', 'Stammtisch', 'ersten Mittwoch'],
      ['Visites guidées le premier samedi du mois à 11h.', 'Visites guidées', 'premier samedi'],
      ['Mercado de productores, segundo domingo de mes, de 9 a 15 h.', 'Mercado de productores', 'domingo'],
    ];
    for (const [said, name, when] of cases) {
      const { events, hours } = factsOf(`${said}`);
      expect(events.length).withContext(said).toBe(1);
      expect(events[0]?.name ?? '')
        .withContext(said)
        .toContain(name);
      expect(events[0]?.when ?? '')
        .withContext(said)
        .toContain(when);
      expect(hours).withContext(said).toBe('');
    }
  });

  it('are a thing and its day, where that has one time or the house says when it is open', () => {
    const of = (text: string) => readText(text).facts.events.map((e) => `${e.name}: ${e.when}`);
    expect(of('Unser Turnverein.\n\n- Kinderturnen: montags 16 Uhr\n- Tischtennis: mittwochs 19.30 Uhr')).toEqual([
      'Kinderturnen: Montags 16 Uhr',
      'Tischtennis: Mittwochs 19.30 Uhr',
    ]);
    expect(of('- Taller de costura, los lunes a las 17 h.')).toEqual(['Taller de costura: Lunes a las 17 h']);
    const text = '- Repair bench on Thursdays, 1 to 4\n- Showroom open Tuesday to Saturday, 10 till 4';
    expect(of(text)).toEqual(['Repair bench: Thursdays, 1 to 4']);
    expect(readText(text).facts.hours).toBe('Tuesday to Saturday 10.00–16.00');
    expect(of('The shop is at 23 Minster Row, Thaxby TX7 2LP, open Tuesday to Saturday from ten until five.')).toEqual(
      [],
    );
  });
  it('are not opening hours, and what happens at the back door is none', () => {
    for (const said of [
      'Open Monday to Friday 9 to 5.',
      'Goods in: Monday to Thursday 6 to 1.30',
      'Bins go out on Tuesday at 7.',
      'Closed for stocktaking 1 March to 4 March.',
    ])
      expect(factsOf(said).events).withContext(said).toEqual([]);
  });
});

describe('registration numbers', () => {
  it('are read as each country writes them, with their registers', () => {
    const cases: [string, string][] = [
      ['Registered charity no. 5990127.', 'Registered charity no. 5990127'],
      ['Company number 00558812, VAT GB 123 4567 89', 'Company number 00558812'],
      ['HRB 0983, Amtsgericht Lahrenfeld', 'HRB 0983, Amtsgericht Lahrenfeld'],
      ['FN 000417x, Landesgericht Traunegg', 'FN 000417x, Landesgericht Traunegg'],
      ['SIRET 432 000 911 00018', 'SIRET 432 000 911 00018'],
      ['NIF B99000588', 'NIF B99000588'],
      ['UID CHE-000.204.188 MWST', 'UID CHE-000.204.188 MWST'],
    ];
    for (const [said, number] of cases)
      expect(factsOf(`Quill and Tan, bookbinders in Saltmarrow. ${said}`).registrations)
        .withContext(said)
        .toContain(number);
  });

  it('are no phone numbers, orders, prices or account numbers', () => {
    for (const said of [
      'Ring 01632 960 101',
      'Invoice no. 20417 was paid',
      'IBAN GB00 TEST 0000 0000 1234',
      'It holds 40,000 litres',
    ])
      expect(factsOf(`Quill and Tan, bookbinders. ${said}.`).registrations)
        .withContext(said)
        .toEqual([]);
  });
});

describe('a sentence that says two things', () => {
  it('has its hours and its event told apart', () => {
    const { hours, events } = factsOf(
      'You can buy from the hatch at the farm Thursday to Saturday 10 to 4, and Orla is at Saltmarrow market on Wednesdays 9 to 1.',
    );
    expect(hours).toBe('Thursday to Saturday 10.00–16.00');
    expect(events.map((e) => [e.name, e.when])).toEqual([['Saltmarrow market', 'Wednesdays 9 to 1']]);
  });

  it('names nobody who has yet to be asked', () => {
    const { people } = factsOf(
      'Je suis Anselme Trévidic, accordeur à Brignac. Il a réparé celui de Marcel Kerfons mais il faut demander avant de l’écrire.',
    );
    expect(people.map((p) => p.name)).not.toContain('Marcel Kerfons');
  });

  it('offers a thing whose words wait for their end as one, and no verb with it', () => {
    const { services } = factsOf(
      'Baumschule Wittrock\n\nWir sind ein Familienbetrieb in vierter Generation in Hohenried. Wir ziehen alte Apfel-, Birnen- und Pflaumensorten, rund 180 Stück.\n\nWas wir anbieten:\n- Hochstämme ab 45 €\n- Halbstämme ab 38 €\n',
    );
    expect(services.map((s) => s.name)).toContain('Alte Apfel-, Birnen- und Pflaumensorten');
    const tuned = factsOf('Nous accordons les accordéons. Un accordage complet c’est à partir de 380 euros.').services;
    expect(tuned.map((s) => s.name).join('|')).not.toMatch(/c[’']est/);
  });
});

describe('a name', () => {
  it('is what the domain of the mail spells, and has no words of the brief in front of it', () => {
    const keel = factsOf(
      'I milk 40 goats and make cheese at Keel Farm, Low Slip Lane, Saltmarrow SM7 2QP.\nbronagh@keelandcurd.example\nBest,\nBronagh\nKeel & Curd',
    );
    expect(keel.name).toBe('Keel & Curd');
    expect(factsOf('Brief Webseite Baumschule Wittrock\n\nWir ziehen alte Sorten.').name).toBe('Baumschule Wittrock');
  });
});

describe('the trades a text may be of', () => {
  it('are told where none is sure, and not where one is said', () => {
    const unsure = readText(
      'We mend what the sea breaks: ropes, sails and nets, and we sell paint. Hollow Quay, Saltmarrow.',
    );
    expect([...unsure.trades].sort()).toEqual(['net maker', 'sailmaker', 'ship chandler']);
    expect(readText('Trade: ropemaker\nWe lay ropes and mend sails and nets.').trades).toEqual([]);
  });
});

describe('a line of contacts', () => {
  it('names people and nothing else', () => {
    const { people } = factsOf(
      'St Orrin’s Hall\nPeople: Mrs Enid Farrow, 01632 960 244, evenings only, hall@storrins.example',
    );
    expect(people.map((p) => p.name)).toEqual(['Mrs Enid Farrow']);
  });

  it('says what an emergency number is for, and of whom', () => {
    const { contacts } = factsOf(
      'Penrose Land Drainage.\nOffice: Sluice House, Fen Road, Saltmarrow SM6 0RD. Tel 01632 960 900; emergencies out of hours 07700 900 911 (drainage boards only). post@penrose.example',
    );
    expect(contacts.map((c) => [c.value, c.what])).toEqual([
      ['07700 900 911', 'Emergencies out of hours (drainage boards only)'],
    ]);
  });
});

describe('a list of groups', () => {
  it('is as many events, none of them an opening', () => {
    const { events, hours } = factsOf(
      'St Orrin’s Hall in Ferrow can be hired.\nRegular groups: Mon 10-12 toddlers; Tue 7.30pm choir; Wed 2-4 whist drive; Thu 6-7 Brownies',
    );
    expect(events.map((e) => `${e.when}: ${e.name}`)).toEqual([
      'Mon 10-12: Toddlers',
      'Tue 7.30pm: Choir',
      'Wed 2-4: Whist drive',
      'Thu 6-7: Brownies',
    ]);
    expect(hours).toBe('');
  });
});

describe('a concert', () => {
  it('has its place and its price, and is no service', () => {
    const { events, services } = factsOf(
      'Saltmarrow Ukulele Orchestra. We meet Mondays 7.30–9.30 pm at the loft. Next concert Sat 12 December, 7 pm, Fishermen’s Mission, £5.',
    );
    expect(events.map((e) => [e.name, e.place, e.detail])).toContain(['Concert', 'Fishermen’s Mission', '£5']);
    expect(services.map((x) => x.name).join()).not.toContain('Mission');
  });
});

describe('what the designer asked for', () => {
  it('is no wish of the client’s', () => {
    const wishes = (text: string) =>
      readText(text)
        .told.filter((t) => t.kind === 'wish')
        .map((t) => t.text);
    expect(wishes('You asked for a page about the shop and I have written four and thrown three away.')).toEqual([]);
    expect(wishes('I should like a page about the shop.').length).toBe(1);
  });
});

describe('groups of services', () => {
  it('are none where one heading stands over all of them, or what it says is for nobody outside', () => {
    const groups = (text: string) => readText(text).facts.services.map((s) => s.group ?? '');
    const list = '- House moves, from £180\n- Storage, £45 a month\n- Piano moving, £120';
    for (const over of ['Good afternoon, Clara:', 'What we do:', '## Item 2: website'])
      expect(new Set(groups(`${over}\n${list}`)))
        .withContext(over)
        .toEqual(new Set(['']));
    const two = `## Moving\n${list}\n\n## Point 3 : website\n- Packing, £30\n- Boxes, £2`;
    expect(groups(two).join()).not.toContain('ebsite');
  });

  it('are the headings that services are listed under', () => {
    const { services } = factsOf(
      [
        '# Quill & Tan',
        '',
        '## Binding',
        '- Case binding, £40',
        '- Repair of spines, £25',
        '',
        '## Boxes',
        '- Clamshell box, £60',
        '- Slip case, £35',
      ].join('\n'),
    );
    expect(services.map((s) => [s.name, s.group ?? ''])).toEqual([
      ['Case binding', 'Binding'],
      ['Repair of spines', 'Binding'],
      ['Clamshell box', 'Boxes'],
      ['Slip case', 'Boxes'],
    ]);
  });
});
