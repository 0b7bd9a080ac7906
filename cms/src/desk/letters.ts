import type { Letter } from '@tin-porch/mail';
import { zoneOf } from '@tin-porch/core/collections';
import type { Form, SiteDocument } from '@tin-porch/core/model';

interface Words {
  invited(site: string): string;
  invitedText(name: string, site: string, link: string): string;
  yours(site: string): string;
  /** `link` is empty for whoever was at the desk before. */
  yoursText(name: string, site: string, desk: string, link: string): string;
  link(site: string): string;
  linkText(name: string, link: string, minutes: number): string;
  message(who: string, site: string): string;
  messageText(desk: string): string;
  answer(site: string): string;
  wrote(day: string): string;
}
const WORDS: Record<'en' | 'de' | 'fr' | 'es', Words> = {
  en: {
    invited: (site) => `The desk of ${site}`,
    invitedText: (name, site, link) =>
      `Hello ${name},\n\nyou can change ${site} yourself: hours, prices, words, and read what visitors send.\nThis link opens your desk. It is good once, for a week:\n\n${link}\n\nSet a password there, and you come in again without a link.\n`,
    yours: (site) => `${site} is yours`,
    yoursText: (name, site, desk, link) =>
      `Hello ${name},\n\n${site} has been handed over to you. At its desk you now also say who else may come in and what they may do, and you can take the whole site along in one file, with its messages, whenever you like:\n\n${link || desk}\n${link ? '\nThis link is good once, for a week. Set a password there, and you come in again without one.\n' : ''}`,
    link: (site) => `Your link to the desk of ${site}`,
    linkText: (name, link, minutes) =>
      `Hello ${name},\n\nthis link opens your desk. It is good once, for ${minutes} minutes:\n\n${link}\n\nIf you did not ask for it, nothing has to be done.\n`,
    message: (who, site) => `${who} wrote through ${site}`,
    messageText: (desk) => `Answer this letter and it goes to whoever wrote. It is also at the desk: ${desk}\n`,
    answer: (site) => `Your message to ${site}`,
    wrote: (day) => `You wrote on ${day}:`,
  },
  de: {
    invited: (site) => `Der Schreibtisch von ${site}`,
    invitedText: (name, site, link) =>
      `Guten Tag ${name},\n\nSie können ${site} selbst ändern: Zeiten, Preise, Wörter, und lesen, was Besucher senden.\nDieser Link öffnet Ihren Schreibtisch. Er gilt einmal, eine Woche lang:\n\n${link}\n\nSetzen Sie dort ein Passwort, dann kommen Sie ohne Link wieder.\n`,
    yours: (site) => `${site} gehört Ihnen`,
    yoursText: (name, site, desk, link) =>
      `Guten Tag ${name},\n\n${site} ist Ihnen übergeben worden. Am Schreibtisch sagen Sie nun auch, wer sonst hineinkommt und was er darf, und Sie können die ganze Website mit ihren Nachrichten jederzeit in einer Datei mitnehmen:\n\n${link || desk}\n${link ? '\nDieser Link gilt einmal, eine Woche lang. Setzen Sie dort ein Passwort, dann kommen Sie ohne Link wieder.\n' : ''}`,
    link: (site) => `Ihr Link zum Schreibtisch von ${site}`,
    linkText: (name, link, minutes) =>
      `Guten Tag ${name},\n\ndieser Link öffnet Ihren Schreibtisch. Er gilt einmal, ${minutes} Minuten lang:\n\n${link}\n\nHaben Sie nicht darum gebeten, ist nichts zu tun.\n`,
    message: (who, site) => `${who} hat über ${site} geschrieben`,
    messageText: (desk) =>
      `Antworten Sie auf diesen Brief, geht es an die Person, die schrieb. Er liegt auch auf dem Schreibtisch: ${desk}\n`,
    answer: (site) => `Ihre Nachricht an ${site}`,
    wrote: (day) => `Sie schrieben am ${day}:`,
  },
  fr: {
    invited: (site) => `Le bureau de ${site}`,
    invitedText: (name, site, link) =>
      `Bonjour ${name},\n\nvous pouvez changer ${site} vous-même : horaires, prix, mots, et lire ce qu’envoient les visiteurs.\nCe lien ouvre votre bureau. Il sert une fois, pendant une semaine :\n\n${link}\n\nChoisissez-y un mot de passe, et vous reviendrez sans lien.\n`,
    yours: (site) => `${site} est à vous`,
    yoursText: (name, site, desk, link) =>
      `Bonjour ${name},\n\n${site} vous a été remis. À son bureau, vous dites désormais aussi qui d’autre peut entrer et ce qu’il peut faire, et vous pouvez emporter le site entier avec ses messages, en un seul fichier, quand vous le souhaitez :\n\n${link || desk}\n${link ? '\nCe lien sert une fois, pendant une semaine. Choisissez un mot de passe, et vous reviendrez sans lien.\n' : ''}`,
    link: (site) => `Votre lien vers le bureau de ${site}`,
    linkText: (name, link, minutes) =>
      `Bonjour ${name},\n\nce lien ouvre votre bureau. Il sert une fois, pendant ${minutes} minutes :\n\n${link}\n\nSi vous ne l’avez pas demandé, il n’y a rien à faire.\n`,
    message: (who, site) => `${who} a écrit par ${site}`,
    messageText: (desk) =>
      `Répondez à cette lettre et cela part à la personne qui a écrit. Elle est aussi au bureau : ${desk}\n`,
    answer: (site) => `Votre message à ${site}`,
    wrote: (day) => `Vous avez écrit le ${day} :`,
  },
  es: {
    invited: (site) => `El escritorio de ${site}`,
    invitedText: (name, site, link) =>
      `Hola, ${name}:\n\npuede cambiar ${site} usted mismo: horario, precios, palabras, y leer lo que envían los visitantes.\nEste enlace abre su escritorio. Sirve una vez, durante una semana:\n\n${link}\n\nPonga allí una contraseña y volverá sin enlace.\n`,
    yours: (site) => `${site} es suyo`,
    yoursText: (name, site, desk, link) =>
      `Hola, ${name}:\n\n${site} ha pasado a sus manos. En su escritorio dice ahora también quién más puede entrar y qué puede hacer, y puede llevarse el sitio entero con sus mensajes, en un solo archivo, cuando quiera:\n\n${link || desk}\n${link ? '\nEste enlace sirve una vez, durante una semana. Ponga allí una contraseña y volverá sin enlace.\n' : ''}`,
    link: (site) => `Su enlace al escritorio de ${site}`,
    linkText: (name, link, minutes) =>
      `Hola, ${name}:\n\neste enlace abre su escritorio. Sirve una vez, durante ${minutes} minutos:\n\n${link}\n\nSi no lo ha pedido, no tiene que hacer nada.\n`,
    message: (who, site) => `${who} ha escrito por ${site}`,
    messageText: (desk) => `Responda a esta carta y llegará a quien escribió. También está en el escritorio: ${desk}\n`,
    answer: (site) => `Su mensaje a ${site}`,
    wrote: (day) => `Usted escribió el ${day}:`,
  },
};
const wordsOf = ({ language }: SiteDocument): Words =>
  WORDS[language.slice(0, 2).toLowerCase() as keyof typeof WORDS] ?? WORDS.en;

