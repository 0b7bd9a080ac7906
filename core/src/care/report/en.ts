import type { InvoiceWords, ReportWords } from './words.js';

const s = (count: number) => (count === 1 ? '' : 's');

export const report: ReportWords = {
  title: (site, month) => `${site} in ${month}`,
  by: (who) => `From ${who}, who looks after the site.`,
  visits: 'Who came by',
  nobody: 'Nobody came by in this month.',
  visited: (n, c) => `${n} visit${s(c)}`,
  more: (n, month) => `${n} more than in ${month}`,
  fewer: (n, month) => `${n} fewer than in ${month}`,
  same: (month) => `as many as in ${month}`,
  mostRead: (page, n, c) => `Beside the first page most read “${page}”, ${n} time${s(c)}.`,
  cameFrom: (host, n) => `${n} came from ${host}.`,
  onPhone: (percent) => `${percent} of 100 read it on a phone.`,
  wrote: (n, c) => `${n} message${s(c)} reached you through the site.`,
  nobodyWrote: 'No message was sent through the site.',
  next: 'One thing to do next',
  missing: (address, n) =>
    `${n} times somebody looked for ${address}, which is not there. Tell us what they hope to find, and we lead them to it.`,
  silent: (n) =>
    `${n} visits, and nobody wrote. Tell us what people ask you on the phone: we answer it where they read, with the way to write beside it.`,
  phone: (percent) =>
    `${percent} of 100 read it on a phone. Open the site on yours, and tell us what you would look for first.`,
  done: 'What was done',
  published: (n, c) => (c === 1 ? 'The site was published anew.' : `The site was published anew ${n} times.`),
  edited: (n, c) => `${n} change${s(c)} of your own went up.`,
  mended: (n, c) => `${n} thing${s(c)} our daily rounds found ${c === 1 ? 'was' : 'were'} mended.`,
  certificate: 'The certificate was renewed: the line to the site is closed to others.',
  nothingDone: 'Nothing had to be done: each day a round went over every page and found all well.',
  planned: 'What is planned',
  publishes: (day) => `What was changed goes up on ${day}.`,
  domainEnds: (day) => `The domain is yours until ${day}; see that it is renewed in time.`,
  safe: 'Safe and there',
  proven: (n, of, c) =>
    `The backups of ${n} night${s(c)} out of ${of} were restored on trial, and all of it came back.`,
  notProven: 'No backup was proven in this month. We are looking into it.',
  upAlways: (n) => `We looked ${n} times from outside whether visitors get in: they always did.`,
  up: (percent, n, minutes) =>
    `We looked ${n} times from outside whether visitors get in: ${percent} % of the time they did. In all they did not for ${minutes}.`,
  answer: (seconds) => `The first page answered in ${seconds} s.`,
  care: 'Your care plan',
  used: (plan, used, included) => `${plan}: ${used} of ${included} used.`,
  usedOnly: (plan, used) => `${plan}: ${used} of work.`,
  none: (plan, included) => `${plan}: ${included} of work are in it and were not needed.`,
  hello: 'Good day,',
  letter: (site, month) => `this is what ${month} was like for ${site}.`,
  attached: 'The same is attached as a PDF.',
  online: 'To read it in the browser:',
};

export const invoice: InvoiceWords = {
  plan: (name, span) => `${name}, ${span}`,
  beyond: (what) => `Work beyond the plan${what ? `: ${what}` : ''}`,
  invoice: 'Invoice',
  takingBack: 'Cancelled invoice',
  takesBack: (number, day) => `This takes back invoice ${number} of ${day}.`,
  number: 'Number',
  date: 'Date',
  due: 'Due',
  to: 'To',
  reference: 'Your reference',
  what: 'What for',
  quantity: 'How much',
  price: 'Price',
  amount: 'Amount',
  net: 'Sum',
  tax: (rate) => `VAT ${rate} %`,
  gross: 'To pay',
  vatId: 'VAT number',
  taxNumber: 'Tax number',
  pay: (gross, day) => `Please pay ${gross} by ${day}, with the number of the invoice.`,
  payTo: 'Account',
  reverse: 'Reverse charge: the recipient owes the VAT.',
  months: (n) => `${n} month${s(Math.abs(n))}`,
  years: (n) => `${n} year${s(Math.abs(n))}`,
  perHour: 'an hour',
  letter: (number, gross, day) =>
    `attached is invoice ${number} of ${gross}, due on ${day}: as a PDF, and as an electronic invoice (XML) for your books.`,
  letterBack: (number, back) =>
    `attached is ${number}, which takes back invoice ${back}. Nothing is to be paid for it.`,
  hello: 'Good day,',
};
