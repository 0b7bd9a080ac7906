import type { InvoiceWords, ReportWords } from './words.js';

const of = (count: number, one: string, many: string) => (count < 2 ? one : many);
/** “d’octobre”, “de mai”. */
const de = (month: string) => (/^[aeiouyéèê]/i.test(month) ? `d’${month}` : `de ${month}`);

export const report: ReportWords = {
  title: (site, month) => `${site} en ${month}`,
  by: (who) => `De la part de ${who}, qui s’occupe du site.`,
  visits: 'Qui est passé',
  nobody: 'Personne n’est passé ce mois-ci.',
  visited: (n, c) => `${n} ${of(c, 'visite', 'visites')}`,
  more: (n, month) => `${n} de plus qu’en ${month}`,
  fewer: (n, month) => `${n} de moins qu’en ${month}`,
  same: (month) => `autant qu’en ${month}`,
  mostRead: (page, n) => `Après la première page, c’est « ${page} » qui a été la plus lue, ${n} fois.`,
  cameFrom: (host, n, c) => `${n} ${of(c, 'est venue', 'sont venues')} de ${host}.`,
  onPhone: (percent) => `${percent} sur 100 ont lu sur un téléphone.`,
  wrote: (n, c) => `${n} ${of(c, 'message vous est parvenu', 'messages vous sont parvenus')} par le site.`,
  nobodyWrote: 'Aucun message n’est venu par le site.',
  next: 'Une chose à faire',
  missing: (address, n) =>
    `${n} fois, quelqu’un a cherché ${address}, qui n’existe pas. Dites-nous ce qu’on espère y trouver : nous y mènerons.`,
  silent: (n) =>
    `${n} visites, et personne n’a écrit. Dites-nous ce que l’on vous demande au téléphone : nous y répondrons là où on lit, avec le moyen d’écrire à côté.`,
  phone: (percent) =>
    `${percent} sur 100 lisent sur un téléphone. Ouvrez le site sur le vôtre, et dites-nous ce que vous chercheriez d’abord.`,
  done: 'Ce qui a été fait',
  published: (n, c) => of(c, 'Le site a été publié de nouveau.', `Le site a été publié de nouveau ${n} fois.`),
  edited: (n, c) =>
    `${n} ${of(c, 'changement de votre main a été mis', 'changements de votre main ont été mis')} en ligne.`,
  mended: (n, c) =>
    `${n} ${of(c, 'défaut trouvé par nos tournées quotidiennes a été réparé', 'défauts trouvés par nos tournées quotidiennes ont été réparés')}.`,
  certificate: 'Le certificat a été renouvelé : la ligne jusqu’au site reste fermée aux autres.',
  nothingDone: 'Il n’y a rien eu à faire : chaque jour, une tournée de toutes les pages a trouvé tout en ordre.',
  planned: 'Ce qui est prévu',
  publishes: (day) => `Ce qui a été changé sera en ligne le ${day}.`,
  domainEnds: (day) => `Le domaine est à vous jusqu’au ${day} ; pensez à le renouveler à temps.`,
  safe: 'En sûreté et en ligne',
  proven: (n, all, c) =>
    `Les sauvegardes de ${n} ${of(c, 'nuit', 'nuits')} sur ${all} ont été restaurées à l’essai, et tout est revenu.`,
  notProven: 'Aucune sauvegarde n’a été éprouvée ce mois-ci. Nous nous en occupons.',
  upAlways: (n) => `Nous avons regardé ${n} fois de l’extérieur si l’on entre : toujours.`,
  up: (percent, n, minutes) =>
    `Nous avons regardé ${n} fois de l’extérieur si l’on entre : ${percent} % du temps. En tout, on n’est pas entré pendant ${minutes}.`,
  answer: (seconds) => `La première page a répondu en ${seconds} s.`,
  mainPart: (seconds) => `Sur un téléphone avec un réseau moyen, l’essentiel s’affichait en ${seconds} s.`,
  care: 'Votre contrat d’entretien',
  used: (plan, used, included) => `${plan} : ${used} sur ${included}.`,
  usedOnly: (plan, used) => `${plan} : ${used} de travail.`,
  none: (plan, included) => `${plan} : ${included} de travail sont compris, et n’ont pas été utilisés.`,
  hello: 'Bonjour,',
  letter: (site, month) => `voici le mois ${de(month)} de ${site}.`,
  attached: 'La même chose est jointe en PDF.',
  online: 'À lire dans le navigateur :',
};

export const invoice: InvoiceWords = {
  plan: (name, span) => `${name}, ${span}`,
  beyond: (what) => `Travail au-delà du contrat${what ? ` : ${what}` : ''}`,
  invoice: 'Facture',
  takingBack: 'Facture d’annulation',
  takesBack: (number, day) => `Elle annule la facture ${number} du ${day}.`,
  number: 'Numéro',
  date: 'Date',
  due: 'Échéance',
  to: 'À',
  reference: 'Votre référence',
  what: 'Objet',
  quantity: 'Quantité',
  price: 'Prix',
  amount: 'Montant',
  net: 'Total hors taxe',
  tax: (rate) => `TVA ${rate} %`,
  gross: 'À payer',
  vatId: 'Nº TVA',
  taxNumber: 'Nº fiscal',
  pay: (gross, day) => `Merci de payer ${gross} avant le ${day}, avec le numéro de la facture.`,
  payTo: 'Compte',
  reverse: 'Autoliquidation : la TVA est due par le preneur.',
  months: (n) => `${n} mois`,
  years: (n) => `${n} ${of(Math.abs(n), 'an', 'ans')}`,
  perHour: 'de l’heure',
  letter: (number, gross, day) =>
    `vous trouverez ci-joint la facture ${number} de ${gross}, à payer avant le ${day} : en PDF, et en facture électronique (XML) pour vos livres.`,
  letterBack: (number, back) =>
    `vous trouverez ci-joint ${number}, qui annule la facture ${back}. Il n’y a rien à payer.`,
  hello: 'Bonjour,',
};
