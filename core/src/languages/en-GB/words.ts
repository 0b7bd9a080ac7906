import type { FixedWords } from '../language.js';

export const words: FixedWords = {
  skip: 'Skip to the text',
  mainMenu: 'Main',
  pages: 'Pages',
  inThisPart: 'In this part',
  address: 'Address',
  open: 'Open',
  reach: 'Ring or write',
  optional: 'if you like',
  notSent: 'Not sent yet',
  leaveEmpty: 'Leave this empty',
  notFound: 'There is no page here',
  notFoundLead: 'The address may be old or wrongly typed. The menu above leads to everything there is.',
  notFoundTitle: 'Not found',
  opensSoon: 'Our new site opens here soon.',
  lost: 'We could not keep your message just now. It is still below: please send it again in a minute.',
  missing: (label) => `${label} is missing.`,
  tooLong: (label, most) => `${label} is longer than ${most} characters.`,
  notMail: (value) => `“${value}” is not a mail address we can answer to.`,
  notPhone: (value) => `“${value}” is not a phone number.`,
  form: { name: 'Your name', mail: 'Mail', phone: 'Phone', message: 'Message' },
  headings: {
    people: 'The people at {name}',
    partners: '{name} belongs to',
    areas: 'Where {name} works',
  },
  labels: { home: 'Home', services: 'Services', rooms: 'Rooms', about: 'About', contact: 'Contact', prices: 'Prices' },
  privacy: {
    label: 'Privacy',
    heading: 'What becomes of what you send',
    sentences: [
      'This site belongs to {who}.',
      'What you write in the contact form is kept on the server of this site and read by nobody but us. We use it to answer you.',
      'The server notes which pages are asked for, when, and from which address. We count visits from that and look up nothing else.',
      'This site sets no cookies for visitors and loads nothing from elsewhere.',
    ],
    ask: {
      sentence: 'We keep messages for … and then delete them. Write to us if you want to see yours or have it deleted.',
      question: 'How long does the client keep messages?',
    },
  },
  accessibility: {
    label: 'Accessibility',
    heading: 'Using this site',
    sentences: [
      'The pages of this site can be read aloud, used with the keyboard alone, enlarged to twice their size and read on a phone.',
      'Text and ground differ enough to be read with weak sight, by day and by night.',
      'Where something does not work for you, tell us: {tell}.',
    ],
  },
  imprint: {
    label: 'Imprint',
    heading: 'Who is responsible for this site',
    sentences: ['{who}'],
    ask: {
      sentence: 'Register and tax number: …',
      question: 'Is the business in a register, and under which number? Does it have a tax number to show?',
    },
    phone: 'Phone: ',
    mail: 'Mail: ',
  },
};
