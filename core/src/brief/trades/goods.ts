import type { WrittenPack } from './pack.js';

/** Shops, and those who make what they sell. */
export const goods: WrittenPack[] = [
  {
    id: 'jeweller',
    synonyms: ['jewellers', 'jewellery', 'jewelry', 'goldsmith', 'silversmith', 'rings', 'engagement rings'],
    worksHeadings: ['At the bench pin', 'In gold and silver'],
    stepsHeadings: ['How a ring is made', 'From sketch to finger'],
    steps: [
      { name: 'A talk and a sketch', text: 'Sizes, stones and what the hand does all day.' },
      { name: 'Made up', text: 'You see it once before it is set and once before it is polished.' },
    ],
    actions: ['Ask about a piece', 'Have it looked at', 'Ask the jeweller'],
    contactHeadings: ['Tell us about the piece', 'A ring that no longer fits?'],
    contactLeads: [
      'What it is made of if you know, its size, and a picture of any damage.',
      'What you would like to wear, and by which day.',
    ],
    services: [
      {
        match: ['ring', 'wedding'],
        lines: [
          'Made to the finger, and sized again when fingers change.',
          'From new metal or from the gold you bring.',
          'Engraved inside, if you give the words.',
          'Soldered, shaped, and polished by hand.',
        ],
      },
      {
        match: ['repair', 'clasp', 'chain'],
        lines: [
          'Soldered at the bench and polished so that the join is gone.',
          'Links renewed, catches tightened.',
          'Cleaned and checked while it is here.',
        ],
      },
      {
        match: ['commission', 'remodel'],
        lines: [
          'Old stones in a new setting, drawn before anything is melted.',
          'Wax first, metal after.',
          'Your stones, weighed in front of you.',
        ],
      },
      {
        match: ['restring', 'pearl'],
        lines: [
          'Knotted between each one, with the old clasp kept if it holds.',
          'On silk, graded by eye.',
          'Counted out and counted back.',
        ],
      },
    ],
    hues: [
      [85, 290],
      [320, 85],
    ],
    scene: 'bench',
  },
  {
    id: 'dressmaker',
    synonyms: ['tailor', 'tailors', 'seamstress', 'alterations', 'dressmaking', 'bridal', 'sewing'],
    worksHeadings: ['Cut and sewn', 'Pins, chalk and thread'],
    stepsHeadings: ['From measure to last fitting', 'How a dress is made'],
    steps: [
      { name: 'Measured', text: 'Once, properly, and written down.' },
      { name: 'A first fitting', text: 'In plain cotton, where every mistake is cheap.' },
      { name: 'Cut in the cloth', text: 'Sewn, pressed and tried on once more.' },
    ],
    actions: ['Ask for a fitting', 'Ask about a dress', 'Bring it in'],
    contactHeadings: ['Tell us what it is for', 'Too long, too tight?'],
    contactLeads: [
      'The occasion, the day, and whether you have the cloth.',
      'What should be taken in or let out, and by when.',
    ],
    services: [
      {
        match: ['alter', 'hem', 'take'],
        lines: [
          'Pinned on you, not on a hanger.',
          'Seams opened and closed again as they were.',
          'Hems by hand where it shows.',
          'Chalked, basted, tried, sewn.',
        ],
      },
      {
        match: ['dress', 'suit', 'wedding', 'bridal'],
        lines: [
          'Drafted to your measure and fitted as often as it needs.',
          'Toile, tack, cloth.',
          'Linings that feel as good as they look.',
        ],
      },
      {
        match: ['curtain', 'blind'],
        lines: [
          'Lined, weighted and hung to break or clear the floor.',
          'Headings by hand, hems weighted.',
          'Pattern matched across the drop.',
        ],
      },
      {
        match: ['repair', 'zip', 'mend'],
        lines: [
          'New zips, darned elbows, linings put back.',
          'Pockets, seams and worn cuffs.',
          'Invisible where it can be.',
        ],
      },
    ],
    hues: [
      [340, 250],
      [15, 285],
    ],
    scene: 'bench',
  },
  {
    id: 'wool-shop',
    synonyms: ['wool', 'yarn', 'knitting', 'knitwear', 'haberdashery', 'crochet', 'yarn shop', 'buttons'],
    worksHeadings: ['On the shelves', 'Skeins and needles'],
    stepsHeadings: ['How to begin', 'From pattern to last row'],
    steps: [],
    actions: ['Ask about a yarn', 'Ask what is in', 'Come and feel it'],
    contactHeadings: ['Tell us what you are making', 'Out of one dye lot?'],
    contactLeads: [
      'The pattern, the weight it asks for, and how much you need.',
      'The dye lot on the band, if you are one ball short.',
    ],
    services: [
      {
        match: ['wool', 'yarn', 'skein'],
        lines: [
          'Wound, weighed and named by the sheep where we know it.',
          'Kept by weight, not by colour, so that you find what the pattern asks.',
          'Local fleece beside what came by sea.',
          'Hanks wound while you choose buttons.',
        ],
      },
      {
        match: ['pattern', 'book'],
        lines: [
          'On paper, with somebody at hand who has knitted it.',
          'Leaflets old and new, in boxes by size.',
          'For hats first, jumpers later.',
        ],
      },
      {
        match: ['button', 'haberdash', 'needle'],
        lines: [
          'Sold singly, from drawers with a sample on the front.',
          'Horn, shell, wood and glass.',
          'By the card or the one.',
        ],
      },
      {
        match: ['evening', 'group', 'circle'],
        lines: [
          'Round one table, with a lamp and the kettle on.',
          'Bring what went wrong.',
          'Every other week, in the back room.',
        ],
      },
    ],
    hues: [
      [350, 190],
      [300, 120],
    ],
    scene: 'pot',
  },
  {
    id: 'picture-framer',
    synonyms: ['framer', 'framers', 'framing', 'picture framing', 'frames', 'mounts', 'gilding', 'gilder'],
    worksHeadings: ['Glass, mount and moulding', 'Edges for pictures'],
    stepsHeadings: ['How a picture is framed', 'From counter to wall'],
    steps: [
      { name: 'On the counter', text: 'Mounts and mouldings are laid against the picture until one falls quiet.' },
      { name: 'Cut and joined', text: 'Nothing that touches the paper has acid in it.' },
    ],
    actions: ['Ask about a frame', 'Bring a picture', 'Ask the framer'],
    contactHeadings: ['Tell us about the picture', 'A cracked glass?'],
    contactLeads: [
      'Its size, what it is on, and where it will hang.',
      'Whether the old frame is to stay, and a picture of the back.',
    ],
    services: [
      {
        match: ['frame', 'framing'],
        lines: [
          'Joined in the workshop and tied for the hook you have.',
          'Chosen against the wall it is going to.',
          'Waxed, painted or left bare.',
          'Deep for objects, slim for prints.',
        ],
      },
      {
        match: ['mount'],
        lines: [
          'Bevelled by hand, with room for the title.',
          'Wider below than above.',
          'Cream, grey or washed by hand.',
        ],
      },
      {
        match: ['gild', 'restor', 'repair'],
        lines: [
          'Lost corners cast, gessoed and gilded in.',
          'Carving made good, gold toned down.',
          'Cleaned with care and little else.',
        ],
      },
      {
        match: ['glass', 'canvas', 'stretch'],
        lines: [
          'Stretched square, or glazed against the light.',
          'Keys in the corners, tacks at the back.',
          'Clear enough to forget.',
        ],
      },
    ],
    hues: [
      [75, 265],
      [35, 180],
    ],
    scene: 'bench',
  },
  {
    id: 'antique-dealer',
    synonyms: [
      'antiques',
      'antique shop',
      'vintage furniture',
      'curiosities',
      'second-hand furniture',
      'salvage yard',
      'reclamation',
    ],
    worksHeadings: ['In the shop just now', 'Found, cleaned and priced'],
    stepsHeadings: ['If you have something to sell', 'How we buy'],
    steps: [],
    actions: ['Ask what is in', 'Offer us a piece', 'Ask about a piece'],
    contactHeadings: ['Tell us what you are looking for', 'Clearing a house?'],
    contactLeads: [
      'What it is, how big, and what you know of where it came from.',
      'What you hope to find, and how much wall or floor there is for it.',
    ],
    services: [
      {
        match: ['furniture', 'chair', 'table'],
        lines: [
          'Cleaned and sound, with every repair pointed out.',
          'Bought for the way it is made.',
          'Country pieces, honest wear.',
          'Measured, photographed, ticketed.',
        ],
      },
      {
        match: ['clear', 'house'],
        lines: ['One visit, one offer, and the rooms left swept.', 'Discreet, quick and fair.', 'Attics first.'],
      },
      {
        match: ['valu'],
        lines: [
          'In writing, with what it rests on.',
          'For insurance, for probate, for interest.',
          'After a proper look.',
        ],
      },
      {
        match: ['lamp', 'glass', 'silver', 'china'],
        lines: [
          'Marks looked up and named on the ticket.',
          'Wired, polished or left alone.',
          'Small things with marks.',
        ],
      },
    ],
    hues: [
      [30, 150],
      [65, 20],
    ],
    scene: 'clock',
  },
  {
    id: 'instrument-maker',
    synonyms: ['luthier', 'violin maker', 'violins', 'guitar maker', 'guitars', 'fiddles', 'instrument repair', 'bows'],
    worksHeadings: ['On the bench with strings off', 'Spruce, maple and time'],
    stepsHeadings: ['How an instrument is set up', 'From wood to sound'],
    steps: [
      { name: 'Played first', text: 'You play, we listen, and then we look.' },
      { name: 'Opened or adjusted', text: 'Post, bridge and nut before anything is unglued.' },
      { name: 'Played again', text: 'By you, in the room next door.' },
    ],
    actions: ['Ask about an instrument', 'Bring it in', 'Ask for a setting-up'],
    contactHeadings: ['Tell us what you play', 'A crack in the top?'],
    contactLeads: [
      'What it is, how old if you know, and what it does that it should not.',
      'A picture of the label inside and one of the damage.',
    ],
    services: [
      {
        match: ['violin', 'fiddle', 'cello', 'viola'],
        lines: [
          'Built in the old order: ribs, back, belly, scroll.',
          'Purfled, bent and scraped to sound.',
          'Varnished in thin coats, months apart.',
        ],
      },
      {
        match: ['guitar', 'mandolin'],
        lines: [
          'Frets levelled, action set for the hand that plays it.',
          'Set up after a week under string.',
          'Bone nuts, hide glue.',
        ],
      },
      {
        match: ['repair', 'crack', 'restor'],
        lines: [
          'Cracks closed and cleated, the varnish touched in.',
          'Opened with hot glue’s own patience and closed the same way.',
          'Necks reset, bars renewed.',
          'Patches inside, nothing outside.',
        ],
      },
      {
        match: ['bow', 'rehair'],
        lines: ['Rehaired, straightened and balanced.', 'Hair washed, frogs eased.', 'Tips and lapping renewed.'],
      },
    ],
    hues: [
      [50, 25],
      [35, 270],
    ],
    scene: 'bench',
  },
  {
    id: 'florist',
    synonyms: ['florists', 'flowers', 'flower shop', 'bouquets', 'wreaths', 'flower grower', 'cut flowers'],
    worksHeadings: ['In the buckets', 'Cut, tied and carried'],
    stepsHeadings: ['How to order flowers', 'From bucket to door'],
    steps: [],
    actions: ['Order flowers', 'Ask what is in season', 'Ask for a day'],
    contactHeadings: ['Tell us the day', 'For a door, a table or a grave?'],
    contactLeads: [
      'The day, the occasion, and any flower that must or must not be in it.',
      'Who it is for, where it goes, and what the card should say.',
    ],
    services: [
      {
        match: ['bouquet', 'bunch', 'hand'],
        lines: [
          'Tied from what opened this week.',
          'Loose or formal, with the stems cut for your vase.',
          'Wrapped in paper, water at the foot.',
          'Whatever the garden gave up today.',
        ],
      },
      {
        match: ['wedding'],
        lines: [
          'Made up the evening before and carried in the cool.',
          'Drawn in spring, picked at dawn.',
          'Buttonholes to arches.',
        ],
      },
      {
        match: ['wreath', 'funeral'],
        lines: [
          'Wired on moss, in flowers that will stand the weather.',
          'Moss, pine and what is in berry.',
          'With a card in a plain hand.',
        ],
      },
      {
        match: ['plant', 'pot', 'window'],
        lines: ['Chosen for the light you have.', 'Potted up in clay.', 'Watering told on the label.'],
      },
    ],
    questions: ['Where do the flowers come from, and do you deliver?'],
    hues: [
      [350, 140],
      [140, 10],
    ],
    scene: 'seed',
  },
  {
    id: 'bookshop',
    synonyms: ['bookshops', 'bookseller', 'second-hand books', 'book shop', 'antiquarian books', 'maps and charts'],
    worksHeadings: ['Along the shelves', 'Read, sold and looked for'],
    stepsHeadings: ['How we find a book', 'If we do not have it'],
    steps: [],
    actions: ['Ask for a book', 'Offer us books', 'Come and browse'],
    contactHeadings: ['Tell us the title', 'Looking for one in particular?'],
    contactLeads: [
      'Author, title, or the half of it you remember.',
      'How many shelves you want to part with, and what is mostly on them.',
    ],
    services: [
      {
        match: ['order', 'new', 'find'],
        lines: [
          'Asked for by noon, here as soon as the carrier comes.',
          'Looked for until it is found or you say stop.',
          'Any title in print, and some that were.',
          'No order too small.',
        ],
      },
      {
        match: ['second', 'used', 'old'],
        lines: [
          'Collated, priced in pencil and shelved by subject.',
          'Clean, sound, with the plates counted.',
          'Local history near the door.',
        ],
      },
      {
        match: ['map', 'chart', 'print'],
        lines: [
          'Flat in drawers, with the plate and the year on the slip.',
          'Coast, county and far sea.',
          'Framed or rolled.',
        ],
      },
      {
        match: ['buy', 'librar', 'collect'],
        lines: [
          'Single books or whole rooms, looked at where they stand.',
          'Paid on the day, carried by us.',
          'A shelf or a lorry.',
        ],
      },
    ],
    questions: ['Do you order books, and do you buy them?'],
    hues: [
      [20, 265],
      [155, 70],
    ],
    scene: 'bench',
  },
  {
    id: 'ironmonger',
    synonyms: ['ironmongers', 'hardware shop', 'hardware', 'tools and fixings', 'paint shop', 'builders merchant'],
    worksHeadings: ['In the drawers and on the hooks', 'Loose, by weight or by the metre'],
    stepsHeadings: ['How to find the right screw', 'Bring the old one'],
    steps: [],
    actions: ['Ask if we have it', 'Order a part', 'Ask at the counter'],
    contactHeadings: ['Tell us what it fits', 'Cannot find the part?'],
    contactLeads: [
      'A picture of the old one beside a coin tells us the size.',
      'What it holds, what it screws into, and how many you need.',
    ],
    services: [
      {
        match: ['screw', 'nail', 'fix', 'bolt'],
        lines: [
          'Sold singly, from drawers with the size on the front.',
          'Counted out, in steel, brass or stainless.',
          'By the pound in paper bags.',
          'Imperial too.',
        ],
      },
      {
        match: ['key', 'sharpen', 'cut'],
        lines: [
          'Done at the counter while you wait or walk round.',
          'While you look at the hooks.',
          'Mower blades, shears and saws.',
        ],
      },
      {
        match: ['paint'],
        lines: [
          'Mixed to a chip, a card or the lid of the old tin.',
          'Sample pots first.',
          'Brushes that keep their hair.',
        ],
      },
      {
        match: ['tool', 'hire'],
        lines: [
          'Handles that fit a hand and can be replaced.',
          'Mend it, sharpen it, keep it.',
          'By the day, with a deposit.',
        ],
      },
    ],
    hues: [
      [245, 50],
      [25, 230],
    ],
    scene: 'bench',
  },
  {
    id: 'fishmonger',
    synonyms: ['fishmongers', 'fresh fish', 'fish stall', 'shellfish', 'smokehouse', 'smoked fish', 'oysters'],
    worksHeadings: ['On the slab', 'Off the boats'],
    stepsHeadings: ['How to order fish', 'From quay to kitchen'],
    steps: [],
    actions: ['Ask what is in', 'Put one by', 'Order for a day'],
    contactHeadings: ['Tell us what you are cooking', 'For how many?'],
    contactLeads: [
      'What you would like, for how many, and whether it should be filleted.',
      'The day you want it; the weather has its say too.',
    ],
    services: [
      {
        match: ['fish', 'fillet', 'white'],
        lines: [
          'Filleted while you wait, bones kept for stock.',
          'Whole, gutted or skinned, as you say.',
          'Named by boat where we know it.',
          'Scaled and pin-boned.',
        ],
      },
      {
        match: ['shell', 'crab', 'lobster', 'oyster', 'mussel'],
        lines: ['Live until it is sold, dressed if you ask.', 'Boiled in sea water.', 'Picked over by hand.'],
      },
      {
        match: ['smok'],
        lines: [
          'Brined and hung over oak, a night or two as the fish asks.',
          'Cold or hot, in small batches.',
          'Sliced to order.',
        ],
      },
      {
        match: ['deliver', 'box'],
        lines: ['Packed on ice and brought to the door.', 'On the van by eight.', 'Ask by noon the day before.'],
      },
    ],
    hues: [
      [225, 30],
      [200, 15],
    ],
    scene: 'harbour',
  },
  {
    id: 'greengrocer',
    synonyms: ['greengrocers', 'fruit and vegetables', 'fruit stall', 'vegetable boxes', 'veg boxes', 'market stall'],
    worksHeadings: ['In the crates this week', 'By the pound or by the box'],
    stepsHeadings: ['How the boxes work', 'From field to step'],
    steps: [],
    actions: ['Ask for a box', 'Ask what is in', 'Order for Saturday'],
    contactHeadings: ['Tell us how many you feed', 'A box on your step?'],
    contactLeads: [
      'How many you are, what nobody eats, and where the box can be left.',
      'The day you want it and your street.',
    ],
    services: [
      {
        match: ['box', 'deliver'],
        lines: [
          'Packed in the morning with what came in, and left where you say.',
          'Large or small, with a note of what is in it.',
          'Heavy things at the bottom.',
          'Changes with the field.',
        ],
      },
      {
        match: ['fruit', 'vegetable', 'veg'],
        lines: [
          'Weighed out loose, and nothing hidden at the back.',
          'Muddy, twisted, good.',
          'From as near as it grows.',
        ],
      },
      {
        match: ['preserv', 'jam', 'chutney'],
        lines: ['Made from the glut, labelled with the week.', 'Sugar, fruit, patience.', 'Jars come back, please.'],
      },
      {
        match: ['flower', 'herb', 'plant'],
        lines: ['In pots and bunches, by the door.', 'Cut this morning.', 'Parsley by the handful.'],
      },
    ],
    hues: [
      [135, 50],
      [110, 25],
    ],
    scene: 'plot',
  },
  {
    id: 'candle-maker',
    synonyms: ['candles', 'chandlery candles', 'tallow', 'wax', 'candlemaker'],
    worksHeadings: ['Dipped and poured', 'Wax and wick'],
    stepsHeadings: ['How a candle is dipped', 'From wick to flame'],
    steps: [],
    actions: ['Order candles', 'Ask what is made', 'Ask about a size'],
    contactHeadings: ['Tell us where they burn', 'For a church or a table?'],
    contactLeads: ['How many, how tall, and how long they should burn.', 'Scented or plain, and for which day.'],
    services: [
      {
        match: ['candle', 'dip', 'taper'],
        lines: [
          'Dipped in pairs, a coat at a time.',
          'Trimmed, weighed and burned on trial.',
          'Straight, slow and clean.',
          'Wick matched to width.',
        ],
      },
      {
        match: ['church', 'pillar'],
        lines: [
          'Poured straight and turned true, to the size of your stand.',
          'Dated, centred, heavy.',
          'Base turned for your pricket.',
        ],
      },
      {
        match: ['scent', 'jar'],
        lines: [
          'One scent to a jar, and not too much of it.',
          'From herbs, not from a drum.',
          'Poured twice, so that it sets flat.',
        ],
      },
      {
        match: ['refill', 'repair'],
        lines: ['Bring the glass back and have it filled.', 'Washed, wicked, poured.', 'For less than a new one.'],
      },
    ],
    hues: [
      [80, 30],
      [65, 300],
    ],
    scene: 'pot',
  },
  {
    id: 'soap-maker',
    synonyms: ['soap', 'soaps', 'soapmaker', 'soap works', 'salves'],
    worksHeadings: ['Cut, stamped and cured', 'Bars and salves'],
    stepsHeadings: ['How soap is made', 'From oil to bar'],
    steps: [],
    actions: ['Order soap', 'Ask what is in it', 'Ask what is made'],
    contactHeadings: ['Tell us what your skin minds', 'Looking for one scent?'],
    contactLeads: [
      'Which bars, how many, and anything that must not be in them.',
      'Whether it is for a shop, a house or a present.',
    ],
    services: [
      {
        match: ['soap', 'bar'],
        lines: [
          'Stirred cold, cut by wire and left to cure for weeks.',
          'Stamped, wrapped in paper, and no two quite the same weight.',
          'Olive, tallow or both.',
          'Cut thick.',
        ],
      },
      {
        match: ['salve', 'balm', 'cream'],
        lines: [
          'Melted in small pans, with everything that is in it on the lid.',
          'For cracked hands and dry heels.',
          'Beeswax, oil, little else.',
        ],
      },
      {
        match: ['shampoo', 'shav'],
        lines: ['Solid, so that it travels.', 'Lathers in hard water.', 'One bar, three months.'],
      },
      {
        match: ['gift', 'box'],
        lines: ['Tied up in threes, with a card if you like.', 'Chosen by you, wrapped by us.', 'With string.'],
      },
    ],
    hues: [
      [165, 340],
      [195, 60],
    ],
    scene: 'pot',
  },
  {
    id: 'toymaker',
    synonyms: ['toymakers', 'wooden toys', 'toys', 'toy shop', 'puppets', 'rocking horses', 'dolls house'],
    worksHeadings: ['Turned, sawn and painted', 'On the toy shelf'],
    stepsHeadings: ['How a toy is made', 'From plank to play'],
    steps: [],
    actions: ['Ask about a toy', 'Order one made', 'Ask for a repair'],
    contactHeadings: ['Tell us how old they are', 'A wheel come off?'],
    contactLeads: [
      'The age of the child, and what they like to push, pull or build.',
      'A picture of the broken one, and what is missing.',
    ],
    services: [
      {
        match: ['wooden', 'toy', 'block', 'train'],
        lines: [
          'Edges rounded by hand, paint that can be chewed.',
          'Made to be mended.',
          'Axles that turn true.',
          'Beech for wheels, lime for heads.',
        ],
      },
      {
        match: ['horse', 'rocking'],
        lines: ['Carved, gessoed, dappled and fitted with leather.', 'Sized to the rider.', 'Glass eyes, real mane.'],
      },
      {
        match: ['repair', 'restor'],
        lines: [
          'New limbs, new wheels, the old face kept.',
          'Glued, pegged, repainted where it shows.',
          'Bring all the pieces you can find.',
        ],
      },
      {
        match: ['doll', 'house', 'puppet'],
        lines: ['To scale, with doors that open.', 'Shingles, sashes, stairs.', 'Strings that do not tangle.'],
      },
    ],
    hues: [
      [25, 230],
      [55, 200],
    ],
    scene: 'wheel',
  },
  {
    id: 'weaver',
    synonyms: ['weavers', 'weaving', 'handweaver', 'loom', 'tweed', 'rugs', 'textiles', 'spinner'],
    worksHeadings: ['On the loom', 'Warp and weft'],
    stepsHeadings: ['How cloth is woven', 'From thread to length'],
    steps: [
      { name: 'Threads chosen', text: 'Colours are wound on a card and looked at in daylight.' },
      { name: 'The warp', text: 'Measured, beamed and threaded, end by end.' },
      { name: 'Woven and washed', text: 'It is cloth only once it has been in water.' },
    ],
    actions: ['Ask about a cloth', 'Order a length', 'See the loom'],
    contactHeadings: ['Tell us what it will cover', 'How many yards?'],
    contactLeads: ['Width, length and what will rub against it.', 'Colours it has to live with, and by when.'],
    services: [
      {
        match: ['blanket', 'throw', 'shawl', 'scarf'],
        lines: [
          'Woven, washed, brushed and fringed by hand.',
          'In runs of a few, and then the warp is another.',
          'Soft side in.',
          'Twill, herringbone or plain.',
        ],
      },
      {
        match: ['rug', 'carpet'],
        lines: ['Beaten hard on a linen warp, to lie flat.', 'Thick, flat, washable.', 'Colours that forgive boots.'],
      },
      {
        match: ['cloth', 'tweed', 'length'],
        lines: [
          'Cut from the roll, or woven to order on a warp of your own.',
          'Fulled until it turns rain.',
          'Wide enough for a coat.',
        ],
      },
      {
        match: ['repair', 'mend'],
        lines: [
          'Rewoven thread by thread at the edge or the hole.',
          'Threads drawn from the hem.',
          'Moth stopped, hole gone.',
        ],
      },
    ],
    hues: [
      [305, 120],
      [40, 200],
    ],
    scene: 'bench',
  },
  {
    id: 'signwriter',
    synonyms: [
      'signwriters',
      'sign writer',
      'signs',
      'sign painting',
      'lettering artist',
      'gilded signs',
      'boat names',
    ],
    worksHeadings: ['By brush and mahlstick', 'Letters on wood, glass and hulls'],
    stepsHeadings: ['How a sign is painted', 'From layout to last coat'],
    steps: [
      { name: 'A layout', text: 'Drawn to size, and held up where it will hang.' },
      { name: 'Ground and letters', text: 'Primed, painted, pounced and written.' },
      { name: 'Up', text: 'Fixed so that it can come down again for its next coat.' },
    ],
    actions: ['Ask about a sign', 'Send the wording', 'Ask the signwriter'],
    contactHeadings: ['Tell us what it should say', 'How far off will it be read?'],
    contactLeads: [
      'The words, the size of the board, and from where it is read.',
      'A picture of the front, the hull or the van, straight on.',
    ],
    services: [
      {
        match: ['shop', 'fascia', 'sign', 'board'],
        lines: [
          'Spaced by eye and written with a chisel brush.',
          'Drawn for the building it goes on.',
          'Shaded, outlined, read from the far kerb.',
          'One coat of size, two of colour.',
        ],
      },
      {
        match: ['gild', 'gold', 'glass'],
        lines: [
          'Loose leaf behind glass, burnished and backed.',
          'Backed in black, cut by hand.',
          'House numbers, shop doors, fanlights.',
        ],
      },
      {
        match: ['boat', 'hull', 'name'],
        lines: [
          'Afloat or on the slip, in paint that stands salt.',
          'Port of registry and all.',
          'Masked, brushed, varnished.',
        ],
      },
      {
        match: ['van', 'cart'],
        lines: [
          'Lined and lettered, with the old coat rubbed down first.',
          'Coachlines drawn in one breath.',
          'Lettered both sides alike.',
        ],
      },
    ],
    hues: [
      [30, 255],
      [265, 75],
    ],
    scene: 'harbour',
  },
];
