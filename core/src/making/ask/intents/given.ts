import { idFrom } from '../../../ground/ids.js';
import type { ButtonText, Medium, Section, SiteDocument, SiteFile, Text } from '../../../model/site.js';
import { openerOf } from '../../../model/page.js';
import { apply } from '../../../operations/apply.js';
import type { SingleOperation } from '../../../operations/operation.js';
import { allTexts, type PlacedText } from '../../generate/site.js';
import { fileWords } from '../../links.js';
import { picturePlaceAt, picturePlaces, putAt, type PicturePlace } from '../../picture-places.js';
import { addItem, listsOf } from '../../plan/lists.js';
import { kindOf } from '../../plan/plan.js';
import { no, question, slip, type Choice, type Context, type Given, type Intent, type SlipChange } from '../reply.js';
import type { Reader } from '../reader.js';
import { placesOf } from './pictures.js';
import { sectionTitle } from './sections.js';

const MOST = 6;
const text = (value: string): Text => ({ value, from: { kind: 'designer' } });
/** The operation that makes what was given one of the site’s. */
const takenIn = (given: Given): SingleOperation =>
  'medium' in given ? { op: 'putMedium', medium: given.medium } : { op: 'putFile', file: given.file };
const along = (given: Given, operations: SingleOperation[], words: string, at: SlipChange['at']): SlipChange => ({
  operation: { op: 'batch', operations: [takenIn(given), ...operations] },
  words,
  at,
});

/** A given picture in a place. */
function inPlace(document: SiteDocument, medium: Medium, place: PicturePlace): SlipChange {
  const before = document.media.find((m) => m.id === place.picture.media)?.title;
  return {
    ...along({ medium }, putAt(document, place, medium), `Your picture: ${place.label}`, {
      ...(place.page && { page: place.page.id }),
      section: place.at.section,
      path: place.at.path,
    }),
    before: before ?? 'none',
    after: medium.title,
  };
}

/** A given picture as one more of a list of pictures; null where the section has none, or no room. */
function oneMore(document: SiteDocument, medium: Medium, section: Section): SlipChange | null {
  const list = listsOf(section).find((l) => l.items.length < l.most);
  const insert = list && addItem(section, list.field, idFrom(`${section.id} ${medium.id} ${list.items.length}`));
  if (!insert || !('picture' in insert.item)) return null;
  const page = document.pages.find((p) => p.sections.includes(section));
  const at = { section: section.id, path: `${insert.list.path}.${insert.item.id}.picture` };
  const grown = apply(document, insert).document;
  const place = picturePlaceAt(grown, at);
  return along(
    { medium },
    [insert, ...(place ? putAt(grown, place, medium) : [])],
    `${sectionTitle(section)}: one more, your picture`,
    { ...(page && { page: page.id }), section: section.id },
  );
}

/** A button or a link that a given file is at the end of. */
const ledBy = (file: SiteFile, button: PlacedText): SlipChange =>
  along(
    { file },
    [{ op: 'setTarget', at: { section: button.section.id, path: button.path }, to: `file:${file.id}` }],
    `“${button.text.value}” leads to ${fileWords(file)}`,
    { ...(button.page && { page: button.page.id }), section: button.section.id, path: button.path },
  );

/** A given file as one more paper to take away. */
function oneMorePaper(document: SiteDocument, file: SiteFile, section: Section): SlipChange | null {
  const list = listsOf(section)[0];
  if (!list || list.items.length >= list.most) return null;
  const insert = addItem(section, list.field, idFrom(`${section.id} ${file.id} ${list.items.length}`));
  const name: ButtonText = { ...text(file.title), to: `file:${file.id}` };
  const page = document.pages.find((p) => p.sections.includes(section));
  return along(
    { file },
    [{ ...insert, item: Object.assign({}, insert.item, { name }) }],
    `${sectionTitle(section)}: one more, ${fileWords(file)}`,
    { ...(page && { page: page.id }), section: section.id },
  );
}

const buttonsOn = (document: SiteDocument, page: string | undefined): PlacedText[] =>
  allTexts(document).filter((t) => t.form === 'button' && t.text.value && t.page?.id === page);

