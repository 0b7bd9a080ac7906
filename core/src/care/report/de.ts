import type { InvoiceWords, ReportWords } from './words.js';

const of = (count: number, one: string, many: string) => (count === 1 ? one : many);

export const report: ReportWords = {
  title: (site, month) => `${site} im ${month}`,
  by: (who) => `Von ${who}: wir kümmern uns um die Website.`,
  visits: 'Wer da war',
  nobody: 'In diesem Monat war niemand da.',
  visited: (n, c) => `${n} ${of(c, 'Besuch', 'Besuche')}`,
  more: (n, month) => `${n} mehr als im ${month}`,
  fewer: (n, month) => `${n} weniger als im ${month}`,
  same: (month) => `so viele wie im ${month}`,
  mostRead: (page, n) => `Neben der ersten Seite wurde „${page}“ am meisten gelesen, ${n}-mal.`,
  cameFrom: (host, n, c) => `${n} ${of(c, 'kam', 'kamen')} von ${host}.`,
  onPhone: (percent) => `${percent} von 100 lasen auf dem Telefon.`,
  wrote: (n, c) => `${n} ${of(c, 'Nachricht kam', 'Nachrichten kamen')} über die Website bei Ihnen an.`,
  nobodyWrote: 'Über die Website kam keine Nachricht.',
  next: 'Eines als Nächstes',
  missing: (address, n) =>
    `${n}-mal suchte jemand ${address}, und das gibt es nicht. Sagen Sie uns, was dort zu finden sein soll: Wir führen dann hin.`,
  silent: (n) =>
    `${n} Besuche, und niemand schrieb. Sagen Sie uns, wonach man Sie am Telefon fragt: Wir beantworten es dort, wo gelesen wird, und stellen den Weg zu Ihnen daneben.`,
  phone: (percent) =>
    `${percent} von 100 lesen auf dem Telefon. Öffnen Sie die Website auf Ihrem und sagen Sie uns, was Sie zuerst suchen würden.`,
  done: 'Was getan wurde',
  published: (n, c) => of(c, 'Die Website wurde neu veröffentlicht.', `Die Website wurde ${n}-mal neu veröffentlicht.`),
  edited: (n, c) => `${n} ${of(c, 'Änderung von Ihnen ging', 'Änderungen von Ihnen gingen')} online.`,
  mended: (n, c) =>
    `${n} ${of(c, 'Mangel, den', 'Mängel, die')} unsere täglichen Rundgänge fanden, ${of(c, 'ist', 'sind')} behoben.`,
  certificate: 'Das Zertifikat wurde erneuert: Die Verbindung zur Website bleibt für andere verschlossen.',
  nothingDone: 'Es war nichts zu tun: Jeden Tag ging ein Rundgang über alle Seiten und fand alles in Ordnung.',
  planned: 'Was geplant ist',
  publishes: (day) => `Was geändert wurde, geht am ${day} online.`,
  domainEnds: (day) => `Die Domain gehört Ihnen bis zum ${day}; bitte rechtzeitig verlängern.`,
  safe: 'Sicher und erreichbar',
  proven: (n, all, c) =>
    `Die ${of(c, 'Sicherung', 'Sicherungen')} von ${n} ${of(c, 'Nacht', 'Nächten')} (von ${all}) wurden zur Probe wiederhergestellt, und alles kam zurück.`,
  notProven: 'In diesem Monat wurde keine Sicherung erprobt. Wir gehen dem nach.',
  upAlways: (n) => `${n}-mal sahen wir von außen nach, ob Besucher hineinkommen: immer.`,
  up: (percent, n, minutes) =>
    `${n}-mal sahen wir von außen nach, ob Besucher hineinkommen: in ${percent} % der Fälle. Insgesamt kamen sie ${minutes} lang nicht hinein.`,
  answer: (seconds) => `Die erste Seite antwortete in ${seconds} s.`,
  care: 'Ihr Pflegevertrag',
  used: (plan, used, included) => `${plan}: ${used} von ${included} gebraucht.`,
  usedOnly: (plan, used) => `${plan}: ${used} Arbeit.`,
  none: (plan, included) => `${plan}: ${included} Arbeit sind enthalten und wurden nicht gebraucht.`,
  hello: 'Guten Tag,',
  letter: (site, month) => `so war der ${month} für ${site}.`,
  attached: 'Dasselbe liegt als PDF bei.',
  online: 'Im Browser zu lesen:',
};

export const invoice: InvoiceWords = {
  plan: (name, span) => `${name}, ${span}`,
  beyond: (what) => `Arbeit über den Vertrag hinaus${what ? `: ${what}` : ''}`,
  invoice: 'Rechnung',
  takingBack: 'Stornorechnung',
  takesBack: (number, day) => `Damit ist Rechnung ${number} vom ${day} storniert.`,
  number: 'Nummer',
  date: 'Datum',
  due: 'Fällig',
  to: 'An',
  reference: 'Ihr Zeichen',
  what: 'Leistung',
  quantity: 'Menge',
  price: 'Preis',
  amount: 'Betrag',
  net: 'Summe',
  tax: (rate) => `USt. ${rate} %`,
  gross: 'Zu zahlen',
  vatId: 'USt-IdNr.',
  taxNumber: 'Steuernummer',
  pay: (gross, day) => `Bitte zahlen Sie ${gross} bis zum ${day} und geben Sie die Rechnungsnummer an.`,
  payTo: 'Konto',
  reverse: 'Steuerschuldnerschaft des Leistungsempfängers.',
  months: (n) => `${n} ${of(Math.abs(n), 'Monat', 'Monate')}`,
  years: (n) => `${n} ${of(Math.abs(n), 'Jahr', 'Jahre')}`,
  perHour: 'je Stunde',
  letter: (number, gross, day) =>
    `anbei die Rechnung ${number} über ${gross}, fällig am ${day}: als PDF und als elektronische Rechnung (XML) für Ihre Bücher.`,
  letterBack: (number, back) => `anbei ${number}: Rechnung ${back} ist damit storniert. Dafür ist nichts zu zahlen.`,
  hello: 'Guten Tag,',
};
