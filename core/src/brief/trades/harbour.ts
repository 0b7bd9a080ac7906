import type { WrittenPack } from './pack.js';

/** Trades a harbour town is known for. */
export const harbour: WrittenPack[] = [
  {
    id: 'boatyard',
    synonyms: ['boat', 'boats', 'boatbuilder', 'boatworks', 'shipwright', 'marine', 'chandler', 'slipway'],
    worksHeadings: ['On the slip', 'Work the yard takes on', 'From keel to masthead'],
    stepsHeadings: ['How a job goes through the yard', 'From survey to launch'],
    steps: [
      {
        name: 'Bring her in',
        text: 'By water or by road. We lift her, chock her and give her a wash so that the work can be seen.',
      },
      {
        name: 'A written list',
        text: 'You get every fault in writing, sorted into now, this winter and can wait, each with its price.',
      },
      {
        name: 'The work',
        text: 'Come and look whenever you like. If we find more than the list says, we ring before we touch it.',
      },
      {
        name: 'Back afloat',
        text: 'We launch her with you aboard and stay with her until the pumps have nothing to say.',
      },
    ],
    actions: ['Book a survey', 'Bring her in', 'Ask the yard'],
    contactHeadings: ['Ring the yard, or write', 'Tell us about your boat'],
    contactLeads: [
      'Her length, what she is built of and where she lies now: with those three we can say something useful straight away.',
      'Name the boat and say when she was last out of the water; the rest we can see when she is here.',
    ],
    services: [
      {
        match: ['plank', 'caulk', 'hull', 'repair'],
        lines: [
          'Frames, planks and seams, mended in the timber she was built with wherever it can be had.',
          'Hood ends, garboards and everything a surveyor pokes at.',
          'Soft wood cut back to where it rings, new let in with a scarf.',
          'Scraped, raked and payed, a seam at a time.',
        ],
      },
      {
        match: ['engine', 'electric', 'diesel'],
        lines: [
          'Servicing, stern gear and rewiring, with the old parts kept for you to see.',
          'Run up ashore before she goes back, so that surprises happen on the slip.',
          'Cold starts, stale fuel and tired looms sorted in that order.',
          'Impellers, belts and batteries before you need them.',
        ],
      },
      {
        match: ['stor', 'winter', 'berth'],
        lines: [
          'A cradle under every hull, covers checked after each blow.',
          'Ashore under cover or afloat on a trot, as the boat prefers.',
          'Propped, covered and walked round after every gale.',
          'Out of the water in autumn, back when you say.',
        ],
      },
      {
        match: ['rig', 'mast', 'spar', 'sail'],
        lines: [
          'Standing and running rigging measured aboard and made up in the loft.',
          'Wire or rope, made up to the boat and not to the book.',
          'Masts out, laid on trestles and looked at from foot to truck.',
          'Shrouds, stays and sheaves, with the worn ones tagged.',
        ],
      },
      {
        match: ['survey', 'inspect'],
        lines: [
          'A day with the hammer and the meter, and a report you can hand to an insurer.',
          'Bilge to coaming, with a torch and a mirror.',
          'Every finding with its picture, and what it would take.',
        ],
      },
      {
        match: ['paint', 'varnish', 'finish'],
        lines: [
          'Back to sound wood first, then as many coats as the season allows.',
          'Flatted between coats, in the dry, out of the dust.',
          'Topsides faired and coated until the quay stands in them.',
        ],
      },
    ],
    questions: ['How big a boat can you lift, and what timber or material do you work in?'],
    hues: [
      [232, 62],
      [245, 35],
      [200, 78],
    ],
    scene: 'boat',
  },
  {
    id: 'clockmaker',
    synonyms: ['clock', 'clocks', 'watch', 'watchmaker', 'horologist', 'barometer'],
    worksHeadings: ['On the bench', 'What comes across the bench', 'Clocks we know our way around'],
    stepsHeadings: ['What happens to your clock', 'From stopped to striking'],
    steps: [
      {
        name: 'First look',
        text: 'We open the case in front of you and say what we see, before anything is taken apart.',
      },
      {
        name: 'An estimate you keep',
        text: 'A price for cleaning, a price for repair, and which parts would have to be made.',
      },
      {
        name: 'On the bench',
        text: 'Taken down, cleaned, mended and run for two weeks. The old parts come back in an envelope.',
      },
      { name: 'Home and in beat', text: 'We set it up where it stands, level it and leave it ticking evenly.' },
    ],
    actions: ['Ask about your clock', 'Bring it to the bench', 'Arrange a visit'],
    contactHeadings: ['Tell us what it does, or has stopped doing', 'Bring it in, or ask first'],
    contactLeads: [
      'A photograph of the dial and one of the back tells us most of what we need.',
      'Say whether it stopped or was stopped, and whether the key still turns.',
    ],
    services: [
      {
        match: ['clean', 'overhaul', 'service', 'restor'],
        lines: [
          'Every pivot polished, every bush checked, fresh oil in the right places and nowhere else.',
          'Taken down, cleaned, bushed and put together by one pair of hands.',
          'Oil changed, pivots polished, strike and chime let off before it goes home.',
          'Every wheel out, looked at, and back where it was.',
        ],
      },
      {
        match: ['longcase', 'grandfather', 'long case'],
        lines: [
          'Fetched, worked on and set up again in your hall, in beat and plumb.',
          'Weights, seatboard and strike seen to together, because they only work together.',
          'Fetched, set up and put in beat where it stands.',
          'Gut lines, weights and the case as well.',
        ],
      },
      {
        match: ['barometer'],
        lines: [
          'Tubes, dials and silvering, done so that the glass reads true.',
          'Fresh mercury or none at all, as the tube requires.',
          'Set to your height above the sea.',
        ],
      },
      {
        match: ['watch'],
        lines: [
          'Mechanical movements only, timed in six positions before they leave.',
          'Opened in the dry, cleaned and put back on its own strap.',
          'Crowns, crystals and springs.',
        ],
      },
      {
        match: ['turret', 'church', 'tower'],
        lines: [
          'Ladders, grease and patience: yearly care for clocks the whole town reads.',
          'Up the ladder with a grease gun and a lamp.',
          'Wound, set and listened to from the churchyard.',
        ],
      },
    ],
    questions: ['Do you fetch and set up clocks, and how long does a repair usually take?'],
    hues: [
      [285, 80],
      [60, 240],
      [165, 75],
    ],
    scene: 'clock',
  },
  {
    id: 'pottery',
    synonyms: ['potter', 'ceramics', 'ceramicist', 'stoneware', 'earthenware', 'kiln'],
    worksHeadings: ['Out of the kiln', 'Made on the wheel', 'What is on the shelves'],
    stepsHeadings: ['From clay to cupboard', 'How a commission is made'],
    steps: [
      { name: 'Talk it over', text: 'What it is for, where it will live and how hard it will be used.' },
      { name: 'A trial piece', text: 'One pot first, glazed two ways, for you to hold before the rest are thrown.' },
      {
        name: 'Thrown and fired',
        text: 'Slow drying, a biscuit firing, then glaze and the long firing. Six weeks is usual.',
      },
      { name: 'Collected or sent', text: 'Wrapped in straw and paper. Anything that breaks on the way is made again.' },
    ],
    actions: ['Ask about a commission', 'See what is ready', 'Visit the pottery'],
    contactHeadings: ['Ask about a pot', 'Come by, or write'],
    contactLeads: [
      'Say how many, how big and by when, and we will tell you what the kiln allows.',
      'How many pieces, for how many people, and the glaze if you have seen one you like.',
    ],
    services: [
      {
        match: ['table', 'mug', 'plate', 'bowl', 'ware'],
        lines: [
          'Pots for every day, meant to be stacked, used and washed without ceremony.',
          'Thrown in sets that stack, with rims that do not chip at a glance.',
          'Made for the dishwasher and for being dropped near, not on.',
          'A foot that does not scratch the table.',
        ],
      },
      {
        match: ['commission', 'order'],
        lines: [
          'Sets and single pieces to your measure, with a trial pot to agree on first.',
          'A drawing first, two trial pieces, and then the kiln.',
          'Talked over at the wheel, with clay to try it in.',
          'A run of one or of forty.',
        ],
      },
      {
        match: ['garden', 'planter'],
        lines: [
          'Frostproof planters, thrown thick and fired high.',
          'With holes where water wants to leave.',
          'Heavy enough to stand in a wind.',
        ],
      },
      {
        match: ['lesson', 'class', 'wheel', 'workshop'],
        lines: [
          'A wheel each, a small group and clay under your nails.',
          'An apron, a lump of clay, and somebody beside you.',
          'You throw it, we fire it, you fetch it.',
        ],
      },
      {
        match: ['tile'],
        lines: [
          'Pressed and glazed here, in runs small enough to match a wall.',
          'Made in the glaze of your choice, with a few over for breakages.',
          'No two the same shade, on purpose.',
        ],
      },
    ],
    questions: ['May people watch or throw a pot themselves, and is the ware safe for the dishwasher?'],
    hues: [
      [38, 200],
      [55, 150],
      [20, 90],
    ],
    scene: 'pot',
  },
  {
    id: 'joinery',
    synonyms: ['joiner', 'joinery', 'carpenter', 'carpentry', 'cabinet', 'cabinetmaker', 'woodwork', 'furniture'],
    worksHeadings: ['Made in the workshop', 'What we make and fit', 'Doors, stairs and the rest'],
    stepsHeadings: ['From tape measure to last hinge', 'How a piece gets made'],
    steps: [
      { name: 'Measure', text: 'We come to you with a tape and a pencil, and leave with a sketch you have agreed to.' },
      { name: 'Drawing and price', text: 'A drawing to scale, the timber named, and one price with fitting in it.' },
      {
        name: 'Made at the bench',
        text: 'Cut, jointed and glued up in the workshop, so your house stays free of dust.',
      },
      {
        name: 'Fitted and swept',
        text: 'Hung, planed to the frame and swept up after. We come back once the timber has settled.',
      },
    ],
    actions: ['Ask for a price', 'Have us measure up', 'Talk about a piece'],
    contactHeadings: ['Tell us what you want made', 'Start with a sketch'],
    contactLeads: [
      'A rough size and a photograph of where it goes is plenty to begin with.',
      'A sketch with three measurements on it is a better start than a long letter.',
    ],
    services: [
      {
        match: ['stair'],
        lines: [
          'Cut strings, turned newels and treads that do not talk at night.',
          'Winders, landings and handrails that run on without a step.',
          'Measured floor to floor, built on the bench, walked up in a day.',
          'Nosings, strings and spindles from one board where it can be.',
        ],
      },
      {
        match: ['door', 'window', 'sash'],
        lines: [
          'Made to the opening you have, not to the nearest stock size.',
          'Glazed, hung and eased, with the old furniture put back.',
          'Rails, stiles and beads as the house had them.',
          'Draughts stopped without losing the old glass.',
        ],
      },
      {
        match: ['kitchen', 'cupboard', 'wardrobe', 'shel', 'bookc'],
        lines: [
          'Solid frames, doors that close with a quiet push, and backs worth looking at.',
          'Scribed to walls that have never been straight.',
          'Drawers that run, doors that meet.',
          'Built round what you own, and not the other way about.',
        ],
      },
      {
        match: ['table', 'furniture', 'chair'],
        lines: [
          'Pegged and glued joints in timber chosen board by board.',
          'Finished in oil, so that a scratch can be put right.',
          'Wood with its history told on the underside.',
        ],
      },
      {
        match: ['repair', 'restor'],
        lines: [
          'New wood let into old, matched for grain and finished to disappear.',
          'Feet, rails and hinges made good.',
          'A patch you may look for, and not find at once.',
        ],
      },
    ],
    questions: ['Which timbers do you use, and do you fit what you make?'],
    hues: [
      [70, 150],
      [145, 60],
      [48, 225],
    ],
    scene: 'bench',
  },
  {
    id: 'allotments',
    synonyms: ['allotment', 'allotments', 'plots', 'growers', 'garden society', 'community garden'],
    worksHeadings: ['What goes on here', 'On the plots', 'Through the growing year'],
    stepsHeadings: ['Getting a plot', 'From waiting list to first harvest'],
    steps: [
      {
        name: 'Put your name down',
        text: 'Write to the secretary. You are told your place on the list and roughly how long it is.',
      },
      { name: 'Walk the site', text: 'Somebody shows you the free plots, the water and the sheds.' },
      { name: 'Take a plot', text: 'A short agreement, the year’s rent and a key to the gate.' },
      { name: 'Dig in', text: 'A neighbour on the site looks in during your first season, so no question waits long.' },
    ],
    actions: ['Ask about a plot', 'Join the list', 'Write to the secretary'],
    contactHeadings: ['Write to the secretary', 'Ask about a plot'],
    contactLeads: [
      'Say whether you would like a whole plot or a half, and whether you have grown before.',
      'Say whether you have dug before, and whether half a plot would do to begin with.',
    ],
    services: [
      {
        match: ['plot'],
        lines: [
          'Full and half plots with water close by and room for a shed.',
          'A key, a number and a neighbour who will lend a fork.',
          'Dug over when you take it, or left to you.',
          'Numbered pegs, good neighbours, shared barrows.',
        ],
      },
      {
        match: ['shop', 'hut', 'store'],
        lines: [
          'Seed, canes and compost at what they cost the society.',
          'Open when the gate is, and paid for in the tin.',
          'Open on work mornings, served by whoever has the key.',
          'Bags, nets and string at members’ prices.',
        ],
      },
      {
        match: ['open day', 'show', 'event', 'day'],
        lines: [
          'Gates open to anybody: produce, plants and a good look round.',
          'Stalls, tea, and the longest bean.',
          'For those who garden and those who eat.',
        ],
      },
      {
        match: ['seed', 'swap'],
        lines: [
          'Bring what you have saved and go home with what you have not.',
          'Envelopes, pencils and a table in the hut.',
          'Old sorts that like it here.',
        ],
      },
    ],
    questions: ['How long is the waiting list, and what does a plot cost a year?'],
    hues: [
      [140, 75],
      [125, 45],
      [155, 95],
    ],
    scene: 'plot',
  },
  {
    id: 'cycles',
    synonyms: ['cycle', 'cycles', 'bicycle', 'bicycles', 'bike', 'bikes', 'wheelbuilder', 'frame'],
    worksHeadings: ['In the stand', 'What the workshop does', 'Wheels, gears and frames'],
    stepsHeadings: ['In and out of the stand', 'How a service works'],
    steps: [
      {
        name: 'Leave it with us',
        text: 'Drop it at the workshop any open morning. We look it over with you while you wait.',
      },
      { name: 'A price first', text: 'Parts and labour written on one card. Nothing is fitted that is not on it.' },
      { name: 'Done and ridden', text: 'Every machine is ridden round the harbour before it goes back on the rack.' },
      {
        name: 'First month free',
        text: 'New cables stretch. Bring it back within the month and we take up the slack.',
      },
    ],
    actions: ['Book it in', 'Ask the workshop', 'Get a price'],
    contactHeadings: ['Book a repair, or ask', 'Tell us what it is doing'],
    contactLeads: [
      'The make, roughly how old, and the noise it makes: that usually tells us which parts to order.',
      'What it rides like now, what it used to ride like, and the size of the tyre.',
    ],
    services: [
      {
        match: ['service', 'repair'],
        lines: [
          'Brakes, gears and bearings stripped, cleaned, set and ridden.',
          'Cables, chains and everything between, with what is worn laid out for you.',
          'Washed first, so that faults cannot hide.',
          'Set up for the hill you live on.',
        ],
      },
      {
        match: ['wheel'],
        lines: [
          'Laced and trued by hand, tension measured spoke by spoke.',
          'New rims on good hubs, or the whole wheel from spokes up.',
          'Spokes, rims and bearings, new or kept.',
          'Straight enough to ride without hands.',
        ],
      },
      {
        match: ['hire', 'rent'],
        lines: [
          'Sound machines by the day, with a lock, a pump and a map.',
          'Adjusted to your height before you leave.',
          'Baskets, child seats and a number to ring.',
        ],
      },
      {
        match: ['frame', 'build', 'restor'],
        lines: [
          'Built up round you: reach, gearing and tyres chosen for the roads you ride.',
          'Stripped, cleaned and put together with new races.',
          'Brazed, aligned and painted if you wish.',
        ],
      },
    ],
    questions: ['Do people need an appointment, and which bicycles do you not take on?'],
    hues: [
      [25, 235],
      [250, 90],
      [180, 50],
    ],
    scene: 'wheel',
  },
  {
    id: 'seeds',
    synonyms: ['seed', 'seeds', 'seedsman', 'nursery', 'bulbs', 'plants'],
    worksHeadings: ['In the drawers', 'What we grow and pack', 'Seed for this ground'],
    stepsHeadings: ['From our rows to yours', 'How the seed is saved'],
    steps: [
      {
        name: 'Grown out',
        text: 'Each variety is grown apart from its cousins so that it stays what it says on the packet.',
      },
      { name: 'Threshed and cleaned', text: 'By hand and by sieve, in the dry weeks of autumn.' },
      { name: 'Tested', text: 'A hundred of every batch are sown on damp paper and counted before any are packed.' },
      { name: 'Packed and posted', text: 'Dated packets, with when to sow written in plain words.' },
    ],
    actions: ['Ask for the list', 'Visit the shop', 'Order by post'],
    contactHeadings: ['Ask what will grow', 'Write for the seed list'],
    contactLeads: [
      'Tell us about your soil and how much sun it gets, and we will suggest what to sow.',
      'Your ground, your frost and what failed last year: from these we can advise.',
    ],
    services: [
      {
        match: ['vegetable', 'bean', 'pea', 'tomato'],
        lines: [
          'Sorts that crop in a short, salty summer and can be saved again.',
          'Sorts that set seed here, tried on our own beds first.',
          'Germination tried before the packets are filled.',
          'Early, main and late, so that the row never ends.',
        ],
      },
      {
        match: ['flower', 'bulb', 'meadow'],
        lines: [
          'Mixtures made up for the place: bank, verge, pot or meadow.',
          'Sown at the rate on the packet, it will cover what the packet says.',
          'Hardy, half-hardy and those that sow themselves.',
          'For bees first and vases second.',
        ],
      },
      {
        match: ['tool', 'sundries'],
        lines: [
          'A short shelf of tools that can be sharpened and handles that can be replaced.',
          'Forged heads, ash shafts, no paint to hide the weld.',
          'A small drawer of things that last.',
        ],
      },
      {
        match: ['advice', 'plan'],
        lines: [
          'A sowing calendar drawn up for your own ground.',
          'A bed on paper, month by month.',
          'What to sow, where, and when to stop.',
        ],
      },
    ],
    questions: ['Where is the seed grown, and do you send it by post?'],
    hues: [
      [110, 30],
      [150, 85],
      [85, 20],
    ],
    scene: 'seed',
  },
  {
    id: 'guesthouse',
    synonyms: ['guesthouse', 'guest house', 'rooms', 'lodging', 'bed and breakfast', 'inn'],
    worksHeadings: ['The rooms', 'Where you will sleep', 'Under our roof'],
    stepsHeadings: ['Coming to stay', 'From asking to arriving'],
    steps: [
      { name: 'Ask for your dates', text: 'We write back the same day and say which rooms are free.' },
      { name: 'Hold the room', text: 'One night’s price holds it. The rest is settled when you leave.' },
      { name: 'Arrive', text: 'Any time after three. If you are late, the key is where we tell you it will be.' },
      { name: 'Breakfast', text: 'At the hour you choose the night before.' },
    ],
    actions: ['Ask about a room', 'Check your dates', 'Write to us'],
    contactHeadings: ['Ask about your dates', 'Come and stay'],
    contactLeads: [
      'Give us the nights, how many of you there are and whether stairs are a trouble.',
      'Say when you come, when you go, and how you will arrive.',
    ],
    services: [
      {
        match: ['double', 'twin', 'room', 'single', 'family'],
        lines: [
          'A good bed, a quiet radiator and a window that opens.',
          'Fresh linen, a lamp to read by and a hook for the wet coat.',
          'Curtains that meet, a chair by the light.',
          'A key of your own and stairs with a rail.',
        ],
      },
      {
        match: ['breakfast'],
        lines: [
          'Cooked when you come down, with the fish the boats brought in.',
          'Eggs as you like them, and toast that keeps coming.',
          'At the long table or by the window.',
        ],
      },
      {
        match: ['garden', 'terrace'],
        lines: [
          'A walled garden to sit in, out of the wind.',
          'Two benches and the last of the sun.',
          'Herbs for the kitchen, a chair for you.',
        ],
      },
      {
        match: ['cycle', 'bike', 'boot'],
        lines: [
          'A dry room with a drain, hooks and an old towel or two.',
          'Locked overnight, aired by morning.',
          'A hose, a hook and a bench to unlace on.',
        ],
      },
    ],
    questions: ['From when can guests arrive, do you take dogs, and is there parking?'],
    hues: [
      [215, 50],
      [15, 180],
      [190, 70],
    ],
    scene: 'house',
  },
];
