import type { FamilyWords, FilledWords } from '../language.js';
import type { Family } from '../../model/family.js';

export const families: Record<Family | 'any', FamilyWords> = {
  craft: {
    verbs: 'fertig bau herstell drechsel web näh bind schmied töpfer schnitz',
    steps: [
      [
        'Sagen Sie, wofür es ist',
        'Maß, Gebrauch und wo es stehen oder getragen werden soll. Eine Skizze oder ein Bild von Ähnlichem hilft.',
      ],
      ['Zeichnung und Preis', 'Beides kommt schriftlich, bevor Material zugeschnitten wird.'],
      ['Es entsteht', 'Von Hand und der Reihe nach; kurz vor dem Ende kommt eine Nachricht.'],
      ['Abgeholt oder geschickt', 'Gut verpackt, mit ein paar Zeilen zur Pflege.'],
    ],
    questions: [
      [
        'Geht etwas nach Maß?',
        'Ja. Sagen Sie, was es können und wohin es passen soll; der Rest wird gemeinsam überlegt.',
      ],
      ['Wie lange dauert es?', ''],
      [
        'Kann es verschickt werden?',
        'Die meisten Stücke lassen sich verpacken und schicken; große holt man besser ab.',
      ],
      ['Lässt sich ein altes Stück reparieren?', 'Oft ja. Für eine erste Antwort genügt ein Bild des Schadens.'],
      ['Darf man bei der Arbeit zusehen?', 'Nach Absprache. Rufen Sie vorher an, damit jemand Zeit hat.'],
    ],
  },
  repair: {
    verbs: 'reparier reparatur wart restaurier instandsetz schleif stimm',
    steps: [
      [
        'Beschreiben Sie den Fehler',
        'Was es tut, was es tun sollte und seit wann. Ein Bild oder die Typenbezeichnung hilft.',
      ],
      ['Es wird angesehen', 'Geöffnet, gereinigt und beurteilt, bevor etwas versprochen wird.'],
      ['Erst der Preis', 'Sie hören, was es kostet und ob es sich lohnt; ohne Ihr Ja wird nichts begonnen.'],
      ['Geprüft, bevor es zurückgeht', 'Es läuft erst hier, bis man ihm trauen kann.'],
    ],
    questions: [
      ['Lohnt sich die Reparatur?', 'Das hören Sie als Erstes, ehrlich und bevor etwas kostet.'],
      ['Wie lange muss ich warten?', ''],
      ['Was kostet das Ansehen?', ''],
      ['Gibt es Gewähr auf die Reparatur?', ''],
      [
        'Was soll ich mitbringen?',
        'Alles, mit Kabeln, Schlüsseln und losen Teilen, und einen Zettel mit Name und Nummer.',
      ],
    ],
  },
  building: {
    verbs: 'verleg einbau montier mauer verputz streich deck dämm',
    steps: [
      ['Ein Anruf und ein paar Fragen', 'Worum es geht, wo und wie bald. Bilder sparen eine Fahrt.'],
      [
        'Ein Termin vor Ort',
        'Es wird gemessen und angesehen, und über die schwierigen Stellen wird zuerst gesprochen.',
      ],
      ['Ein schriftliches Angebot', 'Mit dem, was darin ist, dem, was nicht, und wie lange es gilt.'],
      ['Die Arbeit', 'An den vereinbarten Tagen; vorher wird abgedeckt, nachher gefegt.'],
    ],
    questions: [
      ['Kostet ein Angebot etwas?', ''],
      ['Wie bald können Sie kommen?', ''],
      ['Wird nachher aufgeräumt?', 'Ja. Was mitgebracht wurde, geht wieder mit, und der Boden wird gefegt.'],
      ['Sind Sie versichert?', ''],
      ['In welche Orte kommen Sie?', ''],
    ],
  },
  land: {
    verbs: 'schneid pflanz mäh fäll pfleg zücht',
    steps: [
      ['Erzählen Sie vom Grundstück', 'Wie groß, wie steil und was daraus werden soll.'],
      ['Ein Rundgang', 'Am besten gemeinsam und bei Tageslicht.'],
      ['Ein Plan nach Jahreszeiten', 'Was zuerst kommt, was bis zum Winter warten kann und was jeder Teil kostet.'],
      ['Arbeit und danach Pflege', 'Bei dem Wetter, das sie braucht, und später noch einmal angesehen.'],
    ],
    questions: [
      [
        'Wann ist die beste Zeit?',
        'Das hängt davon ab, was dort wächst. Fragen Sie früh: die guten Wochen sind bald vergeben.',
      ],
      ['Wird das Schnittgut mitgenommen?', ''],
      ['Kommen Sie auch regelmäßig?', ''],
      ['Wie weit fahren Sie?', ''],
      ['Was ist bei Regen?', 'Dann findet sich ein anderer Tag, und Sie hören es am Morgen.'],
    ],
  },
  food: {
    verbs: 'anbau brau press räucher röst kelter ernt back',
    steps: [
      ['Sehen, was es gibt', 'Es wechselt mit der Jahreszeit; was fertig ist, steht an der Tafel und hier.'],
      ['Zurücklegen lassen', 'Ein Anruf oder eine Zeile am Tag davor, und es liegt unter Ihrem Namen bereit.'],
      ['Abholen', 'Zu den Zeiten, die hier stehen. Bringen Sie Tasche, Kiste oder Leergut mit.'],
    ],
    questions: [
      ['Was gibt es gerade?', ''],
      ['Kann ich vorbestellen?', 'Ja, und vor Feiertagen ist es klug.'],
      ['Liefern Sie?', ''],
      ['Beliefern Sie Läden?', ''],
      ['Kann man den Betrieb besichtigen?', ''],
    ],
  },
  shop: {
    verbs: 'verkauf sortiment bestell laden führ',
    steps: [
      ['Kommen und ansehen', 'Niemand wird gedrängt, und Fragen kosten nichts.'],
      ['Nicht im Regal?', 'Vieles lässt sich bestellen. Sagen Sie, was Sie brauchen und bis wann.'],
      ['Abgeholt oder gebracht', 'Sie hören, sobald es da ist.'],
    ],
    questions: [
      [
        'Können Sie etwas bestellen?',
        'Meistens. Lassen Sie eine Nummer da; dann hören Sie, wann es kommt und was es kostet.',
      ],
      ['Kann ich etwas zurückgeben?', ''],
      ['Wie kann ich bezahlen?', ''],
      ['Liefern Sie?', ''],
      ['Wo kann ich parken?', ''],
    ],
  },
  stay: {
    verbs: 'übernacht gäst zimmer buch nächt',
    steps: [
      ['Fragen Sie nach Ihren Tagen', 'Sagen Sie, wie viele Sie sind und wie lange Sie bleiben möchten.'],
      ['Antwort und Preis', 'Mit allem, was darin ist, und dem, was nicht.'],
      ['Ankommen', 'Weg, Schlüssel und Zeiten werden vor der Abreise geschickt.'],
    ],
    questions: [
      ['Wann kann man anreisen, wann muss man abreisen?', ''],
      ['Sind Hunde willkommen?', ''],
      ['Gibt es einen Parkplatz?', ''],
      ['Kann man absagen?', ''],
      ['Was gibt es in der Nähe zu tun?', ''],
    ],
  },
  club: {
    verbs: 'mitglied treff verein prob ehrenamt',
    steps: [
      ['Vorbeikommen', 'Der erste Besuch verpflichtet zu nichts.'],
      ['Eine Weile mitmachen', 'Jemand zeigt, wie es geht, und leiht, was nötig ist.'],
      ['Mitglied werden', 'Mit einem Formular und dem Jahresbeitrag; dann reden Sie mit.'],
    ],
    questions: [
      ['Muss ich etwas können?', 'Nein. Die meisten konnten es am Anfang auch nicht.'],
      ['Was kostet die Mitgliedschaft?', ''],
      ['Wann und wo trifft man sich?', ''],
      ['Kann ich helfen, ohne Mitglied zu sein?', 'Gern. Sagen Sie, was Sie gern tun und wann Sie Zeit haben.'],
      ['Wer entscheidet?', ''],
    ],
  },
  culture: {
    verbs: 'besuch ausstell führung eintritt aufführ',
    steps: [
      ['Sehen, was läuft', 'Tage, Zeiten und Besonderes stehen auf dieser Seite.'],
      ['Karte besorgen oder einfach kommen', 'Wo Plätze knapp sind, steht es dabei.'],
      ['Bleiben, solange man will', 'Und fragen: es ist jemand da, der es weiß.'],
    ],
    questions: [
      ['Was kostet es?', ''],
      ['Können wir als Gruppe kommen?', 'Ja. Schreiben Sie etwas vorher, damit jemand für Sie da ist.'],
      ['Ist der Zugang ohne Stufen?', ''],
      ['Wie kommt man hin?', ''],
      ['Kann man Räume mieten?', ''],
    ],
  },
  office: {
    verbs: 'berat übersetz entwerf plan prüf gutacht',
    steps: [
      ['Ein erstes Gespräch', 'Am Telefon oder am Tisch: worum es geht und bis wann.'],
      ['Ein schriftliches Angebot', 'Was getan wird, was es kostet und was von Ihnen gebraucht wird.'],
      ['Die Arbeit', 'Eine Person bleibt Ihr Gegenüber.'],
      ['Die Übergabe', 'In einfachen Worten erklärt, mit dem, was als Nächstes kommt.'],
    ],
    questions: [
      ['Was kostet das erste Gespräch?', ''],
      ['Wie lange dauert es?', ''],
      ['Was brauchen Sie von mir?', 'Was schon auf Papier da ist. Eine Liste kommt vorher.'],
      ['Bleibt vertraulich, was ich sage?', ''],
      ['Arbeiten Sie auch aus der Ferne?', ''],
    ],
  },
  person: {
    verbs: 'termin behandl schneid unterricht betreu stund',
    steps: [
      ['Termin ausmachen', 'Am Telefon oder mit dem Formular; sagen Sie, wenn es das erste Mal ist.'],
      ['Erst ein paar Fragen', 'Damit es zu Ihnen passt und nicht zu jemand Ähnlichem.'],
      ['Zeit haben', 'Nichts anderes ist in diese Zeit gelegt.'],
    ],
    questions: [
      ['Wie bekomme ich einen Termin?', 'Am Telefon oder mit dem Formular auf dieser Seite.'],
      ['Und wenn ich nicht kommen kann?', ''],
      ['Was soll ich mitbringen?', ''],
      ['Kommen Sie auch ins Haus?', ''],
      ['Wie kann ich bezahlen?', ''],
    ],
  },
  transport: {
    verbs: 'befahr liefer vermiet transport verleih einlager',
    steps: [
      ['Sagen, von wo nach wo', 'Mit Tag, Uhrzeit und wie viele oder wie viel.'],
      ['Ein Preis vor der Buchung', 'Mit allem darin.'],
      ['Am Tag selbst', 'Sie werden angerufen, wenn Wind, Flut oder Verkehr etwas ändern.'],
    ],
    questions: [
      ['Wie bucht man?', 'Am Telefon oder mit dem Formular. Gebucht ist, wenn die Antwort da ist.'],
      ['Was ist bei schlechtem Wetter?', ''],
      ['Kann ich den Tag ändern?', ''],
      ['Wie viele Personen oder wie viel geht mit?', ''],
      ['Wo trifft man sich?', ''],
    ],
  },
  any: {
    verbs: '',
    steps: [
      ['Fragen', 'Am Telefon oder mit dem Formular: ein, zwei Sätze genügen.'],
      ['Eine Antwort', 'Mit dem, was geht, wann, und was es kostet.'],
      ['Dann wird es gemacht', 'So, wie es ausgemacht ist.'],
    ],
    questions: [
      ['Wie erreiche ich Sie?', 'Am Telefon oder mit dem Formular auf dieser Seite.'],
      ['Was kostet es?', ''],
      ['Wie bald?', ''],
      ['Wo sind Sie?', ''],
    ],
  },
};

