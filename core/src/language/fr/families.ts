import type { FamilyWords, FilledWords } from '../language.js';
import type { Family } from '../../model/family.js';

export const families: Record<Family | 'any', FamilyWords> = {
  craft: {
    verbs: 'fabri réalis constru tourn tiss cous reli forg sculpt',
    steps: [
      [
        'Dites à quoi cela servira',
        'La taille, l’usage, l’endroit. Un croquis ou une image de quelque chose de semblable aide beaucoup.',
      ],
      ['Un dessin et un prix', 'Les deux arrivent par écrit avant que la matière soit coupée.'],
      ['La fabrication', 'À la main et dans l’ordre ; un mot prévient quand la fin approche.'],
      ['À retirer ou expédié', 'Bien emballé, avec quelques lignes sur l’entretien.'],
    ],
    questions: [
      [
        'Peut-on commander sur mesure ?',
        'Oui. Dites ce que l’objet doit faire et où il doit aller ; le reste se décide ensemble.',
      ],
      ['Combien de temps faut-il ?', ''],
      ['Peut-on expédier ?', 'La plupart des pièces s’emballent et s’envoient ; les grandes se retirent sur place.'],
      [
        'Une pièce ancienne peut-elle être réparée ?',
        'Souvent, oui. Une image du dommage suffit pour une première réponse.',
      ],
      ['Peut-on voir le travail se faire ?', 'Sur rendez-vous. Appelez d’abord, pour que quelqu’un ait le temps.'],
    ],
  },
  repair: {
    verbs: 'répar restaur entret dépann révis affût accord',
    steps: [
      [
        'Décrivez la panne',
        'Ce qui se passe, ce qui devrait se passer, et depuis quand. Une image ou la référence aide.',
      ],
      ['On regarde', 'Ouvert, nettoyé autant qu’il faut et jugé, avant toute promesse.'],
      [
        'Le prix d’abord',
        'Vous apprenez ce que cela coûte et si cela vaut la peine ; rien ne commence sans votre accord.',
      ],
      ['Essayé avant le retour', 'Cela tourne ici d’abord, le temps qu’il faut pour s’y fier.'],
    ],
    questions: [
      [
        'Cela vaut-il la peine de réparer ?',
        'C’est la première chose qu’on vous dit, franchement et avant tout frais.',
      ],
      ['Combien de temps faut-il attendre ?', ''],
      ['Combien coûte un diagnostic ?', ''],
      ['La réparation est-elle garantie ?', ''],
      [
        'Que faut-il apporter ?',
        'Tout, avec les câbles, les clés et ce qui s’est détaché, et un papier avec votre nom et votre numéro.',
      ],
    ],
  },
  building: {
    verbs: 'pose instal maçon pein isol couvr',
    steps: [
      ['Un appel et quelques questions', 'De quoi il s’agit, où, et pour quand. Des images épargnent un trajet.'],
      ['Une visite', 'On mesure, on regarde, et l’on parle d’abord des endroits difficiles.'],
      ['Un devis écrit', 'Avec ce qu’il comprend, ce qu’il ne comprend pas, et sa durée.'],
      ['Les travaux', 'Aux jours convenus ; on protège avant, on balaie après.'],
    ],
    questions: [
      ['Le devis est-il payant ?', ''],
      ['Quand pouvez-vous venir ?', ''],
      ['Le chantier est-il nettoyé ?', 'Oui. Ce qui a été apporté repart, et le sol est balayé.'],
      ['Êtes-vous assurés ?', ''],
      ['Dans quelles communes venez-vous ?', ''],
    ],
  },
  land: {
    verbs: 'taill plant tond élag entret élev',
    steps: [
      ['Parlez-nous du terrain', 'Sa taille, sa pente et ce que vous aimeriez qu’il devienne.'],
      ['Un tour sur place', 'Ensemble si possible, et de jour.'],
      ['Un plan par saisons', 'Ce qui vient d’abord, ce qui attendra l’hiver, et le prix de chaque partie.'],
      ['Le travail, puis l’entretien', 'Par le temps qu’il faut, avec un nouveau passage ensuite.'],
    ],
    questions: [
      [
        'Quelle est la meilleure saison ?',
        'Cela dépend de ce qui pousse. Demandez tôt : les bonnes semaines partent vite.',
      ],
      ['Emportez-vous les déchets de coupe ?', ''],
      ['Venez-vous régulièrement ?', ''],
      ['Jusqu’où vous déplacez-vous ?', ''],
      ['Et s’il pleut ?', 'On trouve un autre jour, et vous êtes prévenu le matin.'],
    ],
  },
  food: {
    verbs: 'produi brass press fum récolt cueill cultiv',
    steps: [
      ['Voir ce qu’il y a', 'Cela change avec la saison ; ce qui est prêt est sur l’ardoise et sur cette page.'],
      ['Faire mettre de côté', 'Un appel ou un mot la veille, et c’est gardé à votre nom.'],
      ['Venir chercher', 'Aux heures données ici. Apportez un sac, une caisse ou les bouteilles vides.'],
    ],
    questions: [
      ['Qu’y a-t-il en ce moment ?', ''],
      ['Peut-on commander à l’avance ?', 'Oui, et pour les fêtes c’est prudent.'],
      ['Livrez-vous ?', ''],
      ['Vendez-vous aux boutiques ?', ''],
      ['Peut-on visiter ?', ''],
    ],
  },
  shop: {
    verbs: 'vend command rayon boutique magasin',
    steps: [
      ['Entrez et regardez', 'Personne n’est pressé, et les questions ne coûtent rien.'],
      ['Pas en rayon ?', 'Beaucoup de choses se commandent. Dites ce qu’il vous faut, et pour quand.'],
      ['À retirer ou livré', 'Vous êtes prévenu dès l’arrivée.'],
    ],
    questions: [
      [
        'Pouvez-vous commander un article ?',
        'En général, oui. Laissez un numéro : vous saurez quand il arrive et ce qu’il coûte.',
      ],
      ['Peut-on rapporter un achat ?', ''],
      ['Comment peut-on payer ?', ''],
      ['Livrez-vous ?', ''],
      ['Où peut-on se garer ?', ''],
    ],
  },
  stay: {
    verbs: 'séjour nuit chambre réserv hôte',
    steps: [
      ['Demandez vos dates', 'Dites combien vous êtes et combien de temps vous aimeriez rester.'],
      ['Une réponse et un prix', 'Avec tout ce qui est compris, et ce qui ne l’est pas.'],
      ['Arriver', 'Le chemin, la clé et les heures sont envoyés avant le départ.'],
    ],
    questions: [
      ['À quelle heure arrive-t-on et repart-on ?', ''],
      ['Les chiens sont-ils acceptés ?', ''],
      ['Y a-t-il un parking ?', ''],
      ['Peut-on annuler ?', ''],
      ['Que faire dans les environs ?', ''],
    ],
  },
  club: {
    verbs: 'adhér membre réun bénévol répét',
    steps: [
      ['Venez voir', 'La première visite n’engage à rien.'],
      ['Essayez quelque temps', 'Quelqu’un vous montre et prête ce qu’il faut.'],
      ['Adhérez', 'Avec un bulletin et la cotisation annuelle ; vous avez alors voix au chapitre.'],
    ],
    questions: [
      ['Faut-il déjà savoir quelque chose ?', 'Non. La plupart ne savaient rien en commençant.'],
      ['Combien coûte l’adhésion ?', ''],
      ['Où et quand vous réunissez-vous ?', ''],
      ['Peut-on aider sans adhérer ?', 'Avec plaisir. Dites ce que vous aimez faire et quand vous avez le temps.'],
      ['Qui décide ?', ''],
    ],
  },
  culture: {
    verbs: 'visit expos billet spectacle',
    steps: [
      ['Voir le programme', 'Les jours, les heures et les moments particuliers sont sur cette page.'],
      ['Prendre un billet, ou simplement venir', 'Là où les places sont rares, c’est indiqué.'],
      ['Rester autant qu’on veut', 'Et demander : quelqu’un est là qui sait.'],
    ],
    questions: [
      ['Combien cela coûte-t-il ?', ''],
      ['Peut-on venir en groupe ?', 'Oui. Écrivez un peu avant, pour que quelqu’un vous accueille.'],
      ['L’accès est-il sans marches ?', ''],
      ['Comment vient-on ?', ''],
      ['Peut-on louer le lieu ?', ''],
    ],
  },
  office: {
    verbs: 'conseil tradui conce étud expert',
    steps: [
      ['Un premier entretien', 'Au téléphone ou autour d’une table : de quoi il s’agit, et pour quand.'],
      ['Une offre écrite', 'Ce qui est fait, ce que cela coûte et ce qu’il faut de votre part.'],
      ['Le travail', 'Une seule personne reste votre interlocuteur.'],
      ['La remise', 'Expliquée en mots simples, avec la suite à donner.'],
    ],
    questions: [
      ['Combien coûte le premier entretien ?', ''],
      ['Combien de temps cela prend-il ?', ''],
      ['Que faut-il vous fournir ?', 'Ce qui existe déjà sur papier. Une liste est envoyée avant.'],
      ['Ce que je dis reste-t-il confidentiel ?', ''],
      ['Travaillez-vous aussi à distance ?', ''],
    ],
  },
  person: {
    verbs: 'rendez-vous soin coup cours leçon',
    steps: [
      ['Prendre rendez-vous', 'Par téléphone ou avec le formulaire ; dites si c’est la première fois.'],
      ['Quelques questions d’abord', 'Pour que cela vous convienne, à vous.'],
      ['Prendre le temps', 'Rien d’autre n’est prévu à cette heure-là.'],
    ],
    questions: [
      ['Comment prendre rendez-vous ?', 'Par téléphone ou avec le formulaire de ce site.'],
      ['Et si je ne peux pas venir ?', ''],
      ['Que faut-il apporter ?', ''],
      ['Venez-vous à domicile ?', ''],
      ['Comment peut-on payer ?', ''],
    ],
  },
  transport: {
    verbs: 'lou livr transport traver condui',
    steps: [
      ['Dites d’où et vers où', 'Avec le jour, l’heure et combien de personnes ou de choses.'],
      ['Un prix avant de réserver', 'Tout compris.'],
      ['Le jour même', 'On vous appelle si le vent, la marée ou la route changent quelque chose.'],
    ],
    questions: [
      ['Comment réserve-t-on ?', 'Par téléphone ou avec le formulaire. C’est réservé quand vous avez eu la réponse.'],
      ['Et par mauvais temps ?', ''],
      ['Peut-on changer de jour ?', ''],
      ['Combien de personnes, ou combien de charge ?', ''],
      ['Où se retrouve-t-on ?', ''],
    ],
  },
  any: {
    verbs: '',
    steps: [
      ['Demandez', 'Par téléphone ou avec le formulaire : une ou deux phrases suffisent.'],
      ['Une réponse', 'Avec ce qui est possible, quand, et à quel prix.'],
      ['Puis c’est fait', 'Comme convenu.'],
    ],
    questions: [
      ['Comment vous joindre ?', 'Par téléphone ou avec le formulaire de ce site.'],
      ['Combien cela coûte-t-il ?', ''],
      ['Dans quel délai ?', ''],
      ['Où êtes-vous ?', ''],
    ],
  },
};

