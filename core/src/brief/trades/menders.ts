import type { WrittenPack } from './pack.js';

/** Trades that mend, tune and look after what people have. */
export const menders: WrittenPack[] = [
  {
    id: 'upholsterer',
    synonyms: ['upholsterers', 'upholstery', 'reupholstery', 'loose covers', 'chairs', 'sofas', 'soft furnishing'],
    worksHeadings: ['On the trestles', 'Stripped, sprung and covered', 'What comes through the door'],
    stepsHeadings: ['What happens to a chair', 'From frame to last stitch'],
    steps: [
      { name: 'A look underneath', text: 'We turn it over with you and say what is sound: frame, webbing, springs.' },
      { name: 'Cloth and price', text: 'The metres it takes and the hours it needs, before you choose the cloth.' },
      {
        name: 'Down to the frame',
        text: 'Old tacks out, joints tight, new webbing and stuffing that will outlast the cover.',
      },
      { name: 'Covered and home', text: 'Patterns meet at the seams, and the piece comes back wrapped.' },
    ],
    actions: ['Ask about a chair', 'Send a picture', 'Choose a cloth'],
    contactHeadings: ['Show us the piece', 'Ask about a chair'],
    contactLeads: [
      'A picture from the front, one from underneath, and how many metres the cloth is wide if you have it.',
      'A picture from the front and one from underneath, if you can turn it over.',
    ],
    services: [
      {
        match: ['chair', 'dining'],
        lines: [
          'Webbing, springs and stuffing renewed where they need it, and the show-wood left as it is.',
          'Webbing, springs and hair, in the order the first maker used.',
          'Stripped to the frame, joints knocked up, built again.',
          'Piping cut on the bias, buttons pulled deep.',
        ],
      },
      {
        match: ['sofa', 'settee', 'chesterfield'],
        lines: [
          'Taken down to the frame, glued, sprung and covered in the cloth you choose.',
          'Cushions refilled, corners sharp again.',
          'New webbing, old shape.',
          'Feather or hair, as it was made.',
        ],
      },
      {
        match: ['loose', 'cover'],
        lines: [
          'Cut on the piece itself, so that they fit and still come off to be washed.',
          'Washable, shrinkable cloth washed first.',
          'Zips where hands can find them.',
        ],
      },
      {
        match: ['cushion', 'window'],
        lines: [
          'Templates are taken from the seat; corners stay where they are put.',
          'Boxed, piped and filled to the edge.',
          'Cut to your seat, with ties at the back.',
        ],
      },
    ],
    questions: ['Do you supply the cloth, and do you fetch and bring back?'],
    hues: [
      [15, 85],
      [180, 40],
      [95, 20],
    ],
    scene: 'house',
  },
  {
    id: 'piano-tuner',
    synonyms: ['piano tuners', 'piano', 'pianos', 'piano tuning', 'tuner', 'piano repair', 'piano restoration'],
    worksHeadings: ['In tune and in touch', 'What pianos need', 'Work at the keyboard'],
    stepsHeadings: ['How a visit goes', 'From first chord to last'],
    steps: [
      {
        name: 'Played first',
        text: 'We listen before anything is opened: what sticks, what buzzes, how far it has dropped.',
      },
      { name: 'Tuned', text: 'Brought to pitch in one visit where it will bear it, in two where it will not.' },
      { name: 'Set right', text: 'Touch evened, pedals quietened, and a note of what will want doing next year.' },
    ],
    actions: ['Arrange a tuning', 'Ask about your piano', 'Ring the workshop'],
    contactHeadings: ['Tell us about the piano', 'Arrange a tuning'],
    contactLeads: [
      'Upright or grand, when it was last tuned, and how many steps there are to the door.',
      'When it was last tuned, who plays it, and whether a window stands open near it.',
    ],
    services: [
      {
        match: ['tuning', 'tune'],
        lines: [
          'An hour and a half in the house, and left fit to play in front of people.',
          'Set by ear, and left to settle before the last pass.',
          'Pitch raised in two visits where one would be cruel.',
          'From the middle outwards, and back again.',
        ],
      },
      {
        match: ['restor', 'repair', 'action'],
        lines: [
          'Hammers, dampers and strings renewed on the bench, the case left its age.',
          'Hammers, dampers and keys, done in the house or on the bench.',
          'New felts, old ivories.',
          'Taken apart, cleaned, and put back in regulation.',
        ],
      },
      {
        match: ['mov', 'transport'],
        lines: [
          'Wrapped, wheeled and carried by people who know which end is heavy.',
          'Down the stairs, over the sill, into the bay.',
          'Legs off, lid padded, tuned when it has settled.',
        ],
      },
      {
        match: ['sale', 'second', 'upright', 'grand'],
        lines: [
          'Gone through, tuned and honest about their years.',
          'Come and play them all before you choose.',
          'Tuned, regulated, and delivered on the flat.',
        ],
      },
    ],
    questions: ['How far do you travel, and how often should a piano be tuned?'],
    hues: [
      [275, 70],
      [20, 95],
      [230, 50],
    ],
    scene: 'house',
  },
  {
    id: 'chimney-sweep',
    synonyms: ['chimney sweeps', 'sweep', 'chimney', 'chimneys', 'flue', 'stove', 'wood burner'],
    worksHeadings: ['Up the flue', 'Fires that draw', 'What we sweep'],
    stepsHeadings: ['How a visit goes', 'In and out without a mark'],
    steps: [
      { name: 'Sheets down', text: 'From the door to the hearth, before a brush is unpacked.' },
      { name: 'Swept', text: 'Rods up until the brush is seen outside, and the soot goes away with us.' },
      {
        name: 'Tried with smoke',
        text: 'We see that it draws and that none comes into a room, and write down what we saw.',
      },
    ],
    actions: ['Book a sweep', 'Ask about a chimney', 'Ask the sweep'],
    contactHeadings: ['Tell us about the fire', 'Book a sweep'],
    contactLeads: [
      'Open fire or stove, when it was last swept, and whether birds have been at it.',
      'What you burn, how many flues there are, and when one was last swept.',
    ],
    services: [
      {
        match: ['open', 'fire', 'sweep'],
        lines: [
          'Brush through to the pot, hearth left clean, and a note for your insurer.',
          'Brushed from below with sheets down, and smoke-tested after.',
          'Flue brushed top to bottom, soot carried out.',
          'Sheets down, brushes up, draught tried.',
        ],
      },
      {
        match: ['stove', 'burner'],
        lines: [
          'Baffles out, flue swept, seals and glass looked over.',
          'Baffle out, flue brushed, rope looked at.',
          'Throat plate out, glass cleaned, seals looked at.',
          'Swept with the soft brush it needs.',
        ],
      },
      {
        match: ['guard', 'cowl', 'bird', 'nest'],
        lines: [
          'Nests are only taken out once the birds have done with them.',
          'Caged and clamped, and still drawing.',
          'Fitted from the ladder, checked from below.',
        ],
      },
    ],
    questions: ['Do you give a certificate for insurers, and does it make a mess?'],
    hues: [
      [30, 250],
      [255, 60],
      [45, 20],
    ],
    scene: 'house',
  },
  {
    id: 'locksmith',
    synonyms: ['locksmiths', 'locks', 'keys cut', 'key cutting', 'safes', 'lock'],
    worksHeadings: ['Locks, keys and safes', 'Doors opened and closed', 'What we come out for'],
    stepsHeadings: ['What happens when you ring', 'From shut out to shut'],
    steps: [
      { name: 'You ring', text: 'A person answers and says when we can be there and what it is likely to cost.' },
      {
        name: 'We open it',
        text: 'Without drilling wherever it can be done, once we have seen that it is yours to open.',
      },
      { name: 'You keep the keys', text: 'New locks come with all their keys, counted in front of you.' },
    ],
    actions: ['Ring the shop', 'Ask about a lock', 'Have keys cut'],
    contactHeadings: ['Shut out? Ring.', 'Ask about a lock'],
    contactLeads: [
      'If you are standing outside, do not write: ring. For everything else a picture of the lock is the best beginning.',
      'Which door, which side you are on, and the name stamped on the lock.',
    ],
    services: [
      {
        match: ['key', 'cut'],
        lines: [
          'Cut while you wait and tried before you pay.',
          'Cut from the code or from the key, and tried in your lock.',
          'Copied on the machine and finished by file.',
          'For doors, boxes, bureaux and boats.',
        ],
      },
      {
        match: ['lock', 'fit'],
        lines: [
          'Fitted to the door as it hangs, to the standard your insurer asks for.',
          'Fitted so that one turn does what it should.',
          'Changed, rekeyed or oiled back to life.',
          'Cut in neatly, so that the door keeps its face.',
        ],
      },
      {
        match: ['safe', 'open'],
        lines: [
          'Opened by hand where it can be, so that it can still be used.',
          'Drilled only when nothing else will do.',
          'New numbers, new bolts, old box.',
        ],
      },
    ],
    questions: ['Do you come out at night, and what does that cost?'],
    hues: [
      [250, 80],
      [215, 30],
      [45, 230],
    ],
    scene: 'house',
  },
  {
    id: 'shoe-repairer',
    synonyms: ['cobbler', 'cobblers', 'shoe repairs', 'shoes', 'boots', 'leather work', 'shoemaker'],
    worksHeadings: ['On the last', 'Soled, heeled and stitched', 'What we mend'],
    stepsHeadings: ['What happens to a pair', 'From worn to walked in'],
    steps: [
      { name: 'Looked over', text: 'We say at the counter whether they are worth it, and what would be enough.' },
      { name: 'Mended', text: 'Old soles off, welts sound, new leather or rubber on, edges inked.' },
      { name: 'Fetched', text: 'Polished, paired and on the shelf with your name on.' },
    ],
    actions: ['Bring a pair in', 'Ask about a repair', 'Find the shop'],
    contactHeadings: ['Bring them in, or ask first', 'Ask about a repair'],
    contactLeads: [
      'A picture of the sole and one of the side tells us most.',
      'Say how they wear down: inside, outside or at the toe.',
    ],
    services: [
      {
        match: ['sole', 'heel', 'boot', 'shoe'],
        lines: [
          'Leather or rubber, stitched where they were stitched before.',
          'Leather or rubber, stitched where it was stitched.',
          'Welted, glued and trimmed flush.',
          'Heels built up true again.',
        ],
      },
      {
        match: ['zip', 'bag', 'strap', 'belt'],
        lines: [
          'Stitched by hand where a machine cannot reach.',
          'Runners, sliders or the whole length renewed.',
          'Runners eased, teeth renewed.',
          'Boots, bags and tents as well.',
        ],
      },
      {
        match: ['stretch', 'fit'],
        lines: [
          'Eased a little at a time, never all at once.',
          'On the last overnight, a little at a time.',
          'Wider where the foot is, not everywhere.',
        ],
      },
    ],
    hues: [
      [40, 200],
      [20, 95],
      [70, 255],
    ],
    scene: 'bench',
  },
  {
    id: 'furniture-restorer',
    synonyms: ['furniture restoration', 'antique restorer', 'antiques', 'french polishing', 'polisher', 'restorer'],
    worksHeadings: ['Glued, patched and polished', 'On the restorer’s bench', 'What we put right'],
    stepsHeadings: ['What happens to a piece', 'From loose joint to last coat'],
    steps: [
      {
        name: 'Looked at together',
        text: 'What is worth doing, what is better left, and what it would do to its value.',
      },
      { name: 'Mended', text: 'Joints taken apart and glued, missing pieces cut from timber of the same age.' },
      { name: 'Finished', text: 'Cleaned, coloured and polished until the mend has to be pointed out.' },
    ],
    actions: ['Ask about a piece', 'Send pictures', 'Arrange a visit'],
    contactHeadings: ['Show us the piece', 'Ask the workshop'],
    contactLeads: [
      'Pictures of the whole and of the damage, and anything you know of where it comes from.',
      'A picture of the whole piece, one of the damage, and what you mean to use it for.',
    ],
    services: [
      {
        match: ['polish', 'finish'],
        lines: [
          'Cleaned back as far as it needs and no further, then built up by hand.',
          'Old finish kept and built on, wherever there is enough of it left.',
          'Built up by rubber, cut back and built again.',
          'Rings and bloom lifted without stripping.',
        ],
      },
      {
        match: ['veneer', 'inlay', 'marquetry'],
        lines: [
          'Lifted, flattened and laid again, with gaps filled from old stock.',
          'Patches cut along the grain and let in under the old line.',
          'Matched by figure and by age.',
          'Laid hot, pressed cold, cleaned by scraper.',
        ],
      },
      {
        match: ['joint', 'repair', 'chair', 'table'],
        lines: [
          'Taken apart, cleaned of old glue and put together to be used.',
          'Glued with what it was glued with.',
          'Loose rails taken apart, cleaned and knocked home.',
        ],
      },
    ],
    hues: [
      [50, 160],
      [25, 110],
      [85, 30],
    ],
    scene: 'bench',
  },
];
