import type { CollectionKind, Facts } from '@tin-porch/core/model';
import type { DemoCare } from './books.js';

/** Something in a collection of a made-up client; days are counted from the one the demo is loaded on. */
export interface DemoItem {
  title: string;
  text: string;
  body?: string;
  /** When it came up, or will. */
  days: number;
  /** When it takes place, and from when to when. */
  on?: { days: number; from: string; to: string; place: string };
  by?: string;
  tags?: string[];
}

/** A made-up client of Saltmarrow, and how far their site has come. */
export interface DemoClient {
  facts: Partial<Facts> & { name: string };
  seed: number;
  stage: 'brief' | 'making' | 'live';
  server?: 'quay' | 'slip';
  domain?: string;
  /** Registered in our own account, or held by the client elsewhere. */
  holder?: 'account' | 'client';
  /** Roughly, visits a day. */
  visits?: number;
  /** Something left broken, so that a round has something to find. */
  trouble?: 'record-changed' | 'release-ahead';
  message?: { name: string; mail: string; phone: string; message: string };
  /** Somebody who is at the desk: what they changed there, what they propose, and what was drafted meanwhile. */
  care?: DemoCare;
  grows?: { kind: CollectionKind; name: string; items: DemoItem[] };
  desk?: { name: string; mail: string; otherDays: string; proposes: string; drafted: string };
}

const services = (...lines: [string, string?, string?][]) =>
  lines.map(([name, detail = '', price = ''], n) => ({ id: `v${n + 1}`, name, detail, price }));

