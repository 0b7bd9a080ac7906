import type { TradePack } from './pack.js';

/** Trades that mend, tune and look after what people have. */
export const menders: TradePack[] = [
  {
    id: 'upholsterer',
    noun: 'upholsterer',
    synonyms: ['upholsterers', 'upholstery', 'reupholstery', 'loose covers', 'chairs', 'sofas', 'soft furnishing'],
    schemaType: 'LocalBusiness',
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
    ],
    services: [
      {
        match: ['chair', 'dining'],
        lines: ['Webbing, springs and stuffing renewed where they need it, and the show-wood left as it is.'],
      },
      {
        match: ['sofa', 'settee', 'chesterfield'],
        lines: ['Taken down to the frame, glued, sprung and covered in the cloth you choose.'],
      },
      {
        match: ['loose', 'cover'],
        lines: ['Cut on the piece itself, so that they fit and still come off to be washed.'],
      },
      { match: ['cushion', 'window'], lines: ['Templates are taken from the seat; corners stay where they are put.'] },
    ],
    hues: [
      [15, 85],
      [180, 40],
      [95, 20],
    ],
    scene: 'house',
    sceneAlt: 'A tall house above a harbour in the evening',
  },
  {
    id: 'piano-tuner',
    noun: 'piano tuner',
    synonyms: ['piano tuners', 'piano', 'pianos', 'piano tuning', 'tuner', 'piano repair', 'piano restoration'],
    schemaType: 'LocalBusiness',
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
    contactLeads: ['Upright or grand, when it was last tuned, and how many steps there are to the door.'],
    services: [
      {
        match: ['tuning', 'tune'],
        lines: ['An hour and a half in the house, and left fit to play in front of people.'],
      },
      {
        match: ['restor', 'repair', 'action'],
        lines: ['Hammers, dampers and strings renewed on the bench, the case left its age.'],
      },
      { match: ['mov', 'transport'], lines: ['Wrapped, wheeled and carried by people who know which end is heavy.'] },
      { match: ['sale', 'second', 'upright', 'grand'], lines: ['Gone through, tuned and honest about their years.'] },
    ],
    hues: [
      [275, 70],
      [20, 95],
      [230, 50],
    ],
    scene: 'house',
    sceneAlt: 'A tall house above a harbour in the evening',
  },
  {
    id: 'chimney-sweep',
    noun: 'chimney sweep',
    synonyms: ['chimney sweeps', 'sweep', 'chimney', 'chimneys', 'flue', 'stove', 'wood burner'],
    schemaType: 'HomeAndConstructionBusiness',
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
    actions: ['Book a sweep', 'Ask about a chimney', 'Ring now'],
    contactHeadings: ['Tell us about the fire', 'Book a sweep'],
    contactLeads: ['Open fire or stove, when it was last swept, and whether birds have been at it.'],
    services: [
      {
        match: ['open', 'fire', 'sweep'],
        lines: ['Brush through to the pot, hearth left clean, and a note for your insurer.'],
      },
      { match: ['stove', 'burner'], lines: ['Baffles out, flue swept, seals and glass looked over.'] },
      {
        match: ['guard', 'cowl', 'bird', 'nest'],
        lines: ['Nests are only taken out once the birds have done with them.'],
      },
    ],
    hues: [
      [30, 250],
      [255, 60],
      [45, 20],
    ],
    scene: 'house',
    sceneAlt: 'A tall house above a harbour in the evening',
  },
  {
    id: 'locksmith',
    noun: 'locksmith',
    synonyms: ['locksmiths', 'locks', 'keys cut', 'key cutting', 'safes', 'lock'],
    schemaType: 'Locksmith',
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
    ],
    services: [
      { match: ['key', 'cut'], lines: ['Cut while you wait and tried before you pay.'] },
      { match: ['lock', 'fit'], lines: ['Fitted to the door as it hangs, to the standard your insurer asks for.'] },
      { match: ['safe', 'open'], lines: ['Opened by hand where it can be, so that it can still be used.'] },
    ],
    hues: [
      [250, 80],
      [215, 30],
      [45, 230],
    ],
    scene: 'house',
    sceneAlt: 'A tall house above a harbour in the evening',
  },
  {
    id: 'shoe-repairer',
    noun: 'shoe repairer',
    synonyms: ['cobbler', 'cobblers', 'shoe repairs', 'shoes', 'boots', 'saddler', 'leather work', 'shoemaker'],
    schemaType: 'LocalBusiness',
    worksHeadings: ['On the last', 'Soled, heeled and stitched', 'What we mend'],
    stepsHeadings: ['What happens to a pair', 'From worn to walked in'],
    steps: [
      { name: 'Looked over', text: 'We say at the counter whether they are worth it, and what would be enough.' },
      { name: 'Mended', text: 'Old soles off, welts sound, new leather or rubber on, edges inked.' },
      { name: 'Fetched', text: 'Polished, paired and on the shelf with your name on.' },
    ],
    actions: ['Bring a pair in', 'Ask about a repair', 'Find the shop'],
    contactHeadings: ['Bring them in, or ask first', 'Ask about a repair'],
    contactLeads: ['A picture of the sole and one of the side tells us most.'],
    services: [
      {
        match: ['sole', 'heel', 'boot', 'shoe'],
        lines: ['Leather or rubber, stitched where they were stitched before.'],
      },
      { match: ['zip', 'bag', 'strap', 'belt'], lines: ['Stitched by hand where a machine cannot reach.'] },
      { match: ['stretch', 'fit'], lines: ['Eased a little at a time, never all at once.'] },
    ],
    hues: [
      [40, 200],
      [20, 95],
      [70, 255],
    ],
    scene: 'bench',
    sceneAlt: 'Planks and a hand plane on a workbench',
  },
  {
    id: 'furniture-restorer',
    noun: 'furniture restorer',
    synonyms: ['furniture restoration', 'antique restorer', 'antiques', 'french polishing', 'polisher', 'restorer'],
    schemaType: 'LocalBusiness',
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
    contactLeads: ['Pictures of the whole and of the damage, and anything you know of where it comes from.'],
    services: [
      {
        match: ['polish', 'finish'],
        lines: ['Cleaned back as far as it needs and no further, then built up by hand.'],
      },
      {
        match: ['veneer', 'inlay', 'marquetry'],
        lines: ['Lifted, flattened and laid again, with gaps filled from old stock.'],
      },
      {
        match: ['joint', 'repair', 'chair', 'table'],
        lines: ['Taken apart, cleaned of old glue and put together to be used.'],
      },
    ],
    hues: [
      [50, 160],
      [25, 110],
      [85, 30],
    ],
    scene: 'bench',
    sceneAlt: 'Planks and a hand plane on a workbench',
  },
];