export const filled: FilledWords = {
  headings: {
    openingHeading: 'Willkommen',
    offerHeading: 'Was es gibt',
    ledgerHeading: 'Eins nach dem anderen',
    storyHeading: 'In wenigen Worten',
    aboutHeading: 'Wer dahinter steht',
    aboutStoryHeading: 'Wie es dazu kam',
    visitHeading: 'Wo und wann',
    callHeading: 'Eine Frage?',
    contactHeading: 'Schreiben Sie',
    servicesHeading: 'Alles, was es gibt',
    pricesHeading: 'Was es kostet',
  },
  questionsLabel: 'Fragen',
  questionsHeading: ['Fragen an {name} und die Antworten', 'Fragen und Antworten'],
  questionsPlain: 'Bevor Sie fragen',
  questionsLead: 'Was die meisten zuerst wissen wollen. Was hier fehlt, klärt ein Anruf.',
  stepsHeading: ['So geht es bei {name}', 'So geht es vor sich'],
  peopleHeading: 'Wen Sie hier treffen',
  quotesHeading: ['Über {name} gesagt', 'Was andere sagen'],
  pricesHeading: 'Was es kostet',
  hoursHeading: 'Wann jemand da ist',
  person: 'Ein Name',
  role: 'was sie oder er macht',
  quote: 'Ein Satz, den jemand gesagt hat, Wort für Wort und mit Erlaubnis.',
  quoteBy: 'Wer es gesagt hat',
  price: 'Preis folgt',
  page: 'Was es dazu zu sagen gibt.',
  answer: 'Die Antwort darauf.',
  hours: 'Tage und Uhrzeiten.',
  story: [
    ['Wie es anfing und wann.', 'How and when did it begin?'],
    ['Wer heute hier arbeitet und was jede und jeder macht.', 'Who works there today, and what does each of them do?'],
    [
      'Worauf es hier ankommt und was anders gemacht wird als anderswo.',
      'What do you care about in your work, and what do you do differently?',
    ],
  ],
  offer: ['Was angeboten wird, in einer Zeile.', 'What do people come to you for? A line each.'],
  lead: [
    'Wer Sie sind, was Sie machen und für wen, in zwei Sätzen.',
    'Who are you, what do you do and for whom? Two sentences.',
  ],
};