export const filled: FilledWords = {
  headings: {
    openingHeading: 'Bienvenue',
    offerHeading: 'Ce qu’il y a',
    ledgerHeading: 'Un par un',
    storyHeading: 'En quelques mots',
    aboutHeading: 'Qui est derrière',
    aboutStoryHeading: 'Comment c’est venu',
    visitHeading: 'Où et quand',
    callHeading: 'Une question ?',
    contactHeading: 'Écrivez',
    servicesHeading: 'Tout ce qu’il y a',
    pricesHeading: 'Ce que cela coûte',
  },
  questionsLabel: 'Questions',
  questionsHeading: ['Questions à {name}, et les réponses', 'Questions et réponses'],
  questionsPlain: 'Avant de demander',
  questionsLead: 'Ce qu’on veut savoir d’abord. Ce qui manque ici se demande d’un appel.',
  stepsHeading: ['Comment cela se passe chez {name}', 'Comment cela se passe'],
  peopleHeading: 'Qui vous rencontrerez',
  quotesHeading: ['On dit de {name}', 'Ce qu’on en dit'],
  pricesHeading: 'Ce que cela coûte',
  hoursHeading: 'Quand il y a quelqu’un',
  person: 'Un nom',
  role: 'ce que fait cette personne',
  quote: 'Une phrase que quelqu’un a dite, mot pour mot et avec son accord.',
  quoteBy: 'Qui l’a dite',
  price: 'prix à venir',
  page: 'Ce qu’il y a à en dire.',
  answer: 'La réponse à cette question.',
  hours: 'Les jours et les heures.',
  story: [
    ['Comment cela a commencé, et quand.', 'How and when did it begin?'],
    ['Qui travaille ici aujourd’hui, et ce que fait chacun.', 'Who works there today, and what does each of them do?'],
    [
      'Ce qui compte ici, et ce qui s’y fait autrement qu’ailleurs.',
      'What do you care about in your work, and what do you do differently?',
    ],
  ],
  offer: ['Ce qui est proposé, en une ligne.', 'What do people come to you for? A line each.'],
  lead: [
    'Qui vous êtes, ce que vous faites et pour qui, en deux phrases.',
    'Who are you, what do you do and for whom? Two sentences.',
  ],
};
