import type { WrittenPack } from './pack.js';

/** Trades that build, fit and look after houses. */
export const house: WrittenPack[] = [
  {
    id: 'plumber',
    synonyms: ['plumbers', 'plumbing', 'heating engineer', 'boilers', 'central heating', 'drains'],
    worksHeadings: ['Pipes, taps and heat', 'Where the water goes'],
    stepsHeadings: ['From a drip to dry', 'When you ring about a leak'],
    steps: [
      { name: 'Stop it first', text: 'We tell you on the phone where the stopcock is likely to be.' },
      { name: 'Find the cause', text: 'The wet patch is seldom under the leak; we look before we cut.' },
      { name: 'Put it right', text: 'Joints are made so that they can be reached again.' },
    ],
    actions: ['Report a leak', 'Ask the plumber', 'Ask about a bathroom'],
    contactHeadings: ['Tell us where it drips', 'Something blocked?'],
    contactLeads: [
      'Which floor it is on, how old the pipes are if you know, and whether the water is off.',
      'A picture of the boiler’s plate or of the tap says more than a page.',
    ],
    services: [
      {
        match: ['boiler', 'heating', 'radiator'],
        lines: [
          'Flushed, balanced and set so that the far room is warm too.',
          'Old systems kept going while parts can be had.',
          'Thermostats that answer, pumps that whisper.',
          'Filled, bled and set for winter.',
        ],
      },
      {
        match: ['bathroom', 'shower', 'basin'],
        lines: [
          'Pipes, tray and tiles in the right order, and no hidden joints.',
          'Measured for the room that is there.',
          'Falls first, finishes last.',
          'Taps set at the height of your hand.',
        ],
      },
      {
        match: ['leak', 'repair', 'tap'],
        lines: [
          'Found, mended and dried out.',
          'Washers, valves and joints, large and small.',
          'Traced from the stain backwards.',
          'Isolated, drained, remade.',
        ],
      },
      {
        match: ['drain', 'block'],
        lines: [
          'Rodded, rinsed and looked at with a camera where it comes back.',
          'From the gully to the road.',
          'Flushed until it runs clear.',
        ],
      },
    ],
    questions: [
      'Do you take on work out of hours, and what does that cost?',
      'Which boilers or systems do you work on?',
    ],
    hues: [
      [235, 55],
      [205, 40],
    ],
    scene: 'house',
  },
  {
    id: 'electrician',
    synonyms: ['electricians', 'electrical', 'rewiring', 'wiring', 'lighting installer', 'fuse boards'],
    worksHeadings: ['From meter to lamp', 'On every circuit'],
    stepsHeadings: ['How a rewire goes', 'Before the power goes off'],
    steps: [
      { name: 'A walk through', text: 'Room by room, with a list of what you want where.' },
      { name: 'First fix', text: 'Cables are run before the walls are made good.' },
      { name: 'Test and label', text: 'Every circuit is measured and named on the board.' },
    ],
    actions: ['Ask the electrician', 'Ask for a test', 'Send the list'],
    contactHeadings: ['Tell us what trips', 'Lights out?'],
    contactLeads: [
      'What stopped, what was on at the time, and a picture of the board.',
      'How many rooms, and whether the floors can come up.',
    ],
    services: [
      {
        match: ['rewir', 'wiring'],
        lines: [
          'Whole houses or single rooms, with the walls left as we would want ours.',
          'Old cable out, new cable in, and a drawing of where it runs.',
          'Chased in, plastered over, tested behind.',
          'A circuit for each thing that matters.',
        ],
      },
      {
        match: ['light', 'lamp'],
        lines: [
          'Placed for what is done under them.',
          'Indoors, along the path and over the bench.',
          'Dimmed where you sit, bright where you cut.',
          'Switches where the hand goes first.',
        ],
      },
      {
        match: ['test', 'inspect', 'report'],
        lines: [
          'Measured circuit by circuit and written up in words you can follow.',
          'Readings on paper, faults by urgency.',
          'With the power off and the kettle warned.',
        ],
      },
      {
        match: ['socket', 'board', 'charger'],
        lines: [
          'Where you need them, on circuits that can bear them.',
          'Labelled in ink and in order.',
          'Fed from a board with room to grow.',
        ],
      },
    ],
    questions: ['Do you give certificates for your work, and through which body?'],
    hues: [
      [85, 250],
      [250, 85],
    ],
    scene: 'house',
  },
  {
    id: 'plasterer',
    synonyms: ['plasterers', 'plastering', 'lime plaster', 'rendering', 'dry lining', 'skimming'],
    worksHeadings: ['Walls made flat', 'Float and trowel'],
    stepsHeadings: ['How a room is plastered', 'Coat by coat'],
    steps: [
      { name: 'Sheets down', text: 'Floors and doorways are covered before a bag is opened.' },
      { name: 'Ground and coats', text: 'What is loose comes off; each coat has the time it needs.' },
      { name: 'Dry and done', text: 'You are told when it can be painted, and with what first.' },
    ],
    actions: ['Ask for a price', 'Ask the plasterer', 'Have a wall looked at'],
    contactHeadings: ['Tell us about the walls', 'A ceiling coming down?'],
    contactLeads: [
      'Length and height of the walls, what they are made of, and whether the room is empty.',
      'A picture with a door in it shows us the size.',
    ],
    services: [
      {
        match: ['skim', 'plaster'],
        lines: [
          'Flat to the eye and to the rule.',
          'Over board, over old plaster, over what the damp left.',
          'Two coats, one trowel, no ridges.',
          'Corners sharp, reveals square.',
        ],
      },
      {
        match: ['lime'],
        lines: [
          'Hair in the first coat, patience between the rest, so that old walls can breathe.',
          'Three coats and time between.',
          'Soft enough to move with the house.',
        ],
      },
      {
        match: ['render', 'outside'],
        lines: [
          'Thrown or laid, in a mix the wall behind can live with.',
          'Scratched back and floated level.',
          'Keyed to the wall and dashed by hand.',
        ],
      },
      {
        match: ['mould', 'cornice', 'cove'],
        lines: [
          'Run in place or cast from what is left of the old.',
          'Taken from the best yard of what is left.',
          'Mitred, dressed and fixed.',
        ],
      },
    ],
    hues: [
      [65, 30],
      [45, 220],
    ],
    scene: 'house',
  },
  {
    id: 'roofer',
    synonyms: ['roofers', 'roofing', 'slater', 'slates', 'gutters', 'leadwork', 'flat roofs'],
    worksHeadings: ['Slate, lead and gutter', 'Keeping the rain out'],
    stepsHeadings: ['How a roof is mended', 'After the storm'],
    steps: [
      { name: 'Up the ladder', text: 'We look, take pictures and show you what we saw.' },
      { name: 'A price for each part', text: 'What leaks now, what will leak next, what can wait.' },
      { name: 'Watertight each night', text: 'Nothing is opened that cannot be covered by evening.' },
    ],
    actions: ['Ask about a roof', 'Report a leak', 'Ask the roofer'],
    contactHeadings: ['Tell us where it comes in', 'A slate off?'],
    contactLeads: [
      'Which room it comes into and in which wind.',
      'How high it is, and a picture from across the street.',
    ],
    services: [
      {
        match: ['slate', 'tile', 'roof'],
        lines: [
          'Old slates put back wherever they still ring.',
          'Battens, felt and covering, in that order.',
          'Hung on copper or on pegs, as they were.',
          'Sorted, holed and hung by gauge.',
        ],
      },
      {
        match: ['lead', 'valley', 'flash'],
        lines: [
          'Dressed by hand and left room to move.',
          'Steps, soakers and aprons cut from the roll.',
          'Joints wedged and pointed.',
        ],
      },
      {
        match: ['gutter'],
        lines: [
          'Cleared, re-hung to a fall, and tried with a hose.',
          'Brackets screwed, joints sealed, leaves out.',
          'Cast or plain, to match the house.',
        ],
      },
      {
        match: ['flat', 'repair', 'leak'],
        lines: [
          'Found from inside and out before anything is lifted.',
          'Felt, lead or rubber, laid to fall.',
          'Traced with dye when eyes are not enough.',
        ],
      },
    ],
    hues: [
      [250, 40],
      [30, 240],
    ],
    scene: 'house',
  },
  {
    id: 'decorator',
    synonyms: [
      'painter',
      'decorator',
      'decorators',
      'painting and decorating',
      'wallpaper',
      'house painter',
      'paperhanging',
    ],
    worksHeadings: ['Paint, paper and preparation', 'Room by room'],
    stepsHeadings: ['How a room is done', 'Most of it is sanding'],
    steps: [
      { name: 'Cover and clear', text: 'Furniture is moved, floors are covered, and both go back.' },
      { name: 'Prepare', text: 'Filled, sanded and primed; the paint only shows what is under it.' },
      { name: 'Finish', text: 'As many coats as it takes, and the last look by daylight.' },
    ],
    actions: ['Ask for a price', 'Ask the decorator', 'Name a date'],
    contactHeadings: ['Tell us about the rooms', 'Stairs and landing, too?'],
    contactLeads: [
      'How many rooms, how high, and whether the paint and paper are chosen.',
      'Inside or out, and by when it should be done.',
    ],
    services: [
      {
        match: ['paint', 'inside', 'interior'],
        lines: [
          'Cut in by hand, and no tape lines to say where.',
          'Walls, ceilings and everything with a moulding on it.',
          'Brushed out, sanded down, brushed again.',
          'Colour tried on the wall before it is bought in bulk.',
        ],
      },
      {
        match: ['paper'],
        lines: [
          'Matched at the seams and started from where the eye goes.',
          'Hung plumb, trimmed after.',
          'Lined first where the wall asks.',
        ],
      },
      {
        match: ['outside', 'exterior', 'window', 'front'],
        lines: [
          'Back to sound wood, primed the same day.',
          'Knots sealed, sills filled, sashes free.',
          'Washed down and left to dry.',
        ],
      },
      {
        match: ['limewash', 'lime', 'special'],
        lines: [
          'Built up in thin coats that dry to a bloom.',
          'Brushed in a cross, five coats thin.',
          'On walls that need to breathe.',
        ],
      },
    ],
    hues: [
      [25, 200],
      [150, 40],
      [280, 80],
    ],
    scene: 'house',
  },
  {
    id: 'tiler',
    synonyms: ['tilers', 'tiling', 'wall tiles', 'floor tiles', 'mosaic'],
    worksHeadings: ['Set, grouted and sealed', 'Floors and walls'],
    stepsHeadings: ['Before the first tile', 'How a floor is laid'],
    steps: [
      { name: 'Dry layout', text: 'Tiles are set out dry until the cuts fall where nobody looks.' },
      { name: 'A true bed', text: 'The ground is made flat and firm, or the tile will tell.' },
      { name: 'Set and grout', text: 'Joints are struck, washed and left to cure.' },
    ],
    actions: ['Ask for a price', 'Ask the tiler', 'Send the measurements'],
    contactHeadings: ['Tell us about the floor', 'Which wall is it?'],
    contactLeads: [
      'The size of the area, what is under it and the size of the tile.',
      'Whether the tiles are bought, and how many boxes there are.',
    ],
    services: [
      {
        match: ['floor'],
        lines: [
          'Level from door to wall, with the joints running true.',
          'Falls to the drain, not from it.',
          'Screeded, primed, set in full beds.',
        ],
      },
      {
        match: ['wall', 'bathroom', 'kitchen'],
        lines: [
          'Set out from the middle, so that both ends match.',
          'Cut round taps and sockets without a gap to fill.',
          'Edges mitred or trimmed, as the tile likes.',
          'Level lines, plumb corners.',
        ],
      },
      {
        match: ['mosaic', 'pattern'],
        lines: [
          'Laid piece by piece, from your drawing or ours.',
          'Nipped by hand and laid on paper.',
          'Borders that meet at the corners.',
        ],
      },
      {
        match: ['repair', 'regrout'],
        lines: [
          'Broken ones lifted out without losing their neighbours.',
          'Joints raked and filled anew.',
          'Matched as near as the kiln allows.',
        ],
      },
    ],
    hues: [
      [200, 45],
      [30, 190],
    ],
    scene: 'pot',
  },
  {
    id: 'window-cleaner',
    synonyms: ['window cleaners', 'window cleaning', 'gutter cleaning', 'conservatory cleaning', 'pressure washing'],
    worksHeadings: ['Glass, frames and sills', 'On the round'],
    stepsHeadings: ['How the round works', 'From the first clean on'],
    steps: [
      { name: 'A first clean', text: 'Frames and sills as well, since they have waited longest.' },
      { name: 'On the round', text: 'You hear from us the evening before.' },
      { name: 'Settled after', text: 'You pay when you have looked.' },
    ],
    actions: ['Join the round', 'Ask for a price', 'Ask us by'],
    contactHeadings: ['Tell us how many windows', 'Are you on our streets?'],
    contactLeads: [
      'Your street, how many windows, and how many are over a roof.',
      'Which side is hard to reach, and whether a gate is locked.',
    ],
    services: [
      {
        match: ['window', 'house'],
        lines: [
          'Washed with clean water and left without a streak.',
          'Inside too, where you ask for it.',
          'Frames wiped, sills dried.',
          'By ladder or by pole, as the house asks.',
        ],
      },
      {
        match: ['gutter', 'fascia'],
        lines: [
          'Emptied by hand from a ladder, and the pipes tried.',
          'Cleared, flushed and photographed.',
          'Downpipes rodded too.',
        ],
      },
      {
        match: ['conservat', 'roof', 'solar'],
        lines: [
          'Reached with a pole, so that nobody stands on glass.',
          'Moss brushed off, gullies cleared.',
          'Rinsed from above with soft water.',
        ],
      },
      {
        match: ['shop', 'office'],
        lines: [
          'Before opening, on the days you choose.',
          'Weekly, monthly or when it rains salt.',
          'Gone before your first customer.',
        ],
      },
    ],
    hues: [
      [220, 75],
      [195, 60],
    ],
    scene: 'house',
  },
  {
    id: 'removals',
    synonyms: [
      'removals',
      'removal men',
      'house moves',
      'man and van',
      'furniture moving',
      'storage',
      'house clearance',
    ],
    worksHeadings: ['From door to door', 'Boxes, blankets and a van'],
    stepsHeadings: ['How a move goes', 'From the first box to the last'],
    steps: [
      { name: 'A look round', text: 'We see what there is, what is heavy, and how the stairs turn.' },
      { name: 'Packed', text: 'By you, by us, or the fragile half of it.' },
      { name: 'Moved', text: 'Beds are up again before we go.' },
    ],
    actions: ['Ask for a date', 'Ask for a price', 'Have it looked at'],
    contactHeadings: ['Tell us from where to where', 'When do you move?'],
    contactLeads: [
      'Both addresses, the floors they are on, and the day you have in mind.',
      'A walk through the rooms with the phone’s camera is enough for a price.',
    ],
    services: [
      {
        match: ['house', 'move', 'remov'],
        lines: [
          'Wrapped, carried, tied down and put where the plan says.',
          'Whole houses, or the one room that is left.',
          'Carried by people who live round here.',
          'From attic to cellar and the other way.',
        ],
      },
      {
        match: ['pack'],
        lines: [
          'Room by room, with the boxes numbered.',
          'China in paper, books in small boxes.',
          'Labels by room, fragile on top.',
        ],
      },
      {
        match: ['stor'],
        lines: [
          'Dry, dark and on a list, for a week or for a winter.',
          'Containers that only you open.',
          'Blankets, not film.',
        ],
      },
      {
        match: ['clear'],
        lines: [
          'What can be used again finds a taker; the rest is carried off.',
          'Sorted, swept, locked.',
          'With what is worth keeping set aside.',
        ],
      },
    ],
    hues: [
      [55, 245],
      [150, 60],
    ],
    scene: 'house',
  },
  {
    id: 'stove-fitter',
    synonyms: ['stoves', 'stove installer', 'wood burners', 'wood burning stoves', 'fireplaces', 'flues'],
    worksHeadings: ['Hearth, stove and flue', 'By the fire'],
    stepsHeadings: ['From cold hearth to first fire', 'How a stove is fitted'],
    steps: [
      { name: 'The chimney first', text: 'Swept, smoked and measured: it decides what can go below.' },
      { name: 'Hearth and liner', text: 'Laid and drawn down before the stove comes in.' },
      { name: 'First fire', text: 'Lit with you, and small.' },
    ],
    actions: ['Ask about a stove', 'Have the chimney seen', 'Come and choose'],
    contactHeadings: ['Tell us about the hearth', 'Is there a chimney?'],
    contactLeads: [
      'The width of the opening, what the house is built of, and what you mean to burn.',
      'A picture of the fireplace with a chair beside it.',
    ],
    services: [
      {
        match: ['stove', 'fit', 'install'],
        lines: [
          'Sized to the room, and not to the catalogue.',
          'Set level on a hearth that will bear it.',
          'Set on slate, flued in steel.',
          'Matched to the wood you can get.',
        ],
      },
      {
        match: ['flue', 'liner', 'chimney'],
        lines: [
          'Lined from pot to stove and wrapped against the cold.',
          'Dropped from the pot and joined below.',
          'Insulated all the way.',
        ],
      },
      {
        match: ['hearth', 'fireplace', 'surround'],
        lines: [
          'Slate, stone or brick, cut to the wall.',
          'Built out, tiled or left bare.',
          'Lintels where they are needed.',
        ],
      },
      {
        match: ['service', 'repair', 'rope', 'glass'],
        lines: [
          'Rope, glass and baffle changed, and the draught set.',
          'Firebricks, handles and hinges as well.',
          'Taken apart in summer, ready by autumn.',
        ],
      },
    ],
    hues: [
      [40, 60],
      [25, 250],
    ],
    scene: 'house',
  },
  {
    id: 'floor-layer',
    synonyms: ['flooring', 'floor fitter', 'carpet fitter', 'floor sanding', 'parquet', 'wooden floors'],
    worksHeadings: ['Underfoot', 'Boards, blocks and carpet'],
    stepsHeadings: ['How a floor comes back', 'Before you walk on it'],
    steps: [
      { name: 'Lift a corner', text: 'What is underneath decides what can be done.' },
      { name: 'Level and dry', text: 'A floor is only as flat as what it lies on.' },
      { name: 'Laid and trimmed', text: 'Doors are eased and edges closed the same day.' },
    ],
    actions: ['Ask about a floor', 'Have it measured', 'Ask for samples'],
    contactHeadings: ['Tell us about the rooms', 'What is under the carpet?'],
    contactLeads: [
      'Length and width of each room, and what is on the floor now.',
      'Whether there are stairs, and how soon the rooms can be empty.',
    ],
    services: [
      {
        match: ['sand', 'board', 'restor'],
        lines: [
          'Sanded with the dust caught, and finished in oil or lacquer.',
          'Gaps let in with slips of the same wood.',
          'Coarse, fine, then by hand at the edges.',
          'Oiled while you are away.',
        ],
      },
      {
        match: ['carpet'],
        lines: [
          'Stretched, joined where the light hides it, and finished at the doors.',
          'Gripper, underlay and a straight seam.',
          'Stairs bound or fitted to the wall.',
        ],
      },
      {
        match: ['parquet', 'block', 'herring'],
        lines: ['Laid from the middle line outwards.', 'Dry-laid, numbered, glued.', 'Borders first.'],
      },
      {
        match: ['vinyl', 'lino'],
        lines: ['Cut to the wall on paper first.', 'Welded seams, coved edges.', 'On a floor made smooth beforehand.'],
      },
    ],
    hues: [
      [60, 150],
      [45, 210],
    ],
    scene: 'bench',
  },
  {
    id: 'fencer',
    synonyms: ['fencing', 'fencer', 'fences and gates', 'post and rail', 'agricultural fencing', 'decking'],
    worksHeadings: ['Posts in the ground', 'Along the boundary'],
    stepsHeadings: ['How a fence goes in', 'From string to gate'],
    steps: [
      { name: 'The line', text: 'We walk it with you and put in pegs.' },
      { name: 'Posts', text: 'Set deep, packed hard and left to stand.' },
      { name: 'Rails and gate', text: 'Hung last, so that the gate fits what is there.' },
    ],
    actions: ['Ask for a price', 'Have the line walked', 'Ask about a gate'],
    contactHeadings: ['Tell us how long it is', 'Down after the gale?'],
    contactLeads: [
      'The length in paces, what it has to keep in or out, and which side is yours.',
      'What stands there now, and how a machine could reach it.',
    ],
    services: [
      {
        match: ['fence', 'panel', 'rail'],
        lines: [
          'Posts to a string, tops to a level, gaps to a gauge.',
          'Chestnut, oak or larch, as the ground and the purse allow.',
          'Closeboard, picket or post and rail.',
          'Stepped or raked with the ground.',
        ],
      },
      {
        match: ['gate'],
        lines: [
          'Hung so that it stays where you leave it.',
          'Posts in concrete, hinges in grease.',
          'Five bars or boarded.',
        ],
      },
      {
        match: ['stock', 'wire', 'agricult', 'field'],
        lines: [
          'Strained tight and stapled loose.',
          'Tall for deer, tight for lambs.',
          'Corner posts braced both ways.',
        ],
      },
      {
        match: ['repair', 'post'],
        lines: [
          'Rotten posts drawn and new ones set in the same hole.',
          'Spurs where the post has gone.',
          'Panels eased back into line.',
        ],
      },
    ],
    hues: [
      [130, 55],
      [60, 140],
    ],
    scene: 'plot',
  },
];