/** Where a link leads: what opens the desk stands behind the hash, where no log of requests has it. */
export const linkTo = (origin: string, token: string): string => `${origin}/-/desk/#link=${token}`;

interface Addressee {
  name: string;
  mail: string;
}
/** The letter by which somebody is let in. */
export function invitationLetter(site: SiteDocument, to: Addressee, origin: string, token: string): Letter {
  const words = wordsOf(site);
  const { name } = site.facts;
  return {
    cause: `invitation ${token.slice(0, 12)}`,
    to: to.mail,
    subject: words.invited(name),
    text: words.invitedText(to.name, name, linkTo(origin, token)),
  };
}
/** The letter that tells somebody that the site is theirs from now on; `token` is of a link for whoever was not at the desk. */
export function handedOverLetter(site: SiteDocument, to: Addressee, origin: string, token: string | null): Letter {
  const words = wordsOf(site);
  const { name } = site.facts;
  return {
    cause: `handed over ${token?.slice(0, 12) ?? `to ${to.mail} ${Date.now()}`}`,
    to: to.mail,
    subject: words.yours(name),
    text: words.yoursText(to.name, name, `${origin}/-/desk/`, token ? linkTo(origin, token) : ''),
  };
}
/** The letter with a link that somebody asked for. */
export function linkLetter(site: SiteDocument, to: Addressee, origin: string, token: string, minutes: number): Letter {
  const words = wordsOf(site);
  return {
    cause: `link ${token.slice(0, 12)}`,
    to: to.mail,
    subject: words.link(site.facts.name),
    text: words.linkText(to.name, linkTo(origin, token), minutes),
  };
}
/** The letter that tells of a message from a form, to whom the designer said; null where nobody was said. */
export function messageLetter(
  site: SiteDocument,
  form: Form,
  id: string,
  fields: Record<string, string>,
  origin: string,
): Letter | null {
  const to = form.deliverTo.trim();
  if (!to) return null;
  const words = wordsOf(site);
  const of = (type: string) => form.fields.find((f) => f.type === type && fields[f.name])?.name;
  const mail = of('email');
  const who = fields['name'] || (mail && fields[mail]) || '?';
  const said = form.fields.filter((f) => fields[f.name]).map((f) => `${f.label}: ${fields[f.name]}`);
  return {
    cause: `message ${id}`,
    to,
    subject: words.message(who, site.facts.name),
    text: `${said.join('\n')}\n\n-- \n${words.messageText(`${origin}/-/desk/post`)}`,
    ...(mail && { replyTo: fields[mail]! }),
  };
}

/** The mail address in what a visitor sent: that of the form’s field for one, else the first that is one. */
export function addressIn(form: Form | undefined, fields: Record<string, string>): string {
  const own = form?.fields.find((f) => f.type === 'email' && fields[f.name])?.name;
  const isMail = (words: string) => /^[^\s@<>]+@[^\s@<>]+\.[^\s@<>]+$/.test(words.trim());
  return [own ? fields[own]! : '', ...Object.values(fields)].find(isMail)?.trim() ?? '';
}
/** The letter that answers a message from the desk, with what was written under it; null where no address was left. */
export function answerLetter(
  site: SiteDocument,
  id: string,
  words: string,
  { form, fields, receivedAt }: { form: string; fields: Record<string, string>; receivedAt: string },
): Letter | null {
  const to = addressIn(
    site.forms.find((f) => f.id === form),
    fields,
  );
  if (!to) return null;
  const said = wordsOf(site);
  const longest = Object.values(fields).reduce((a, v) => (v.length > a.length ? v : a), '');
  const day = new Intl.DateTimeFormat(site.language, { dateStyle: 'long', timeZone: zoneOf(site) }).format(
    new Date(receivedAt),
  );
  const { mail } = site.facts;
  return {
    cause: `answer ${id}`,
    byHand: true,
    to,
    subject: said.answer(site.facts.name),
    text: `${words.trim()}\n\n${said.wrote(day)}\n${longest.replace(/^/gm, '> ')}\n`,
    ...(mail && { replyTo: mail }),
  };
}
