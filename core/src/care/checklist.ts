import type { SiteDocument } from '../model/site.js';
import { allTexts, toConfirm } from '../making/generate/site.js';
import { hasWorkingTitle } from '../brief/read.js';
import { factsToConfirm } from '../brief/confirm.js';
import { differences } from '../making/plan/follow.js';
import { heldBack, heldOnPages } from '../making/writer/sentences.js';
import { descriptionOf, titleOf } from '../page/seo/seo.js';
import { RESULT, textWidth } from '../page/seo/width.js';
import { some } from '../ground/some.js';

/** One line of what is looked at before a site opens. */
export interface CheckItem {
  id: string;
  title: string;
  state: 'good' | 'look' | 'stop';
  detail: string;
  /** The step of the path where it is mended. */
  step: 'brief' | 'pages' | 'seo' | 'domain' | 'publish';
}

/** What is to look at in a document before it is published. `stop` keeps it from going live. */
export function checklist(document: SiteDocument): CheckItem[] {
  const claims = toConfirm(document);
  const placeholders = claims.filter((c) => c.text.from.kind === 'placeholder');
  const long = document.pages.filter((p) => textWidth(titleOf(document, p), RESULT.title.size) > RESULT.title.width);
  const titles = document.pages.map((p) => titleOf(document, p));
  const twice = titles.filter((t, n) => titles.indexOf(t) !== n);
  const thin = document.pages.filter((p) => descriptionOf(document, p).length < 50);
  const unsure = factsToConfirm(document);
  const differ = differences(document);
  const held = heldBack(document.facts, document.corrections);
  const leaks = heldOnPages(document, allTexts(document));
  const onHold = document.pages.filter((p) => p.hold !== undefined);
  const form = document.forms[0];
  const reach = document.facts.phone || document.facts.mail;
  return [
    {
      id: 'pages',
      title: 'Pages',
      state: document.pages.length ? 'good' : 'stop',
      detail: document.pages.length
        ? `${some(document.pages.length, 'page')} in the menu.`
        : 'There are no pages yet. Generate the site from its brief first.',
      step: 'brief',
    },
    ...(hasWorkingTitle(document.facts)
      ? [
          {
            id: 'name',
            title: 'Name',
            state: 'look',
            detail: `“${document.facts.name}” is a working title: the brief does not say what the business is called.`,
            step: 'brief',
          } as const,
        ]
      : []),
    ...(onHold.length
      ? [
          {
            id: 'hold',
            title: 'On hold',
            state: 'look',
            detail: `${onHold.map((p) => p.label).join(', ')}: visitors read a word in ${onHold.length === 1 ? 'its' : 'their'} stead.`,
            step: 'pages',
          } as const,
        ]
      : []),
    {
      id: 'placeholders',
      title: 'Placeholders',
      state: placeholders.length ? 'stop' : 'good',
      detail: placeholders.length
        ? `${some(placeholders.length, 'placeholder')} would be read by visitors. Write over or empty ${placeholders.length === 1 ? 'it' : 'them'}.`
        : 'None left.',
      step: 'pages',
    },
    {
      id: 'claims',
      title: 'To confirm',
      state: claims.length > placeholders.length ? 'look' : 'good',
      detail:
        claims.length > placeholders.length
          ? `${some(claims.length - placeholders.length, 'claim comes', 'claims come')} from the trade pack, not from the client.`
          : 'Somebody has vouched for every claim.',
      step: 'pages',
    },
    {
      id: 'facts',
      title: 'Facts',
      state: unsure.length || differ.length ? 'look' : 'good',
      detail: unsure.length
        ? `${unsure
            .map((u) => `${u.what} “${u.value}”`)
            .slice(0, 3)
            .join(
              ', ',
            )}${unsure.length > 3 ? ` and ${unsure.length - 3} more` : ''}: read out of the client’s text, and nobody has confirmed ${unsure.length === 1 ? 'it' : 'them'}.`
        : differ.length
          ? differ[0]!.at
            ? `${differ[0]!.what}: the page says “${differ[0]!.page}”, the brief “${differ[0]!.facts}”${differ.length > 1 ? `, and ${differ.length - 1} more differ` : ''}.`
            : `“${differ[0]!.facts}” is in the brief and on no page.`
          : 'What the pages say agrees with the brief.',
      step: unsure.length ? 'brief' : 'pages',
    },
    {
      id: 'private',
      title: 'Said to you, not to visitors',
      state: leaks.length ? 'stop' : 'good',
      detail: leaks.length
        ? `${some(leaks.length, 'text on the pages says', 'texts on the pages say')} what the client wrote to you: “${leaks[0]!.held.text.slice(0, 90)}”. Write over it, or clear it in the brief.`
        : held.length
          ? `${some(held.length, 'sentence of the brief is', 'sentences of the brief are')} held back; none of them stands on a page.`
          : 'The brief says nothing that would have to be held back.',
      step: 'pages',
    },
    {
      id: 'titles',
      title: 'Page titles',
      state: twice.length ? 'stop' : long.length ? 'look' : 'good',
      detail: twice.length
        ? `Two pages are both called “${twice[0]}”.`
        : long.length
          ? `${long.map((p) => p.label).join(', ')}: too wide for a search result.`
          : 'Each page has its own, and each fits a search result.',
      step: 'seo',
    },
    {
      id: 'descriptions',
      title: 'Descriptions',
      state: thin.length ? 'look' : 'good',
      detail: thin.length
        ? `${thin.map((p) => p.label).join(', ')}: under 50 characters, so search engines will pick their own words.`
        : 'Every page has one.',
      step: 'seo',
    },
    {
      id: 'form',
      title: 'Contact form',
      state: form && !form.deliverTo ? 'look' : 'good',
      detail: form?.deliverTo
        ? `Messages arrive in the Inbox, for ${form.deliverTo}.`
        : 'Messages arrive in the Inbox; no address of the client’s is named.',
      step: 'publish',
    },
    {
      id: 'reach',
      title: 'A way to get in touch',
      state: reach ? 'good' : 'look',
      detail: reach
        ? [document.facts.phone, document.facts.mail].filter(Boolean).join(', ')
        : 'No phone and no mail address in the facts; the form is the only way.',
      step: 'brief',
    },
  ];
}
