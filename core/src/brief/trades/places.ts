import type { WrittenPack } from './pack.js';

/** Places people come to, groups that meet, and those who work with land, engines or paper. */
export const places: WrittenPack[] = [
  {
    id: 'ferry',
    synonyms: ['ferries', 'ferryman', 'boat trips', 'river trips', 'harbour cruises', 'water taxi', 'fishing trips'],
    worksHeadings: ['Across and back', 'From the steps'],
    stepsHeadings: ['How to get aboard', 'Before you cross'],
    steps: [],
    actions: ['Ask about a crossing', 'Ask for the times', 'Ask for a trip'],
    contactHeadings: ['Tell us when and how many', 'Is she running today?'],
    contactLeads: [
      'The day, how many of you, and whether there are bicycles or a pram.',
      'The tide decides the landing; ask before you come from far.',
    ],
    services: [
      {
        match: ['cross', 'ferry'],
        lines: [
          'From the steps, when the bell is rung.',
          'Bicycles and prams stand forward.',
          'Ring and wait; she comes.',
          'Every half tide.',
        ],
      },
      {
        match: ['trip', 'cruise', 'tour'],
        lines: ['Round the point and back on the same tide.', 'Round the light and home.', 'Blankets aboard.'],
      },
      {
        match: ['charter', 'party', 'private'],
        lines: [
          'The whole boat, for as long as the light lasts.',
          'Music allowed, decks swept.',
          'Picked up from either bank.',
        ],
      },
      { match: ['fish', 'seal', 'bird'], lines: ['Engine off where they are.', 'Rods, bait and advice.', 'Quietly.'] },
    ],
    questions: ['From where do you sail, and what happens when the weather is bad?'],
    hues: [
      [240, 35],
      [215, 80],
    ],
    scene: 'boat',
  },
  {
    id: 'campsite',
    synonyms: ['camping', 'camp site', 'caravan site', 'pitches', 'tents', 'glamping', 'shepherd huts', 'campingplatz'],
    worksHeadings: ['Pitches and huts', 'In the field'],
    stepsHeadings: ['Coming to camp', 'From gate to guy rope'],
    steps: [],
    actions: ['Ask for a pitch', 'Ask for your dates', 'Ask about a hut'],
    contactHeadings: ['Tell us how many nights', 'Tent, van or hut?'],
    contactLeads: [
      'The nights, how many of you, and what you sleep in.',
      'How long your van is, and whether you bring a dog.',
    ],
    services: [
      {
        match: ['pitch', 'tent', 'camp'],
        lines: [
          'Level, with a tap within a bucket’s walk.',
          'Mown between, rough at the edges.',
          'Space for the ropes.',
          'Morning sun or evening, your choice.',
        ],
      },
      {
        match: ['hut', 'cabin', 'pod'],
        lines: [
          'A stove, a bed made up, and a step to sit on.',
          'Wood stacked by the door.',
          'Lamps, pots and a kettle.',
        ],
      },
      {
        match: ['van', 'caravan'],
        lines: ['Hard standing by the hedge.', 'Level and drained.', 'With or without a lead.'],
      },
      {
        match: ['shower', 'wash', 'facilit'],
        lines: ['Hot water, and hooks at two heights.', 'Washing lines in the wind.', 'Swept twice a day.'],
      },
    ],
    questions: ['Which months are you open, and are dogs and campfires allowed?'],
    hues: [
      [145, 55],
      [115, 35],
    ],
    scene: 'plot',
  },
  {
    id: 'holiday-cottage',
    synonyms: [
      'holiday cottages',
      'holiday let',
      'self-catering',
      'holiday house',
      'holiday flat',
      'cottage to rent',
      'ferienwohnung',
    ],
    worksHeadings: ['Under the roof', 'From hall to attic'],
    stepsHeadings: ['From asking to the key', 'How to stay'],
    steps: [],
    actions: ['Ask for your dates', 'Ask if it is free', 'Write to us'],
    contactHeadings: ['Tell us which week', 'Is it free?'],
    contactLeads: [
      'The week, how many of you, and whether there is a cot to put up.',
      'Whether you bring a dog, and how you will arrive.',
    ],
    services: [
      {
        match: ['bed', 'room', 'sleep'],
        lines: [
          'Made up, with a lamp on both sides.',
          'Windows that open on to the sound of it.',
          'Wool blankets, dark curtains.',
          'Quiet at the back.',
        ],
      },
      {
        match: ['kitchen'],
        lines: [
          'Sharp knives, big pans, and salt.',
          'A range and a drawer of candles.',
          'Room for everybody at the table.',
        ],
      },
      {
        match: ['garden', 'terrace', 'yard'],
        lines: ['A table outside that catches the evening.', 'Walled, gated, warm.', 'Somewhere for sandy shoes.'],
      },
      {
        match: ['week', 'night', 'rent', 'let'],
        lines: [
          'By the week in summer, by the night when it is quiet.',
          'Saturday to Saturday, mostly.',
          'Ask about odd days.',
        ],
      },
    ],
    hues: [
      [205, 60],
      [25, 195],
    ],
    scene: 'house',
  },
  {
    id: 'museum',
    synonyms: ['museums', 'exhibition', 'heritage centre', 'collection', 'gallery', 'tide mill', 'lighthouse'],
    worksHeadings: ['What there is to see', 'In the rooms'],
    stepsHeadings: ['Planning a visit', 'How to see it'],
    steps: [],
    actions: ['Plan a visit', 'Ask for a tour', 'Ask the curator'],
    contactHeadings: ['Tell us who is coming', 'Bringing a group?'],
    contactLeads: [
      'How many you are, how old, and which day suits.',
      'What you would like to look at, or what you have found in the loft.',
    ],
    services: [
      {
        match: ['exhibit', 'collection', 'room'],
        lines: [
          'Labelled by people who have used the things.',
          'Changed with the winter.',
          'Tools, models, letters.',
          'Small, and worth going round twice.',
        ],
      },
      {
        match: ['tour', 'guide', 'visit'],
        lines: [
          'An hour round, with time for questions.',
          'By somebody who knew it working.',
          'Stairs told in advance.',
        ],
      },
      {
        match: ['school', 'children'],
        lines: [
          'Things that may be picked up, on the low table.',
          'Aprons, magnifiers, string.',
          'Morning visits by arrangement.',
        ],
      },
      {
        match: ['archive', 'research'],
        lines: ['Boxes brought to the table if you ask ahead.', 'Log books and rolls.', 'By appointment, in pencil.'],
      },
    ],
    questions: ['What does it cost to come in, and is there a step at the door?'],
    hues: [
      [255, 45],
      [20, 85],
    ],
    scene: 'harbour',
  },
  {
    id: 'village-hall',
    synonyms: ['community hall', 'parish hall', 'hall hire', 'meeting room', 'hall for hire', 'community centre'],
    worksHeadings: ['For hire', 'Under one roof'],
    stepsHeadings: ['How to hire it', 'From diary to key'],
    steps: [],
    actions: ['Ask for a date', 'Ask about the hall', 'Look in the diary'],
    contactHeadings: ['Tell us what it is for', 'Is the hall free?'],
    contactLeads: [
      'The day, the hours including setting up, and how many people.',
      'Whether you need the stage, the kitchen or both.',
    ],
    services: [
      {
        match: ['hall', 'hire', 'room'],
        lines: [
          'Chairs, tables and heating are in the price asked.',
          'By the hour, with time to sweep.',
          'Heated, cleaned, unlocked.',
          'Round tables or rows.',
        ],
      },
      {
        match: ['kitchen'],
        lines: ['Cups for everybody and an urn that works.', 'Oven, sink, hatch.', 'Enough plates.'],
      },
      {
        match: ['stage', 'concert'],
        lines: [
          'Curtains, lights and a piano kept in tune.',
          'Black curtains, good sound.',
          'Rehearsals by arrangement.',
        ],
      },
      {
        match: ['market', 'sale', 'event'],
        lines: ['Tables along both walls and parking behind.', 'Doors at ten.', 'Pitches by the yard.'],
      },
    ],
    hues: [
      [150, 30],
      [35, 210],
    ],
    scene: 'house',
  },
  {
    id: 'choir',
    synonyms: ['choirs', 'choral society', 'singers', 'shanty', 'brass band', 'town band', 'orchestra', 'bell ringers'],
    worksHeadings: ['What we sing and when', 'Rehearsals and concerts'],
    stepsHeadings: ['How to join', 'Your first rehearsal'],
    steps: [],
    actions: ['Come and listen', 'Ask to join', 'Ask us to sing'],
    contactHeadings: ['Tell us your voice', 'Would you like to sing?'],
    contactLeads: [
      'Whether you have sung before does not matter; say which evening you could come.',
      'If you would like us to sing somewhere, say where and when.',
    ],
    services: [
      {
        match: ['rehears', 'practice'],
        lines: [
          'Tea half way, and nobody is made to sing alone.',
          'Parts learnt by ear or by eye.',
          'Warm-up at half past.',
        ],
      },
      {
        match: ['concert', 'perform'],
        lines: [
          'Two or three a year, and something short at Christmas.',
          'In church, on the quay.',
          'Come early for a seat.',
        ],
      },
      {
        match: ['wedding', 'event', 'sing'],
        lines: ['A few of us or all of us.', 'Asked well ahead.', 'Four parts or one.'],
      },
      { match: ['join', 'member'], lines: ['Come three times before you decide.', 'No audition.', 'Folder lent.'] },
    ],
    questions: ['Do people have to read music, and what does it cost to join?'],
    hues: [
      [285, 60],
      [15, 265],
    ],
    scene: 'harbour',
  },
  {
    id: 'history-society',
    synonyms: [
      'local history',
      'historical society',
      'heritage society',
      'archaeology group',
      'civic society',
      'model railway society',
    ],
    worksHeadings: ['What the society does', 'Talks, walks and papers'],
    stepsHeadings: ['How to join in', 'Your first meeting'],
    steps: [],
    actions: ['Come to a meeting', 'Ask the society', 'Ask to join'],
    contactHeadings: ['Tell us what you have found', 'Do you know this house?'],
    contactLeads: [
      'A name, a street or a year is enough to begin looking.',
      'Which meeting you would like to come to, and whether you need a lift.',
    ],
    services: [
      {
        match: ['talk', 'lecture', 'meeting'],
        lines: ['With slides, and time for those who were there.', 'Doors open a little early.', 'Tea by the map.'],
      },
      {
        match: ['walk'],
        lines: [
          'An hour or two on foot, in boots if it has rained.',
          'Gates, stiles and the odd ghost.',
          'Led by whoever knows the field.',
        ],
      },
      {
        match: ['archive', 'research', 'paper'],
        lines: [
          'Looked up for you, and copied where the paper allows.',
          'Boxes by street.',
          'Scanned when the light is good.',
        ],
      },
      {
        match: ['book', 'journal', 'publication'],
        lines: ['Printed in small numbers and sold at meetings.', 'Footnotes included.', 'Back numbers too.'],
      },
    ],
    hues: [
      [60, 260],
      [150, 35],
    ],
    scene: 'clock',
  },
  {
    id: 'sailing-club',
    synonyms: [
      'yacht club',
      'rowing club',
      'dinghies',
      'regatta',
      'gig rowing',
      'swimming club',
      'sea swimmers',
      'canoe club',
    ],
    worksHeadings: ['On the water', 'From the clubhouse slip'],
    stepsHeadings: ['How to join', 'Your first time afloat'],
    steps: [],
    actions: ['Ask to join', 'Come for a sail', 'Ask the club'],
    contactHeadings: ['Tell us if you have sailed before', 'Would you like a go?'],
    contactLeads: [
      'Whether you have a boat, a wish or only an afternoon.',
      'How old you are if you are under sixteen, and who would come with you.',
    ],
    services: [
      {
        match: ['race', 'regatta'],
        lines: [
          'A start when the tide is up, and tea after.',
          'Handicaps argued over afterwards.',
          'Short course, long tea.',
        ],
      },
      {
        match: ['learn', 'begin', 'junior'],
        lines: [
          'In club boats, with somebody beside you.',
          'Life jackets lent.',
          'Capsize on the first day, on purpose.',
        ],
      },
      {
        match: ['berth', 'moor', 'park'],
        lines: ['A space by the slip with your name on it.', 'Chained, numbered, dry.', 'By the season.'],
      },
      {
        match: ['club', 'member', 'social'],
        lines: ['A kettle, a stove and a view of the finish line.', 'Soup on Sundays.', 'Wet boots by the door.'],
      },
    ],
    hues: [
      [250, 25],
      [225, 75],
    ],
    scene: 'boat',
  },
  {
    id: 'orchard',
    synonyms: ['orchards', 'apples', 'apple juice', 'cider', 'cider maker', 'fruit farm', 'pick your own', 'vineyard'],
    worksHeadings: ['From the trees', 'Picked and pressed'],
    stepsHeadings: ['From tree to bottle', 'How the pressing goes'],
    steps: [],
    actions: ['Ask what is ripe', 'Ask about pressing', 'Order a case'],
    contactHeadings: ['Tell us how many apples', 'Have you fruit to press?'],
    contactLeads: [
      'How many sacks, which sorts if you know, and when they will be off the tree.',
      'How many bottles, and whether you fetch them.',
    ],
    services: [
      {
        match: ['juice', 'press'],
        lines: [
          'Your own apples, pressed and bottled as your own.',
          'One sort to a bottle, named on the label.',
          'Bring sound fruit, windfalls apart.',
          'Cloudy, sharp, cold.',
        ],
      },
      {
        match: ['cider', 'perry'],
        lines: ['Fermented slowly and left alone until spring.', 'Dry to sweet.', 'Racked once.'],
      },
      {
        match: ['apple', 'fruit', 'pick'],
        lines: [
          'Picked by hand, sold by the crate or the bag.',
          'Keepers wrapped in paper.',
          'Taste before you choose.',
        ],
      },
      {
        match: ['tree', 'graft', 'prun'],
        lines: [
          'Grafted to order on a stock that suits the ground.',
          'Shown on your own tree.',
          'Stakes and ties too.',
        ],
      },
    ],
    hues: [
      [130, 25],
      [30, 135],
    ],
    scene: 'plot',
  },
  {
    id: 'farm',
    synonyms: ['farms', 'farmer', 'smallholding', 'farm shop', 'eggs', 'lamb', 'goats', 'dairy', 'sheep'],
    worksHeadings: ['From the fields', 'What the farm sells'],
    stepsHeadings: ['How to buy from the farm', 'From field to gate'],
    steps: [],
    actions: ['Ask what is in', 'Order from the farm', 'Ask the farm'],
    contactHeadings: ['Tell us what you would like', 'Fetching it from the gate?'],
    contactLeads: [
      'What you would like, how much of it, and which day you could come.',
      'Whether it should be whole, jointed or frozen.',
    ],
    services: [
      {
        match: ['egg'],
        lines: ['Laid here, sold at the gate from a box with a slot.', 'Mixed sizes, clean straw.', 'Honesty tin.'],
      },
      {
        match: ['lamb', 'beef', 'meat', 'pork'],
        lines: [
          'Hung, jointed and labelled by the field.',
          'By the half, or by the joint when there is one.',
          'Slow-grown on salt grass.',
          'Butchered near by.',
        ],
      },
      {
        match: ['milk', 'cheese', 'dairy'],
        lines: [
          'From our own herd, and made a few yards from it.',
          'Young, or older and harder.',
          'Cut from the wheel.',
        ],
      },
      {
        match: ['hay', 'straw', 'wood', 'log'],
        lines: ['Dry, stacked and sold by the load.', 'Barn-dried.', 'Loaded while you wait.'],
      },
    ],
    hues: [
      [120, 60],
      [75, 145],
    ],
    scene: 'plot',
  },
  {
    id: 'garage',
    synonyms: [
      'garages',
      'car repairs',
      'mechanic',
      'mechanics',
      'motorcycles',
      'vehicle repairs',
      'tyres',
      'tractor repairs',
      'classic cars',
    ],
    worksHeadings: ['Over the pit', 'Under the bonnet'],
    stepsHeadings: ['When you bring a car in', 'From noise to road'],
    steps: [
      { name: 'What it does', text: 'You tell us the noise; we drive it and hear it too.' },
      { name: 'A ring before the work', text: 'With what it needs, what it costs, and what can wait.' },
      { name: 'Back on the road', text: 'The old parts are in the boot for you to see.' },
    ],
    actions: ['Ask for a slot', 'Ask the garage', 'Describe the noise'],
    contactHeadings: ['Tell us what it is doing', 'A light on?'],
    contactLeads: [
      'Make, year and mileage, and when the noise is worst.',
      'Whether it can be driven in or must be fetched.',
    ],
    services: [
      {
        match: ['service', 'oil'],
        lines: [
          'By the book for that engine, with what was found written down.',
          'Fluids, filters and a look at what wears next.',
          'Stamped, dated, explained.',
          'With a look underneath.',
        ],
      },
      {
        match: ['repair', 'brake', 'clutch'],
        lines: [
          'Measured before anything is replaced.',
          'Worn parts shown, then replaced.',
          'Road-tested on the hill.',
        ],
      },
      {
        match: ['tyre', 'wheel', 'track'],
        lines: ['Fitted, balanced and set straight.', 'Punctures plugged where it is safe.', 'Spares in most sizes.'],
      },
      {
        match: ['classic', 'restor', 'weld'],
        lines: [
          'Cut back to sound metal and let in, not covered over.',
          'Panels made where none can be bought.',
          'Kept as it left the works.',
        ],
      },
    ],
    questions: ['Which makes do you know best, and is there a car to borrow?'],
    hues: [
      [20, 245],
      [250, 70],
    ],
    scene: 'wheel',
  },
  {
    id: 'bookkeeper',
    synonyms: ['bookkeepers', 'bookkeeping', 'accountant', 'accountants', 'accounts', 'payroll', 'tax returns'],
    worksHeadings: ['In and out, written down', 'Books kept'],
    stepsHeadings: ['How it begins', 'From shoebox to year end'],
    steps: [],
    actions: ['Ask about your books', 'Ask the bookkeeper', 'Ask for a talk'],
    contactHeadings: ['Tell us about your business', 'Behind with the books?'],
    contactLeads: [
      'What you do, how many bills a month come and go, and when your year ends.',
      'How far behind it is; nobody will laugh.',
    ],
    services: [
      {
        match: ['bookkeep', 'ledger', 'books'],
        lines: [
          'Entered, matched and sent back as a page you can read.',
          'Weekly or monthly, on paper or not.',
          'Receipts in any order.',
          'A figure you can trust by the tenth.',
        ],
      },
      {
        match: ['payroll', 'wage'],
        lines: [
          'Slips out on the day, and the returns with them.',
          'Quiet, prompt, private.',
          'Starters and leavers too.',
        ],
      },
      {
        match: ['tax', 'return', 'vat'],
        lines: ['Worked out early, so that there is time to ask.', 'Before it is late.', 'With notes.'],
      },
      {
        match: ['account', 'year'],
        lines: ['Drawn up and gone through with you, line by line.', 'Twice read.', 'Drawn up in plain columns.'],
      },
    ],
    questions: ['To which professional body do you belong, if any?'],
    hues: [
      [260, 60],
      [175, 45],
    ],
    scene: 'bench',
  },
  {
    id: 'translator',
    synonyms: ['translators', 'translation', 'translations', 'interpreter', 'proofreader', 'editor', 'typing'],
    worksHeadings: ['From one language to another', 'Word by word'],
    stepsHeadings: ['How a text is translated', 'From your page to theirs'],
    steps: [],
    actions: ['Send a text', 'Ask for a price', 'Ask about a date'],
    contactHeadings: ['Tell us the languages', 'How long is it?'],
    contactLeads: [
      'From which language to which, how many words, and who will read it.',
      'By when you need it and in what form.',
    ],
    services: [
      {
        match: ['transl'],
        lines: [
          'Read through by a second pair of eyes before it leaves.',
          'Done by one person from beginning to end.',
          'Checked against the source, line by line.',
          'Terms kept in a list for next time.',
        ],
      },
      {
        match: ['proof', 'edit'],
        lines: ['Marked so that you can take or leave each change.', 'Commas and all.', 'Queries in the margin.'],
      },
      {
        match: ['interpret'],
        lines: [
          'At the table, on the quay or on the telephone.',
          'Notes made, nothing repeated.',
          'Standing or seated.',
        ],
      },
      {
        match: ['letter', 'certificate'],
        lines: ['Set out as the original is, page for page.', 'Stamps described.', 'Signed on each page.'],
      },
    ],
    hues: [
      [270, 35],
      [190, 300],
    ],
    scene: 'harbour',
  },
  {
    id: 'saddler',
    synonyms: ['saddlers', 'saddlery', 'leatherworker', 'leather goods', 'leather', 'bags', 'belts', 'harness'],
    worksHeadings: ['Cut, stitched and waxed', 'In bridle leather'],
    stepsHeadings: ['How a bag is made', 'From hide to stitch'],
    steps: [
      { name: 'The hide', text: 'Chosen for the part: back for straps, belly for linings.' },
      { name: 'Cut and pricked', text: 'Edges are bevelled and the stitches marked before a needle is threaded.' },
      { name: 'Stitched', text: 'Two needles, one thread, so that a broken stitch does not run.' },
    ],
    actions: ['Ask about a piece', 'Order one made', 'Bring it in'],
    contactHeadings: ['Tell us what it has to carry', 'A strap gone?'],
    contactLeads: [
      'What it is for, what it has to bear, and a measurement or two.',
      'A picture of the broken part and of the whole.',
    ],
    services: [
      {
        match: ['saddle', 'bridle', 'harness'],
        lines: [
          'Fitted to the back it goes on, and looked at again after a month.',
          'Flocked and balanced.',
          'Tried on, walked, tried again.',
        ],
      },
      {
        match: ['bag', 'case', 'belt', 'wallet'],
        lines: [
          'Cut from one hide and stitched by hand.',
          'Edges burnished, buckles of solid brass.',
          'Lined in pigskin.',
          'Straps long enough to share.',
        ],
      },
      {
        match: ['repair', 'restitch'],
        lines: [
          'Old holes used again, with waxed thread.',
          'Buckles re-sewn, keepers renewed.',
          'Cleaned and fed while it is here.',
        ],
      },
      {
        match: ['collar', 'lead', 'dog'],
        lines: ['Made to the neck, with a hole to grow into.', 'Soft at the edge.', 'Stamped with a name.'],
      },
    ],
    hues: [
      [50, 150],
      [35, 90],
    ],
    scene: 'bench',
  },
  {
    id: 'hedge-layer',
    synonyms: [
      'hedgelayer',
      'hedgelaying',
      'hedge laying',
      'coppicing',
      'coppice',
      'woodland',
      'woodsman',
      'charcoal',
      'firewood',
    ],
    worksHeadings: ['With billhook and stakes', 'In the wood and along the field'],
    stepsHeadings: ['How a hedge is laid', 'From thicket to fence'],
    steps: [
      { name: 'In winter', text: 'When the leaf is off and the birds have done.' },
      { name: 'Cut and laid', text: 'Stems are cut nearly through and laid uphill.' },
      { name: 'Staked and bound', text: 'Hazel stakes at an arm’s length, and a binding along the top.' },
    ],
    actions: ['Ask about a hedge', 'Order wood', 'Have it looked at'],
    contactHeadings: ['Tell us how long the hedge is', 'When was it last cut?'],
    contactLeads: [
      'Its length in paces, how tall it has grown, and what stock is in the field.',
      'How a trailer can reach it.',
    ],
    services: [
      {
        match: ['lay', 'hedge'],
        lines: [
          'In the style of the country round about.',
          'Laid so that it thickens from the foot.',
          'Pleachers low, brush to the field.',
          'Bound in hazel, finished by hand.',
        ],
      },
      {
        match: ['coppic', 'wood'],
        lines: ['A part each winter, so that the light moves on.', 'Cut clean, stacked by size.', 'Rides kept open.'],
      },
      {
        match: ['log', 'fire', 'charcoal'],
        lines: ['Split, stacked and dried for two summers.', 'Ash and oak, barrow or load.', 'Netted, dry.'],
      },
      {
        match: ['plant'],
        lines: [
          'Whips set in a double row, with guards that come off again.',
          'Mixed, native, thick.',
          'Mulched and watched.',
        ],
      },
    ],
    hues: [
      [125, 60],
      [95, 30],
    ],
    scene: 'plot',
  },
];
