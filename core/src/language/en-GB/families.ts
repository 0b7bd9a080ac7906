import type { FamilyWords, FilledWords } from '../language.js';
import type { Family } from '../../model/family.js';

export const families: Record<Family | 'any', FamilyWords> = {
  craft: {
    verbs: 'make made maker making build built carv turn weav throw sew bind forg cast',
    steps: [
      [
        'Say what it is for',
        'Size, use and where it will stand or be worn. A sketch or a picture of something like it helps.',
      ],
      ['A drawing and a price', 'Both come in writing before any material is cut.'],
      ['It is made', 'By hand and in order; word is sent when it nears its end.'],
      ['Collected or sent', 'Wrapped for the journey, with a note on how to look after it.'],
    ],
    questions: [
      [
        'Can something be made to order?',
        'Yes. Say what it should do and what it should fit, and the rest is worked out together.',
      ],
      ['How long does it take?', ''],
      ['Can it be sent by post?', 'Most pieces can be packed and sent; large ones are better collected.'],
      ['Can an old piece be repaired?', 'Often, yes. A picture of the damage is enough for a first answer.'],
      ['May people see the work being made?', 'By arrangement. Write or ring first, so that somebody has time.'],
    ],
  },
  repair: {
    verbs: 'mend repair fix restor servic overhaul sharpen tun',
    steps: [
      ['Describe the trouble', 'What it does, what it should do, and since when. A picture or the type number helps.'],
      ['It is looked at', 'Opened, cleaned as far as needed and judged, before anything is promised.'],
      ['A price first', 'You hear what it costs and whether it is worth it; nothing is begun without a yes.'],
      ['Tried before it goes back', 'It runs here first, for as long as it takes to trust it.'],
    ],
    questions: [
      ['Is it worth repairing?', 'That is the first thing you are told, honestly, and before any cost.'],
      ['How long is the wait?', ''],
      ['What does it cost to have a look?', ''],
      ['Is a repair guaranteed?', ''],
      [
        'What should I bring?',
        'All of it, with leads, keys and whatever came loose, and a note with your name and number.',
      ],
    ],
  },
  building: {
    verbs: 'fit install build plaster wire paint lay roof insulat dig',
    steps: [
      ['A call and a few questions', 'What it is, where, and how soon. Pictures save a journey.'],
      ['A visit', 'Measured and looked at on the spot, and the awkward corners spoken of first.'],
      ['A written quotation', 'With what is in it and what is not, and how long it holds.'],
      ['The work', 'On the days agreed, covered up before and swept up after.'],
    ],
    questions: [
      ['Does a quotation cost anything?', ''],
      ['How soon can you come?', ''],
      ['Do you clear up afterwards?', 'Yes. What was brought goes away again, and the floor is swept.'],
      ['Are you insured?', ''],
      ['Which places do you come to?', ''],
    ],
  },
  land: {
    verbs: 'prune plant mow fell hedge cut breed grow garden',
    steps: [
      ['Tell us about the place', 'How big, how steep, and what you would like it to be.'],
      ['A walk round it', 'Best done together, and in the light.'],
      ['A plan by seasons', 'What comes first, what can wait until winter, and what each part costs.'],
      ['Work, and then care', 'Done in the weather it wants, and looked at again afterwards.'],
    ],
    questions: [
      ['When is the best time?', 'It depends on what grows there. Ask early: the good weeks are soon taken.'],
      ['Do you take away what is cut?', ''],
      ['Do you come regularly?', ''],
      ['How far do you travel?', ''],
      ['What happens when it rains?', 'Then another day is found, and you hear of it in the morning.'],
    ],
  },
  food: {
    verbs: 'grow brew press smoke roast ferment bake churn harvest pick',
    steps: [
      ['Look at what is ready', 'It changes with the season; what is ready is on the board and on this page.'],
      ['Put some by', 'Ring or write the day before, and it is kept under your name.'],
      ['Collect it', 'At the times given here. Bring a bag, a box or the empties.'],
    ],
    questions: [
      ['What is in season now?', ''],
      ['Can I order ahead?', 'Yes, and for feast days it is wise.'],
      ['Do you deliver?', ''],
      ['Do you sell to shops?', ''],
      ['Can we come and look round?', ''],
    ],
  },
  shop: {
    verbs: 'sell stock order shelv buy shop',
    steps: [
      ['Come in and look', 'Nobody is hurried, and questions cost nothing.'],
      ['Not on the shelf?', 'Much can be ordered. Say what you need and for when.'],
      ['Collected or brought', 'Word is sent when it is here.'],
    ],
    questions: [
      ['Can you order something in?', 'Usually. Leave a number and you hear when it comes and what it costs.'],
      ['Can I bring something back?', ''],
      ['How can I pay?', ''],
      ['Do you deliver?', ''],
      ['Where can I park?', ''],
    ],
  },
  stay: {
    verbs: 'stay sleep guest book night room',
    steps: [
      ['Ask for your dates', 'Say how many you are and how long you would like to stay.'],
      ['An answer and a price', 'With everything that is in it, and what is not.'],
      ['Arrive', 'The way here, the key and the hours are sent before you set off.'],
    ],
    questions: [
      ['When can we arrive, and when must we leave?', ''],
      ['Are dogs welcome?', ''],
      ['Is there parking?', ''],
      ['Can we cancel?', ''],
      ['What is there to do nearby?', ''],
    ],
  },
  club: {
    verbs: 'member meet join volunteer rehears play',
    steps: [
      ['Come and see', 'The first visit commits you to nothing.'],
      ['Try it for a while', 'Somebody will show you how things go and lend what is needed.'],
      ['Join', 'With a form and the yearly subscription; then you have a say.'],
    ],
    questions: [
      ['Do I need to know anything beforehand?', 'No. Most people did not when they began.'],
      ['What does it cost to belong?', ''],
      ['When and where do you meet?', ''],
      ['Can I help without joining?', 'Gladly. Say what you like doing and when you have time.'],
      ['Who decides things?', ''],
    ],
  },
  culture: {
    verbs: 'visit exhibit open tour perform show',
    steps: [
      ['See what is on', 'Days, times and anything special stand on this page.'],
      ['Get a ticket, or simply come', 'Where places are few, it says so.'],
      ['Stay as long as you like', 'And ask: somebody is there who knows.'],
    ],
    questions: [
      ['What does it cost?', ''],
      ['Can we come as a group?', 'Yes. Write a little ahead, so that somebody is there for you.'],
      ['Is there step-free access?', ''],
      ['How do we get there?', ''],
      ['Can it be hired?', ''],
    ],
  },
  office: {
    verbs: 'advis translat design draft survey prepar account plan',
    steps: [
      ['A first talk', 'By telephone or at the table: what it is about, and by when.'],
      ['An offer in writing', 'What is done, what it costs and what is needed from you.'],
      ['The work', 'One person stays the one you talk to.'],
      ['Handed over', 'Explained in plain words, with what comes next.'],
    ],
    questions: [
      ['What does the first talk cost?', ''],
      ['How long does it take?', ''],
      ['What do you need from me?', 'Whatever there is on paper already. A list is sent beforehand.'],
      ['Is what I tell you kept private?', ''],
      ['Do you work at a distance as well?', ''],
    ],
  },
  person: {
    verbs: 'appointment cut treat teach look care client lesson',
    steps: [
      ['Make an appointment', 'By telephone or with the form; say if it is your first time.'],
      ['A few questions first', 'So that it suits you and not somebody like you.'],
      ['Take your time', 'Nothing else is booked into it.'],
    ],
    questions: [
      ['How do I make an appointment?', 'By telephone or with the form on this site.'],
      ['What if I cannot come?', ''],
      ['What should I bring?', ''],
      ['Do you come to people’s homes?', ''],
      ['How can I pay?', ''],
    ],
  },
  transport: {
    verbs: 'hire carr deliver ferr haul drive sail store charter',
    steps: [
      ['Say from where to where', 'With the day, the hour and how many or how much.'],
      ['A price before you book', 'With everything in it.'],
      ['On the day', 'You are rung if wind, tide or traffic change anything.'],
    ],
    questions: [
      ['How do I book?', 'Ring, or use the form. It is booked once you have heard back.'],
      ['What happens in bad weather?', ''],
      ['Can I change the day?', ''],
      ['How many people or how much can you take?', ''],
      ['Where do we meet?', ''],
    ],
  },
  any: {
    verbs: '',
    steps: [
      ['Ask', 'By telephone or with the form: a sentence or two are enough.'],
      ['An answer', 'With what can be done, when, and what it costs.'],
      ['Then it is done', 'As it was agreed.'],
    ],
    questions: [
      ['How do I reach you?', 'By telephone or with the form on this site.'],
      ['What does it cost?', ''],
      ['How soon?', ''],
      ['Where are you?', ''],
    ],
  },
};