/** Asks what something that was given is for, with the places it could go to. */
export function whatFor(document: SiteDocument, given: Given, page: string | undefined): ReturnType<typeof question> {
  const only: Choice = {
    label: 'medium' in given ? 'Only among the pictures of the site' : 'Only among the files of the site',
    reply: slip([along(given, [], 'Kept for later: nothing shows it yet', {})])!,
  };
  const choices: Choice[] =
    'medium' in given
      ? picturePlaces(document)
          .filter((p) => p.page?.id === page)
          .slice(0, MOST)
          .map((p) => ({ label: p.label, reply: slip([inPlace(document, given.medium, p)])! }))
      : buttonsOn(document, page)
          .slice(0, MOST)
          .map((b) => ({ label: `“${b.text.value}” leads to it`, reply: slip([ledBy(given.file, b)])! }));
  return question('medium' in given ? 'Where should it go?' : 'What should lead to it?', ...choices, only);
}

function pictureGiven(r: Reader, c: Context, medium: Medium) {
  const { document } = c;
  const adds = r.has('verb:add');
  const named = r.sections()[0] ?? (r.has('kind:') ? undefined : r.inHand());
  r.every('verb:', 'verb:replace', 'verb:move', 'this:', 'like:other', 'kind:gallery', 'degree:', 'more:');
  if (adds && named && ['gallery', 'rows'].includes(kindOf(named.section.shape))) {
    const more = oneMore(document, medium, named.section);
    if (more) return slip([more]);
  }
  // A page alone says too little.
  if (!named && !r.has('place:top')) return null;
  const places = placesOf(r, c);
  r.every('prep:', 'noun:', 'part:picture', 'place:');
  const [place, ...others] = places;
  if (!place) return null;
  const bare = places.filter((p) => !p.picture.media);
  // One alone, the top of a page, or what is in hand is sure; among several of a list it is asked.
  const sure = !others.length || r.hand.path === place.at.path || !place.at.path.includes('.');
  if (sure) return slip([inPlace(document, medium, place)]);
  if (bare.length === 1) return slip([inPlace(document, medium, bare[0]!)]);
  return question(
    'Which place?',
    ...places.slice(0, MOST).map((p) => ({ label: p.label, reply: slip([inPlace(document, medium, p)])! })),
  );
}

function fileGiven(r: Reader, { document }: Context, file: SiteFile) {
  const downloads =
    r.has('kind:downloads') || /\b(?:download|take away|offer|herunterladen|descarga|télécharger)\b/i.test(r.words);
  const named = r.sections()[0]?.section ?? r.inHand()?.section;
  const page = r.pages()[0] ?? r.pageInHand() ?? document.pages[0]!;
  r.every(
    'verb:',
    'verb:link',
    'verb:send',
    'this:',
    'kind:downloads',
    'part:button',
    'prep:',
    'noun:',
    'place:',
    'nth:',
  );
  const papers = page.sections.find((s) => kindOf(s.shape) === 'downloads');
  if (downloads) {
    if (!papers) return null;
    const more = oneMorePaper(document, file, papers);
    return more ? slip([more]) : no('There is no room for another paper there.');
  }
  const on = named && !/^(?:header|footer)\//.test(named.shape) ? named : openerOf(page);
  const buttons = buttonsOn(document, page.id).filter((t) => t.section.id === on?.id);
  const held = buttons.find((t) => t.path === r.hand.path) ?? (buttons.length === 1 ? buttons[0] : undefined);
  return held ? slip([ledBy(file, held)]) : null;
}

/** A picture or a file that was given along, put where it was said. */
export const useGiven: Intent = {
  name: 'use given',
  weight: 1.2,
  examples: [],
  read(r, c) {
    if (!c.given) return null;
    const told = r.has('this:', 'part:picture', 'verb:link', 'part:button', 'kind:downloads');
    if (!told && !r.has('verb:use', 'verb:put', 'verb:add', 'verb:replace', 'verb:show')) return null;
    return 'medium' in c.given ? pictureGiven(r, c, c.given.medium) : fileGiven(r, c, c.given.file);
  },
};

/** Whether a change brings what was given. */
export const brings = (given: Given, { operation }: SlipChange): boolean => {
  const id = 'medium' in given ? given.medium.id : given.file.id;
  return (operation.op === 'batch' ? operation.operations : [operation]).some(
    (o) => (o.op === 'putMedium' && o.medium.id === id) || (o.op === 'putFile' && o.file.id === id),
  );
};
