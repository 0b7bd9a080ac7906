import type { WrittenPack } from './pack.js';

/** Trades that make things by hand, to order or for sale. */
export const makers: WrittenPack[] = [
  {
    id: 'bookbinder',
    synonyms: ['bookbinders', 'bookbinding', 'bindery', 'binder', 'book conservation', 'book restorer'],
    worksHeadings: ['At the sewing frame', 'Books put back together', 'What the bindery does'],
    stepsHeadings: ['What happens to a book', 'From loose leaves to a bound book'],
    steps: [
      {
        name: 'Leaf by leaf',
        text: 'We look through it with you: what is loose, what is missing, what had better stay as it is.',
      },
      {
        name: 'A sample and a price',
        text: 'Cloth or leather, lettering and paper are chosen on the bench before a price is fixed.',
      },
      {
        name: 'Sewn and cased',
        text: 'Sections are mended, sewn and rounded by hand, and the old boards are kept wherever they will serve.',
      },
      {
        name: 'Home, with its history',
        text: 'It comes back with a slip that says what was done, in words and in materials.',
      },
    ],
    actions: ['Ask about a book', 'Show us the damage', 'Bring it to the bindery'],
    contactHeadings: ['Tell us about the book', 'Ask the bindery'],
    contactLeads: [
      'Its size, its age if you know it, and a picture of the spine tell us most of what we need.',
      'Tell us what the book means to be: read every day, kept on a shelf, or given away.',
    ],
    services: [
      {
        match: ['repair', 'rebind', 'restor', 'mend'],
        lines: [
          'Sewing, joints and corners made good, with the old cover kept where it will bear it.',
          'Spine, hinges and headbands renewed without losing what is old.',
          'Torn leaves mended in tissue, boards put back on.',
          'Taken down to the sections where it must be, and no further where not.',
        ],
      },
      {
        match: ['box', 'case', 'slip'],
        lines: [
          'Made to the measure of one book, lined so that nothing rubs.',
          'Cloth-covered, and no deeper than it need be.',
          'Covered in cloth, lined in paper, lettered on the spine.',
          'Drop-backed, so that the book lies flat in it.',
        ],
      },
      {
        match: ['thesis', 'journal', 'album', 'notebook'],
        lines: [
          'Sewn so that it lies open flat, lettered by hand or left plain.',
          'Blank, ruled or printed, bound to be written in.',
          'Case-bound in the colour the faculty wants, or you do.',
        ],
      },
    ],
    questions: ['Do people bring books in or post them, and do you give a price beforehand?'],
    hues: [
      [28, 90],
      [150, 45],
      [265, 75],
    ],
    scene: 'bench',
  },
  {
    id: 'basket-maker',
    synonyms: ['basketmaker', 'baskets', 'basketry', 'willow', 'withy', 'weaver of willow', 'hurdles'],
    worksHeadings: ['Woven here', 'From the willow bed', 'What leaves the workshop'],
    stepsHeadings: ['How a basket is made', 'From rod to rim'],
    steps: [
      {
        name: 'Cut in winter',
        text: 'Rods are cut when the sap is down, sorted by length and dried until they are wanted.',
      },
      {
        name: 'Soaked and sorted',
        text: 'A day in the trough for each foot of length, and then they bend without breaking.',
      },
      {
        name: 'Base, stakes and siding',
        text: 'The base is woven first, the sides are staked up and the border is laid down last.',
      },
    ],
    actions: ['Ask about a basket', 'Order one made', 'Come to the workshop'],
    contactHeadings: ['Tell us what it has to hold', 'Ask for one made to measure'],
    contactLeads: [
      'Say what it is for and roughly how big; a drawing on the back of an envelope is plenty.',
      'Width, height, and whether it will stand in the dry or in the rain.',
    ],
    services: [
      {
        match: ['log', 'basket'],
        lines: [
          'Full willow, strong at the foot and the handle, where baskets give out first.',
          'Woven to the size of your logs, and of your reach.',
          'A rim that takes the weight and a base that takes the floor.',
          'Buff, brown or white rod, and never varnish.',
        ],
      },
      {
        match: ['hurdle', 'fence', 'screen'],
        lines: [
          'Woven flat or on the spot, to the length of the gap.',
          'Panels for a gap, a pond or a row of beans.',
          'Driven in, woven up and bound at the top.',
          'Green when it goes in, silver in a year.',
        ],
      },
      {
        match: ['repair', 'seat', 'chair'],
        lines: [
          'Broken rods drawn out and new ones worked in; seats re-woven in the old pattern.',
          'Cane or rush, in the holes that are there.',
          'New handles twisted in, the old sides kept.',
        ],
      },
    ],
    questions: ['Do you grow your own willow, and do you make to order?'],
    hues: [
      [75, 140],
      [105, 50],
      [55, 160],
    ],
    scene: 'plot',
  },
  {
    id: 'stained-glass',
    synonyms: [
      'stained glass',
      'leaded glass',
      'leaded windows',
      'glazier',
      'leaded lights',
      'glass artist',
      'fused glass',
    ],
    worksHeadings: ['In lead and glass', 'Made for the light', 'Windows old and new'],
    stepsHeadings: ['From drawing to window', 'How a panel comes about'],
    steps: [
      { name: 'The opening', text: 'We measure the window and see where the light comes from through the day.' },
      {
        name: 'A drawing in colour',
        text: 'Drawn to scale first, then full size; glass is chosen against the sky, not a lamp.',
      },
      {
        name: 'Cut, leaded, soldered',
        text: 'Every piece is cut by hand, leaded up, soldered and cemented until it no longer rattles.',
      },
      { name: 'Into its frame', text: 'We fit it and stay until it has been seen with the sun behind it.' },
    ],
    actions: ['Ask about a window', 'Visit the studio', 'Send a picture of the opening'],
    contactHeadings: ['Tell us about the window', 'Ask the studio'],
    contactLeads: [
      'The size of the opening, which way it faces and a picture from inside are the best beginning.',
      'Say what you see through the window now, and how much of it you want to keep seeing.',
    ],
    services: [
      {
        match: ['window', 'panel', 'door'],
        lines: [
          'Drawn for the opening it goes into and leaded by hand.',
          'A cartoon at full size before a piece is cut.',
          'Mouth-blown where the light should move.',
          'Held to the sun, piece by piece, before it is leaded.',
        ],
      },
      {
        match: ['restor', 'repair', 'church'],
        lines: [
          'Re-leaded on the bench with the old glass cleaned and put back where it was.',
          'Cleaned, re-leaded and set back with new ties.',
          'Cracks edge-bonded, missing pieces matched.',
          'Rubbed, mapped and numbered before a lead is cut.',
        ],
      },
      {
        match: ['lamp', 'shade'],
        lines: [
          'Built on a form, piece by piece, so that the light falls where it is wanted.',
          'Copper-foiled, so that the lines stay fine.',
          'Rewired and relined, the old frame kept.',
        ],
      },
    ],
    hues: [
      [255, 40],
      [300, 85],
      [195, 25],
    ],
    scene: 'house',
  },
  {
    id: 'sailmaker',
    synonyms: ['sailmakers', 'sails', 'sail loft', 'awnings', 'canvas work', 'segelmacher', 'segelmacherei'],
    worksHeadings: ['On the loft floor', 'Cut, stitched and set', 'What the loft takes on'],
    stepsHeadings: ['How a sail is made', 'From rig to first reef'],
    steps: [
      { name: 'Measured aboard', text: 'We come down to the boat, because the drawing and the rig seldom agree.' },
      { name: 'Cut flat', text: 'Panels are cut on the floor with the shape you want put in at the seams.' },
      { name: 'Stitched and finished', text: 'Corners are built up by hand, where the load comes on.' },
      { name: 'Set and looked at', text: 'We hoist it with you in a breeze and mark what is to change.' },
    ],
    actions: ['Ask about a sail', 'Bring it to the loft', 'Arrange a measuring'],
    contactHeadings: ['Tell us about the boat', 'Ask the loft'],
    contactLeads: [
      'The class or the length of luff and foot, and what the old one did wrong.',
      'How you sail, where, and in what wind you first wish for another sail.',
    ],
    services: [
      {
        match: ['new', 'sail', 'main', 'jib', 'genoa'],
        lines: [
          'Cut to your own rig as measured, not to a drawing.',
          'From the measuring tape to the last grommet under one roof.',
          'Broadseamed by eye and proved on the water.',
          'Woven cloth or laminate, and the reasons for each.',
        ],
      },
      {
        match: ['wash', 'valet', 'winter', 'check'],
        lines: [
          'Washed, dried and gone over seam by seam before it is put away.',
          'Every seam gone over by hand before it is folded away.',
          'Rinsed of salt, mildew lifted, hung to dry.',
          'Folded, tagged and put by until spring.',
        ],
      },
      {
        match: ['cover', 'awning', 'canopy'],
        lines: [
          'Patterned on the boat so that water runs off and the wind gets no hold.',
          'Cut to shed water and to come off with cold hands.',
          'Zips, eyelets and windows renewed.',
        ],
      },
      {
        match: ['repair', 'mend', 'patch'],
        lines: [
          'Torn panels replaced, stitching renewed, chafe found before it finds you.',
          'Patched on both sides, stitched twice.',
          'Hanks, battens and bolt ropes as well.',
        ],
      },
    ],
    questions: ['Do you measure on board, and how long is the wait in spring?'],
    hues: [
      [240, 60],
      [215, 30],
      [200, 85],
    ],
    scene: 'boat',
  },
  {
    id: 'ropemaker',
    synonyms: ['ropemakers', 'rope', 'ropes', 'ropewalk', 'cordage', 'rigging rope', 'twine'],
    worksHeadings: ['Laid in the walk', 'By the fathom', 'What the walk makes'],
    stepsHeadings: ['How a rope is laid', 'From yarn to coil'],
    steps: [
      { name: 'Yarn', text: 'Hemp, manila or the modern kinds that look like them, chosen for what the rope will do.' },
      {
        name: 'Strand',
        text: 'Yarns are twisted one way into strands, with the tension watched the length of the walk.',
      },
      { name: 'Rope', text: 'Three strands are laid up the other way, and each turn holds the last.' },
    ],
    actions: ['Ask about a rope', 'Order a length', 'See the walk'],
    contactHeadings: ['Tell us what it has to hold', 'Ask the walk'],
    contactLeads: [
      'Length, thickness and what pulls at the other end: with those we can say what to lay.',
      'Tell us what frays now, and where.',
    ],
    services: [
      {
        match: ['moor', 'warp', 'anchor', 'dock'],
        lines: [
          'Laid soft enough to coil and long enough to give.',
          'Laid to hold, and to be let go again with cold fingers.',
          'Spliced eyes at both ends, whipped and ready.',
          'Old lines measured, new ones laid to match.',
        ],
      },
      {
        match: ['splice', 'eye', 'fender'],
        lines: [
          'Spliced by hand, tapered and whipped.',
          'Knots where a hand goes, splices where a load does.',
          'In hemp for looks or in line for work.',
        ],
      },
      {
        match: ['banister', 'barrier', 'stair'],
        lines: [
          'Measured on the stair and finished with knots that stay.',
          'With brackets if you wish, and a drawing first.',
          'Cut to length and finished at both ends.',
        ],
      },
    ],
    hues: [
      [70, 230],
      [220, 70],
      [45, 200],
    ],
    scene: 'harbour',
  },
  {
    id: 'cooper',
    synonyms: ['cooperage', 'coopers', 'barrels', 'casks', 'tubs', 'planters from oak'],
    worksHeadings: ['Raised and hooped', 'From stave to cask', 'What the cooperage makes'],
    stepsHeadings: ['How a barrel is raised', 'From oak to cask'],
    steps: [
      { name: 'Staves', text: 'Oak is cleft and seasoned, then each stave is hollowed, backed and jointed by eye.' },
      { name: 'Raising up', text: 'They are set in a hoop, steamed over a cresset and drawn together.' },
      {
        name: 'Heads and hoops',
        text: 'The heads go into the groove, the hoops are driven, and it is filled to see that it holds.',
      },
    ],
    actions: ['Ask about a barrel', 'Order one made', 'Come and choose'],
    contactHeadings: ['Tell us what goes in it', 'Ask the cooper'],
    contactLeads: [
      'How much it should hold, whether it stands outdoors, and what is to go into it.',
      'New oak or old, tight or only handsome: say which.',
    ],
    services: [
      {
        match: ['planter', 'tub', 'half'],
        lines: [
          'Oak with its old hoops, drilled and feet put under where you want them.',
          'Sanded, oiled and bored for water to get away.',
          'Cut down, charred inside if you ask, and banded.',
          'Handles of rope or of iron.',
        ],
      },
      {
        match: ['butt', 'water'],
        lines: [
          'Tight from the first filling, with lid and tap.',
          'Coopered new or saved from the cellar.',
          'On a stand, at the height of your can.',
        ],
      },
      {
        match: ['repair', 'cask', 'leak'],
        lines: [
          'New staves and heads let in, hoops driven, and tried with water.',
          'Hoops tightened, flags in the joints, tried overnight.',
          'Taken down stave by stave where it must be.',
        ],
      },
    ],
    hues: [
      [55, 140],
      [35, 80],
      [90, 30],
    ],
    scene: 'bench',
  },
  {
    id: 'blacksmith',
    synonyms: ['blacksmiths', 'forge', 'wrought iron', 'ironwork', 'metalwork', 'smithy', 'farrier'],
    worksHeadings: ['From the fire', 'On the anvil', 'What the forge makes'],
    stepsHeadings: ['How a piece is made', 'From drawing to hanging'],
    steps: [
      { name: 'Seen where it goes', text: 'We measure the gap or the wall, and look at what is fixed to what.' },
      { name: 'Drawn and priced', text: 'A drawing to scale with the price on it, so that nothing grows on the way.' },
      { name: 'Forged', text: 'Bars are drawn, split and joined hot; welds are dressed so that the eye runs on.' },
      { name: 'Hung', text: 'We fix it, see that it swings, and leave you oil and the key.' },
    ],
    actions: ['Ask the forge', 'Send a sketch', 'Have it measured'],
    contactHeadings: ['Tell us what it is to hold or close', 'Ask the forge'],
    contactLeads: [
      'The width of the opening and a picture of the wall it is fixed to are the best beginning.',
      'Say what it has to hold up, keep out or look like; iron can do all three.',
    ],
    services: [
      {
        match: ['gate', 'railing', 'fence'],
        lines: [
          'Forged to the opening and hung so that they close by their own weight.',
          'Riveted and collared, with nothing hidden under paint.',
          'Latched, hinged and hung without a squeak.',
          'Scrolls to a drawing, bars to a line.',
        ],
      },
      {
        match: ['repair', 'restor'],
        lines: [
          'Old iron mended with new that matches, the joints made as they were.',
          'Missing scrolls forged from the one beside them.',
          'Broken tenons made again, not welded over.',
          'Straightened hot and finished with a brush.',
        ],
      },
      {
        match: ['hook', 'latch', 'hinge', 'bracket', 'tool'],
        lines: [
          'Made one at a time; no two are quite alike.',
          'Fire-blacked and waxed.',
          'Drawn out, bent and punched by hand.',
        ],
      },
    ],
    hues: [
      [20, 260],
      [250, 45],
      [35, 220],
    ],
    scene: 'bench',
  },
  {
    id: 'letterpress',
    synonyms: ['printers', 'letterpress', 'print shop', 'printing', 'type shop', 'stationery', 'engraver'],
    worksHeadings: ['Set and printed', 'From the press', 'Ink on paper'],
    stepsHeadings: ['How a job goes through the shop', 'From copy to cut edge'],
    steps: [
      { name: 'Copy and paper', text: 'You bring the words; we bring out papers until one feels right.' },
      { name: 'Set and proofed', text: 'Type is set, a proof is pulled, and nothing runs before you have signed it.' },
      { name: 'Printed and finished', text: 'Run, dried, cut and counted, with a few over for luck.' },
    ],
    actions: ['Ask about a job', 'Send your copy', 'Come and feel the paper'],
    contactHeadings: ['Tell us what it is for', 'Ask the shop'],
    contactLeads: [
      'How many, how big and by when; the words can follow.',
      'The words, even in pencil, and the day it must be in the post.',
    ],
    services: [
      {
        match: ['card', 'invitation'],
        lines: [
          'Set by hand and printed with enough bite to be felt.',
          'One colour or two, and a border if it will bear it.',
          'A weight of card you notice.',
          'Black, one colour, and plenty of white.',
        ],
      },
      {
        match: ['poster', 'print'],
        lines: [
          'Wood type and a good black, on paper that will last.',
          'Proofed on the sheet it will be printed on.',
          'Big type, inked by hand.',
          'Numbered, signed if you like, and dry by Friday.',
        ],
      },
      {
        match: ['book', 'pamphlet', 'zine'],
        lines: [
          'Imposed, printed, folded and sewn under one roof.',
          'From manuscript to spine.',
          'Margins first, then the words.',
        ],
      },
    ],
    hues: [
      [25, 260],
      [265, 90],
      [155, 40],
    ],
    scene: 'bench',
  },
];