export const filled: FilledWords = {
  headings: {
    openingHeading: 'Welcome',
    offerHeading: 'What there is',
    ledgerHeading: 'One by one',
    storyHeading: 'In a few words',
    aboutHeading: 'Who is behind it',
    aboutStoryHeading: 'How it came about',
    visitHeading: 'Where and when',
    callHeading: 'A question?',
    contactHeading: 'Get in touch',
    servicesHeading: 'All there is',
    pricesHeading: 'What it costs',
  },
  questionsLabel: 'Questions',
  questionsHeading: ['Asked of {name}, and answered', 'Asked, and answered'],
  questionsPlain: 'Before you ask',
  questionsLead: 'What people want to know first. What is not here is a call away.',
  stepsHeading: ['How it goes at {name}', 'How it goes'],
  peopleHeading: 'Whom you will meet',
  quotesHeading: ['Said of {name}', 'What people say'],
  pricesHeading: 'What it costs',
  hoursHeading: 'When somebody is there',
  person: 'A name',
  role: 'what they do',
  quote: 'A sentence somebody said, word for word, with leave to use it.',
  quoteBy: 'Who said it',
  price: 'price to come',
  page: 'What there is to say about it.',
  answer: 'The answer to this.',
  hours: 'The days and hours.',
  story: [
    ['How it began, and when.', 'How and when did it begin?'],
    ['Who works here today, and what each of them does.', 'Who works there today, and what does each of them do?'],
    [
      'What matters here, and what is done differently than elsewhere.',
      'What do you care about in your work, and what do you do differently?',
    ],
  ],
  offer: ['What is offered, in a line.', 'What do people come to you for? A line each.'],
  lead: [
    'Who you are, what you do and for whom, in two sentences.',
    'Who are you, what do you do and for whom? Two sentences.',
  ],
};
