import type { WrittenPack } from './pack.js';

/** Trades of garden, field, roof and shore. */
export const outdoors: WrittenPack[] = [
  {
    id: 'tree-surgeon',
    synonyms: ['tree care', 'tree surgery', 'arborist', 'trees', 'hedges', 'stumps', 'felling'],
    worksHeadings: ['Up in the crown', 'Work among trees', 'What we climb for'],
    stepsHeadings: ['How a job goes', 'From first look to swept lawn'],
    steps: [
      {
        name: 'Walked round',
        text: 'We look at it from the ground with you and say what it needs, which is often less than you feared.',
      },
      { name: 'Leave asked', text: 'Where a tree is protected we ask the council first and wait for the answer.' },
      { name: 'Climbed and lowered', text: 'Branches come down on ropes, not on the flower beds.' },
      { name: 'Cleared', text: 'Chipped, stacked or taken away, and the lawn raked.' },
    ],
    actions: ['Have a tree looked at', 'Ask about a hedge', 'Ring us'],
    contactHeadings: ['Tell us about the tree', 'Have it looked at'],
    contactLeads: [
      'What kind if you know it, how high against the house, and what worries you about it.',
      'What kind of tree, how near the house, and who is on the other side of the fence.',
    ],
    services: [
      {
        match: ['prun', 'crown', 'reduc', 'thin'],
        lines: [
          'Cut back to where it can heal, so that it looks like a tree afterwards.',
          'Thinned from inside, so that the wind goes through.',
          'Dead wood out, light let in.',
          'Back to a fork, never to a stump.',
        ],
      },
      {
        match: ['fell', 'remov', 'dismantl'],
        lines: [
          'Taken down in pieces where there is no room to let it fall.',
          'Taken down in lengths, on ropes where there is no room.',
          'Roped, lowered and stacked where you want it.',
          'From the top, with nobody under it.',
        ],
      },
      {
        match: ['stump', 'grind'],
        lines: [
          'Ground out below the turf, so that it can be sown over.',
          'Chipped to below spade depth.',
          'Roots followed as far as the lawn needs.',
        ],
      },
      {
        match: ['hedge', 'plant'],
        lines: [
          'Cut level or laid in the old way, after the birds have gone.',
          'Whips in winter, watered the first summer.',
          'Trimmed to a line or left to flower.',
        ],
      },
    ],
    questions: ['Are you insured, and what happens to the wood?'],
    hues: [
      [150, 75],
      [130, 45],
      [165, 95],
    ],
    scene: 'plot',
  },
  {
    id: 'gardener',
    synonyms: [
      'gardeners',
      'gardening',
      'gardens',
      'borders',
      'lawn',
      'garden maintenance',
      'landscaper',
      'garden design',
    ],
    worksHeadings: ['Through the year', 'In the beds and borders', 'What we look after'],
    stepsHeadings: ['How we begin', 'The first month'],
    steps: [
      { name: 'Round the garden', text: 'We walk it together: what you love, what you would be glad to see gone.' },
      { name: 'A list by season', text: 'What is done now, what waits until autumn, and how many hours that makes.' },
      { name: 'The same hands', text: 'The person who came first is the one who comes back.' },
    ],
    actions: ['Ask about your garden', 'Arrange a walk round', 'Write to us'],
    contactHeadings: ['Tell us about the garden', 'Arrange a walk round'],
    contactLeads: [
      'How big it is, how wild it is, and what you would most like to see from the window.',
      'How big it is, what you like to do in it yourself, and what you would rather not.',
    ],
    services: [
      {
        match: ['border', 'bed', 'plant'],
        lines: [
          'Divided, fed and filled with what likes your soil.',
          'Planted for the whole year, and not for one week in June.',
          'Weeded by hand, mulched, and left to fill.',
          'Tall at the back, scent by the path.',
        ],
      },
      {
        match: ['prun', 'hedge', 'rose'],
        lines: [
          'Each at its own time of year, with the cuttings taken away or composted.',
          'Cut back at the time the plant prefers.',
          'To an outward bud, in dry weather.',
          'Less than you would, more than you dare.',
        ],
      },
      {
        match: ['vegetable', 'veg'],
        lines: [
          'Beds dug, sown in turn and kept picking.',
          'Fed with what you have rotted down.',
          'Rows that follow each other through the year.',
        ],
      },
      {
        match: ['lawn', 'mow'],
        lines: [
          'Cut at the height the weather asks for.',
          'Edged, spiked and cut as high as you can bear.',
          'Moss raked, thin places sown.',
        ],
      },
    ],
    questions: ['Do you come regularly or once, and who brings the tools?'],
    hues: [
      [135, 80],
      [160, 55],
      [115, 20],
    ],
    scene: 'plot',
  },
  {
    id: 'nursery',
    synonyms: ['nursery', 'plants', 'perennials', 'vivaces', 'rosiers', 'pépinière', 'pépiniériste', 'roses', 'shrubs'],
    worksHeadings: ['Out of our own ground', 'What grows here', 'In the frames and fields'],
    stepsHeadings: ['How to choose here', 'From frame to border'],
    steps: [],
    actions: ['Ask for a plant', 'Come and see', 'Find the nursery'],
    contactHeadings: ['Ask for a plant', 'Come and see them growing'],
    contactLeads: [
      'Tell us your soil, how much sun there is and what has failed before.',
      'Sun or shade, wet or dry, and how tall it may grow.',
    ],
    services: [
      {
        match: ['perennial', 'vivace'],
        lines: [
          'Grown outdoors from our own divisions, so that they are used to weather.',
          'Raised here, hardened off and sold when they have roots.',
          'Lifted and split in spring.',
          'Grown in the ground, in this wind.',
        ],
      },
      {
        match: ['rose', 'rosier'],
        lines: [
          'Old kinds on their own roots, lifted when they are asleep.',
          'Own-root or budded, labelled either way.',
          'Old sorts for scent, new ones for health.',
        ],
      },
      {
        match: ['hedg', 'tree', 'shrub'],
        lines: [
          'Bare-rooted in winter, when they cost least and take best.',
          'Bare-rooted in winter, by the bundle.',
          'Native, thick, and used to salt.',
        ],
      },
    ],
    hues: [
      [145, 5],
      [125, 65],
      [340, 140],
    ],
    scene: 'seed',
  },
  {
    id: 'beekeeper',
    synonyms: ['beekeepers', 'honey', 'bees', 'beeswax', 'imkerei', 'honig', 'hives', 'apiary'],
    worksHeadings: ['From the hives', 'Honey and wax', 'What the bees leave us'],
    stepsHeadings: ['How honey gets into the jar', 'From blossom to jar'],
    steps: [
      { name: 'Flown', text: 'The hives stand within reach of hedges and fields that flower one after another.' },
      { name: 'Taken', text: 'Only what they can spare, once it is capped and ripe.' },
      { name: 'Strained', text: 'Cold, through cloth, and straight into jars; nothing is added and nothing heated.' },
    ],
    actions: ['Ask for honey', 'Find us', 'Order some jars'],
    contactHeadings: ['Ask for honey', 'Where to find us'],
    contactLeads: [
      'Say how many jars and whether you like it clear or set.',
      'How many jars, or where the swarm is hanging and how high.',
    ],
    services: [
      {
        match: ['honey', 'honig'],
        lines: [
          'One place and one summer in each jar; it tastes different every year.',
          'Spun cold and left unblended, jar by jar.',
          'Spring, lime and heather kept apart.',
          'Strained, never heated.',
        ],
      },
      {
        match: ['candle', 'kerze', 'wax'],
        lines: [
          'Poured from our own wax; they smell of it before they are lit.',
          'Moulded and dipped from our own cappings.',
          'Slow to burn and sweet to smell.',
        ],
      },
      {
        match: ['swarm', 'removal'],
        lines: [
          'Fetched the same day where we can, and given a hive of their own.',
          'Boxed at dusk, gone by dark.',
          'Looked at first: they may be bumblebees.',
        ],
      },
    ],
    questions: ['Where can the honey be bought, and do you collect swarms?'],
    hues: [
      [85, 40],
      [70, 140],
      [95, 25],
    ],
    scene: 'seed',
  },
  {
    id: 'thatcher',
    synonyms: ['thatchers', 'thatching', 'thatch', 'reed', 'ridge', 'roofing', 'roofs', 'slater'],
    worksHeadings: ['On the roof', 'From eaves to ridge', 'What we lay'],
    stepsHeadings: ['How a roof goes', 'From ladder to last course'],
    steps: [
      { name: 'Up for a look', text: 'We go up before we say anything, and show you pictures of what we saw.' },
      { name: 'A price that stands', text: 'By the square, with what might be found underneath named beforehand.' },
      { name: 'Laid and dressed', text: 'Course by course from the eaves, sheeted every night.' },
    ],
    actions: ['Have the roof looked at', 'Ask about a ridge', 'Ring us'],
    contactHeadings: ['Tell us about the roof', 'Have it looked at'],
    contactLeads: [
      'How old it is if you know, where it lets in, and a picture from the road.',
      'The age of the roof if you know it, and which side gets the weather.',
    ],
    services: [
      {
        match: ['ridge'],
        lines: [
          'Cut and pegged new, which is what wears out first.',
          'Wrapped over and ligged down, with a pattern if the house had one.',
          'Saddled in sedge, spars hidden.',
          'Old ridge off, new one on, straw swept up.',
        ],
      },
      {
        match: ['thatch', 'reed', 'straw'],
        lines: [
          'Long-lasting reed or straw, as the house had it.',
          'Coat on coat, with what is sound left in place.',
          'Dressed with a leggett to an even face.',
          'Eaves first, and upwards from there.',
        ],
      },
      {
        match: ['repair', 'patch', 'moss', 'slate', 'tile'],
        lines: [
          'Only what needs doing, and told when that is nothing.',
          'Moss off, holes stopped, wire renewed.',
          'Patched in the same straw where it can be had.',
        ],
      },
    ],
    hues: [
      [80, 35],
      [60, 215],
      [100, 50],
    ],
    scene: 'house',
  },
  {
    id: 'stonemason',
    synonyms: [
      'stonemasons',
      'stone',
      'masonry',
      'mason',
      'dry stone waller',
      'walling',
      'letter carver',
      'headstones',
    ],
    worksHeadings: ['In stone', 'Cut, laid and lettered', 'What we build'],
    stepsHeadings: ['How a job goes', 'From quarry to wall'],
    steps: [
      { name: 'Seen on the spot', text: 'Which stone the place is built of, how it was laid, and why it has moved.' },
      { name: 'Matched', text: 'Stone and mortar like those that are there, tried on a yard of it first.' },
      { name: 'Cut and set', text: 'Worked by hand where it shows and bedded as it lay in the ground.' },
    ],
    actions: ['Ask about a wall', 'Send a picture', 'Arrange a visit'],
    contactHeadings: ['Tell us about the stone', 'Arrange a visit'],
    contactLeads: [
      'How long and how high, and a picture of what stands there now.',
      'What the wall is built of and how high it stands; a picture with a spade in it helps.',
    ],
    services: [
      {
        match: ['wall', 'dry'],
        lines: [
          'Built without mortar, hearted and coped, to stand longer than we shall.',
          'Built with a batter, hearted full, and coped to shed water.',
          'Through-stones where they should be.',
          'Faced on both sides, packed between.',
        ],
      },
      {
        match: ['letter', 'carv', 'headstone', 'plaque'],
        lines: [
          'Drawn full size first and cut by hand.',
          'Drawn on the stone and cut by hand.',
          'Drawn by brush, cut by chisel.',
          'Letters deep enough for a hundred winters of rain.',
        ],
      },
      {
        match: ['point', 'lime', 'repair'],
        lines: [
          'Raked out and filled with lime that lets the wall breathe.',
          'Raked out by hand, filled in lime.',
          'Flush or brushed back, never smeared.',
        ],
      },
    ],
    hues: [
      [75, 240],
      [235, 70],
      [50, 190],
    ],
    scene: 'harbour',
  },
  {
    id: 'land-surveyor',
    synonyms: [
      'surveyors',
      'surveyor',
      'land survey',
      'boundary',
      'boundary surveys',
      'setting out',
      'measured drawings',
    ],
    worksHeadings: ['Measured and drawn', 'From field to plan', 'What we measure'],
    stepsHeadings: ['How a survey goes', 'From first peg to plan'],
    steps: [
      { name: 'What it is for', text: 'A boundary, a building or a sale: it decides how close we have to measure.' },
      { name: 'On the ground', text: 'A day or two outside, with every point measured twice.' },
      { name: 'Drawn', text: 'A plan you can read and a file your builder can use, with its accuracy written on it.' },
    ],
    actions: ['Ask for a survey', 'Send us a plan', 'Ring the office'],
    contactHeadings: ['Tell us what is to be measured', 'Ask for a survey'],
    contactLeads: [
      'The address, what it is for and by when you need it.',
      'The parcel, what you need to know about it, and who else needs to be told.',
    ],
    services: [
      {
        match: ['boundary'],
        lines: [
          'Deeds read, ground measured, and the difference between them explained.',
          'Walked, measured and set against the deeds.',
          'Old plans found, new marks set.',
          'Both neighbours written to.',
        ],
      },
      {
        match: ['setting', 'out'],
        lines: [
          'Pegs and profiles where the drawing says, checked before anybody digs.',
          'Pegs and profiles where the drawing says, to the width of a nail.',
          'Grid lines, levels and corners.',
          'Set out again after the digger.',
        ],
      },
      {
        match: ['drawing', 'measured', 'building'],
        lines: [
          'Every wall as it stands, and not as it was meant to.',
          'Plans, sections and a level on each.',
          'Drawn to the scale you work at.',
        ],
      },
    ],
    hues: [
      [245, 155],
      [220, 40],
      [265, 85],
    ],
    scene: 'plot',
  },
];