export const demoClients: DemoClient[] = [
  {
    stage: 'live',
    server: 'quay',
    domain: 'pellclocks.example',
    holder: 'client',
    seed: 5,
    visits: 31,
    care: {
      plan: { name: 'Wound weekly', price: 6500, every: 'month', minutes: 90, rate: 5200 },
      street: '9 Corn Hall Steps',
      mail: 'maud@pellclocks.example',
      work: [
        [3, 35, 'The barometers moved to the front page', 'plan'],
        [24, 25, 'Wrote to the old address book that still named the former shop', 'free'],
        [33, 80, 'Pictures of the Corn Hall clock, cut and put in', 'plan'],
        [36, 45, 'A page for the winter closing', 'plan'],
        [40, 50, 'A notice for the window, printed', 'extra'],
      ],
    },
    grows: {
      kind: 'news',
      name: 'News',
      items: [
        {
          title: 'The Corn Hall clock strikes again',
          text: 'After nine weeks on our bench the strike train is back in the tower, and the town hears the quarters once more.',
          body: 'The fly was worn through and the hammer had been wired up with fence wire, we think in the fifties. We turned a new arbor, bushed the great wheel and gave the hammer its own spring.\n\nIt was hoisted on a Sunday, so that nobody had to wait under it. It is right to four seconds a week, which for a tower in this wind is very well.',
          days: -86,
          by: 'Maud Pell',
          tags: ['tower clocks'],
        },
        {
          title: 'A longcase from 1781, with its key',
          text: 'Found in the wash house at Brinegate with the key still on its nail. It goes home in spring.',
          body: 'The case had been painted white twice. Under it is plain oak, and inside the door somebody has written down every winding from 1781 to 1802, in pencil, a line each.\n\nWe have left the pencil as it is.',
          days: -41,
          by: 'Maud Pell',
          tags: ['longcase'],
        },
        {
          title: 'Barometers: what the needle means',
          text: 'It is not the word under the needle that counts, but which way it has gone since breakfast.',
          body: 'Tap it once, gently. If it falls, take a coat. If it rises, so may you.\n\nSet the brass hand over the black one each morning, and look again at noon: that is the whole of it.',
          days: -12,
          tags: ['barometers'],
        },
        {
          title: 'The bench is closed over the new year',
          text: 'Clocks that are brought before the twentieth go home before the holiday. Those that come later will hear the new year in with us.',
          days: 9,
        },
      ],
    },
    desk: {
      name: 'Maud Pell',
      mail: 'maud@pellclocks.example',
      otherDays: '24 December to 2 January closed',
      proposes: 'Clocks put right, and told apart, since 1961.',
      drafted: 'Tuesday to Friday 9.00–17.00\nSaturday 10.00–13.00',
    },
    facts: {
      name: 'Pell & Daughter, Clockmakers',
      strapline: 'Clocks put right, and told apart.',
      trade: 'clockmaker',
      place: 'Saltmarrow',
      phone: '01632 960 233',
      mail: 'bench@pellclocks.example',
      address: '4 Dial Passage, Saltmarrow SM1 1PB',
      hours: 'Tuesday to Friday 9.30–17.00\nSaturday 10.00–13.00',
      founded: '1961',
      description:
        'Aldous Pell opened the bench in Dial Passage in 1961 and his daughter Maud has worked at it since she could reach the vice. They mend longcase, bracket and carriage clocks, and look after the tower clock over the Corn Hall. Nothing is sent away: wheels are cut and springs are made on the premises. Every clock goes home with a card that says what was done and when it should be seen again.',
      services: services(
        ['Longcase clocks', 'Fetched, overhauled and set up again where they stand', 'from £240'],
        ['Carriage and bracket clocks', 'Cleaned, bushed and timed over a fortnight', 'from £160'],
        ['Barometers', 'Tubes, dials and silvering', 'from £85'],
        ['Tower clocks', 'A yearly visit with ladders and grease'],
      ),
    },
    message: {
      name: 'Orrin Tague',
      mail: 'orrin.tague@post.example',
      phone: '',
      message:
        'My grandmother’s longcase stops every night at about ten past two. Would you come and look at it? It is too tall for the car.',
    },
  },
  {
    stage: 'live',
    server: 'quay',
    domain: 'quillandplane.example',
    holder: 'account',
    seed: 12,
    visits: 52,
    trouble: 'release-ahead',
    grows: {
      kind: 'works',
      name: 'Work',
      items: [
        {
          title: 'A stair in ash for the old net loft',
          text: 'Eleven treads, no two the same, since no two floors were.',
          body: 'The loft had a ladder. Now it has a stair that turns under the beam, in ash from Pennock Wood, oiled and not varnished.\n\nIt was made in four pieces at the bench and put together in a morning.',
          days: -120,
          tags: ['stairs'],
        },
        {
          title: 'Sash windows for the customs house',
          text: 'Nine pairs, with the old glass put back in wherever it was whole.',
          days: -64,
          tags: ['windows'],
        },
        {
          title: 'A kitchen in elm',
          text: 'One tree, felled by the wind at Larkfield, in eleven doors and a worktop.',
          days: -15,
          tags: ['kitchens'],
        },
      ],
    },
    facts: {
      name: 'Quill & Plane Joinery',
      trade: 'joiner',
      place: 'Saltmarrow',
      phone: '01632 960 417',
      mail: 'workshop@quillandplane.example',
      address: 'The Old Sail Loft, Tannery Row, Saltmarrow SM2 6HJ',
      hours: 'Monday to Friday 7.30–16.30',
      founded: '2009',
      description:
        'We are four joiners in an old sail loft above the harbour. We make doors, stairs and fitted furniture for houses that have no straight walls left. The timber is bought as whole boards and dried in the loft, so a door and its frame come from one tree. We would rather mend a good window than replace it.',
      services: services(
        ['Sash windows', 'Mended, draught-stripped and hung to run with one finger', 'from £310'],
        ['Staircases', 'Drawn, made and fitted, turned parts included'],
        ['Fitted furniture', 'Bookcases, cupboards and window seats'],
        ['Doors', 'Made to the opening, from one board where we can', 'from £680'],
      ),
    },
    message: {
      name: 'Wilhelmina Ó Faoláin',
      mail: 'w.ofaolain@post.example',
      phone: '01632 960 871',
      message:
        'Two sash windows on the sea side, both painted shut. Could you say roughly what it costs before you come out?',
    },
  },
  {
    stage: 'live',
    server: 'slip',
    domain: 'larkfield.example',
    care: {
      plan: { name: 'Quiet plot', price: 18000, every: 'year', minutes: 0, rate: null },
      street: 'The Hut, Larkfield Lane',
      mail: 'committee@larkfield.example',
      work: [],
    },
    holder: 'client',
    seed: 21,
    visits: 11,
    trouble: 'record-changed',
    grows: {
      kind: 'events',
      name: 'What is on',
      items: [
        {
          title: 'Seed swap',
          text: 'Bring what you saved, take what you need. Envelopes are there, and so is the kettle.',
          days: -30,
          on: { days: 16, from: '10:00', to: '13:00', place: 'The trading hut' },
          tags: ['seeds'],
        },
        {
          title: 'Hedge day on the north side',
          text: 'We lay the last forty yards. Gloves and billhooks are there; wear what may be torn.',
          body: 'Parking is by the pump. Whoever comes for the morning has soup at one.\n\nChildren are welcome at the far end, where the brash is burnt.',
          days: -20,
          on: { days: 30, from: '09:00', to: '15:30', place: 'North gate' },
        },
        {
          title: 'Yearly meeting',
          text: 'Rents, water, and who keeps the book. Every plot has a vote.',
          days: -5,
          on: { days: 64, from: '19:00', to: '20:30', place: 'Parish room, Larkfield' },
        },
        {
          title: 'Pumpkin weighing',
          text: 'Won by plot 14, with fifty-one pounds and a wheelbarrow.',
          days: -70,
          on: { days: -34, from: '11:00', to: '12:00', place: 'The trading hut' },
        },
      ],
    },
    facts: {
      name: 'Larkfield Allotments',
      trade: 'allotment society',
      place: 'Saltmarrow',
      mail: 'secretary@larkfield.example',
      address: 'Larkfield Lane, Saltmarrow SM3 4LA',
      founded: '1919',
      description:
        'Larkfield is eighty-two plots on the south slope above the town, dug since 1919. The society belongs to the people who garden there and is run by a committee of nine. Rain from the shed roofs is kept in tanks and shared. In September the gates are open to anybody for the show.',
      services: services(
        ['Full plots', 'Ten rods, with water within forty paces', '£52 a year'],
        ['Half plots', 'A good size to begin with', '£28 a year'],
        ['The hut shop', 'Seed, canes and compost on Sunday mornings'],
        ['The September show', 'Produce, plants and an argument about onions'],
      ),
    },
    message: {
      name: 'Tobiah Rennick',
      mail: 'tobiah@post.example',
      phone: '',
      message: 'Is the list for half plots very long? We have just moved to Kiln Street and have two small diggers.',
    },
  },
  {
    stage: 'live',
    server: 'slip',
    domain: 'ferrowcycles.example',
    care: {
      plan: { name: 'Round the clock', price: 4500, every: 'month', minutes: 60, rate: 5200 },
      street: '17 Chain Lane',
      mail: 'post@ferrowcycles.example',
      work: [[29, 40, 'Prices of the spring service', 'plan']],
    },
    holder: 'account',
    seed: 33,
    visits: 43,
    facts: {
      name: 'Ferrow Cycle Workshop',
      trade: 'cycle workshop',
      place: 'Saltmarrow',
      phone: '01632 960 558',
      mail: 'stand@ferrowcycles.example',
      address: '11 Capstan Yard, Saltmarrow SM1 8FC',
      hours: 'Tue–Sat 8.30–17.30',
      founded: '2016',
      description:
        'Jonquil Ferrow builds wheels and mends bicycles in a railway arch on Capstan Yard. The workshop takes in anything with pedals, and keeps a box of old parts for machines nobody makes parts for any more. Hire bicycles go out with a lock, a pump and a map of the sea wall.',
      services: services(
        ['Full service', 'Stripped, cleaned, set and ridden', '£78'],
        ['Wheel building', 'Laced and trued by hand', 'from £55'],
        ['Hire', 'By the day or the week', '£18 a day'],
        ['Old machines', 'Hub gears, rod brakes and cotter pins welcome'],
      ),
    },
  },
  {
    stage: 'making',
    server: 'quay',
    seed: 3,
    facts: {
      name: 'Hollis & Wren Boatworks',
      strapline: 'Wooden boats, put right by hand.',
      trade: 'boatyard',
      place: 'Saltmarrow',
      phone: '01632 960 114',
      mail: 'yard@hollisandwren.example',
      address: 'The Old Slip, Quay Lane, Saltmarrow SM4 2QD',
      hours: 'Mon–Fri 8.00–17.00',
      founded: '1987',
      description:
        'We are a small yard at the top of the old slip. Three of us mend wooden boats up to forty feet, mostly clinker and carvel, and the odd launch. The yard has been here since 1987, when Tom Hollis took it on from his uncle. We keep every old drawing we find, and we will always tell you if a boat is not worth the money. Please don’t put survey prices on the website, they depend.',
      services: services(
        ['Planking and caulking', 'Larch, oak and iroko, steamed and fitted on the slip'],
        ['Engine and electrics'],
        ['Winter storage', 'Thirty covered berths, a cradle for each hull', '£38 a week'],
        ['Rigging'],
      ),
    },
  },
  {
    stage: 'making',
    seed: 8,
    facts: {
      name: 'Northlight Pottery',
      trade: 'pottery',
      place: 'Saltmarrow',
      phone: '01632 960 702',
      description:
        'Isolde Marchbank throws stoneware in the old net store behind the fish quay. The glazes are mixed from ash and local clay, so no two firings match. Commissions take six to eight weeks.',
      services: services(
        ['Tableware'],
        ['Commissions'],
        ['Garden pots'],
        ['Days at the wheel', 'Four people, four wheels, one kiln', '£65'],
      ),
    },
  },
  {
    stage: 'brief',
    seed: 1,
    facts: {
      name: 'The Saltmarrow Seed Company',
      trade: 'seed merchant',
      place: 'Saltmarrow',
      description: `Hi Ines,

Bertrand here from The Saltmarrow Seed Company. Thanks for coming out on Tuesday, and sorry about the mud!

We sell vegetable seed, flower seed and green manures, all grown by us on the marsh edge. About 140 sorts. Packets are £2.40 each and we post anywhere in the country. Founded in 1926 by my great aunt, who would not have had a telephone in the place.

Best to reach us on post@saltmarrowseed.example. The phone (01632 960377) is only answered weekdays 9 to 12. On the old packets it says 01632 960 371, that one is dead.

Customers are mainly allotment people and small growers. We'd rather not have a shopping cart for now, but a price list would be good. Colours: cream and a dark red like our packets, nothing too modern please.

All the best
Bertrand Oake`,
      services: [],
    },
  },
];
