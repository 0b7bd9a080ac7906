import type { FixedWords } from '../language.js';

export const words: FixedWords = {
  skip: 'Zum Text springen',
  mainMenu: 'Hauptmenü',
  pages: 'Seiten',
  pictures: 'Bilder',
  inThisPart: 'In diesem Teil',
  address: 'Adresse',
  open: 'Geöffnet',
  reach: 'Anrufen oder schreiben',
  optional: 'wenn Sie mögen',
  notSent: 'Noch nicht gesendet',
  leaveEmpty: 'Bitte leer lassen',
  notFound: 'Hier ist keine Seite',
  notFoundLead: 'Die Adresse ist vielleicht alt oder vertippt.',
  notFoundMenu: 'Das Menü oben führt zu allem, was es gibt.',
  notFoundHome: 'Alles, was es gibt, steht auf der Startseite.',
  notFoundTitle: 'Nicht gefunden',
  workedOn: 'Diese Seite wird gerade überarbeitet.',
  opensSoon: 'Hier öffnet bald unsere neue Seite.',
  opensOn: (day) => `Hier öffnet am ${day} unsere neue Seite.`,
  preview: {
    ended: 'Der Link, über den Sie kommen, gilt nicht mehr. Wer ihn geschickt hat, kann Ihnen einen neuen geben.',
    locked:
      'Das ist ein Blick auf etwas, das gerade entsteht. Er hat ein Passwort, das Sie mit dem Link bekommen haben.',
    password: 'Passwort',
    look: 'Ansehen',
    wrong: 'Das ist nicht das Passwort. Sehen Sie noch einmal nach, was mit dem Link kam.',
    often:
      'Es wurden zu viele Passwörter versucht. Warten Sie eine Viertelstunde und versuchen Sie es dann noch einmal.',
  },
  collections: {
    over: 'Das ist vorbei.',
    inList: 'In der Liste',
    allOf: (list) => `Alle: ${list}`,
    part: (nth, of) => `Teil ${nth} von ${of}`,
    before: 'Zurück',
    after: 'Weiter',
  },
  lost: 'Ihre Nachricht konnte gerade nicht aufbewahrt werden. Sie steht noch unten: Bitte senden Sie sie in einer Minute noch einmal.',
  tooOften:
    'Von hier kamen in einer Minute mehrere Nachrichten. Ihre steht noch unten: Bitte senden Sie sie in einer Minute noch einmal.',
  tooMany:
    'Heute sind mehr Nachrichten gekommen, als jemand lesen kann. Ihre steht noch unten: Bitte rufen Sie an, oder senden Sie sie morgen.',
  missing: (label) => `${label} fehlt.`,
  tooLong: (label, most) => `${label} ist länger als ${most} Zeichen.`,
  notMail: (value) => `„${value}“ ist keine Mailadresse, an die wir antworten können.`,
  notPhone: (value) => `„${value}“ ist keine Telefonnummer.`,
  form: { name: 'Ihr Name', mail: 'Mail', phone: 'Telefon', message: 'Nachricht' },
  headings: {
    partners: '{name} gehört zu',
    vouched: 'Was für {name} spricht',
    areas: 'Wo {name} arbeitet',
    events: 'Termine',
    besides: 'Außerdem',
  },
  labels: {
    home: 'Start',
    services: 'Leistungen',
    rooms: 'Zimmer',
    about: 'Über uns',
    contact: 'Kontakt',
    prices: 'Preise',
  },
  privacy: {
    label: 'Datenschutz',
    heading: 'Was mit Ihren Angaben geschieht',
    sentences: [
      'Verantwortlich für diese Seite: {who}.',
      'Was Sie in das Kontaktformular schreiben, liegt auf dem Server dieser Seite und wird nur von uns gelesen. Wir brauchen es, um Ihnen zu antworten.',
      'Der Server vermerkt, welche Seiten wann und von welcher Adresse abgerufen werden. Daraus zählen wir Besuche, mehr nicht.',
      'Diese Seite setzt für Besucher keine Cookies und lädt nichts von anderswo.',
    ],
    ask: {
      sentence:
        'Nachrichten bewahren wir … auf und löschen sie dann. Schreiben Sie uns, wenn Sie Ihre sehen oder löschen lassen möchten.',
      question: 'How long does the client keep messages?',
    },
  },
  accessibility: {
    label: 'Barrierefreiheit',
    heading: 'Diese Seite benutzen',
    sentences: [
      'Die Seiten lassen sich vorlesen, allein mit der Tastatur bedienen, auf das Doppelte vergrößern und auf dem Telefon lesen.',
      'Schrift und Grund unterscheiden sich so, dass man sie auch mit schwachen Augen lesen kann, bei Tag und bei Nacht.',
      'Wo etwas für Sie nicht funktioniert, sagen Sie es uns: {tell}.',
    ],
  },
  imprint: {
    label: 'Impressum',
    heading: 'Wer für diese Seite verantwortlich ist',
    sentences: ['{who}'],
    ask: {
      sentence: 'Registereintrag und Umsatzsteuer-Nummer: …',
      question: 'Is the business in a register, and under which number? Does it have a tax number to show?',
    },
    phone: 'Telefon: ',
    mail: 'Mail: ',
  },
};
