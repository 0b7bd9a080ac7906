import { isText, type Ground, type Section, type SiteDocument } from '../../../model/site.js';
import { findSection } from '../../../operations/reach.js';
import { kinds, shapes } from '../../../look/shapes/registry.gen.js';
import { addItemUnder, listsOf, shapesOfKind } from '../../plan/lists.js';
import { addSection, kindOf, shapeOfKind, takeOutSection } from '../../plan/plan.js';
import { canRepeat, carryTo, hasOwnGround, twice, whereIs } from '../../plan/sections.js';
import { alsoOn, pagesWithout } from '../../plan/twins.js';
import { idFrom } from '../../../ground/ids.js';
import { some } from '../../../ground/some.js';
import { change, changeOn, no, question, slip, type Context, type Intent } from '../reply.js';
import type { Placed, Reader } from '../reader.js';
import { deviceIn } from '../device.js';

export const sectionTitle = (s: Section): string => shapes[s.shape]?.title ?? s.shape;
export const placeOf = ({ section, page }: Placed) => ({ ...(page && { page: page.id }), section: section.id });
/** A section as other changes of a slip leave it. */
const now = (document: SiteDocument, section: Section): Section => findSection(document, section.id) ?? section;
export const whereOf = (p: Placed) => `${sectionTitle(p.section)}${p.page ? ` on ${p.page.label}` : ''}`;
/** The same asked of each of several places it could be about. */
const which = (places: readonly Placed[], reply: (p: Placed) => ReturnType<typeof slip>): ReturnType<typeof slip> => {
  const answers = places.map((p) => ({ p, answer: reply(p) }));
  const able = answers.flatMap(({ p, answer }) => (answer?.kind === 'slip' ? [{ p, answer }] : []));
  // Where it can be done to none, why not; to one alone, that one.
  if (able.length < 2) return able[0]?.answer ?? answers.find((a) => a.answer)?.answer ?? null;
  return question(
    'Which one?',
    ...able.slice(0, 5).map(({ p, answer }) => {
      const { heading } = p.section.content;
      const alike = places.filter((o) => whereOf(o) === whereOf(p)).length > 1;
      const named = alike && isText(heading) && heading.value ? `: “${heading.value}”` : '';
      return { label: whereOf(p) + named, reply: answer };
    }),
  );
};
/** One place where the words say which, or the page in hand does; a question where they could mean several. */
export function each(r: Reader, reply: (p: Placed) => ReturnType<typeof slip>): ReturnType<typeof slip> {
  const named = r.sections();
  const page = r.pages('at')[0] ?? r.pageInHand();
  if (!named.length) {
    const held = r.section();
    return held ? reply(held) : null;
  }
  if (r.word('all:')) {
    const all = named.flatMap((p) => {
      const answer = reply(p);
      return answer?.kind === 'slip' ? answer.changes : [];
    });
    return slip(all);
  }
  const here = named.filter((p) => p.page === page);
  const fits = here.length ? here : named;
  const held = fits.find((p) => p.section.id === r.hand.section);
  if (held) return reply(held);
  return fits.length === 1 ? reply(fits[0]!) : which(fits, reply);
}

/** A section of some kind put into a page. */
export const sectionNew: Intent = {
  name: 'section new',
  weight: 1.03,
  examples: [
    'add opening hours to the about page',
    'put a gallery after the services on the home page',
    'I would like a questions section at the bottom of the services page',
  ],
  read(r, { document }) {
    if (!r.word('verb:add', 'verb:put', 'verb:use')) return null;
    if (r.has('ground:')) return null;
    if (r.has('look:', 'verb:link', 'place:up', 'place:down') && !r.has('place:bottom', 'place:top')) return null;
    const pages = r.pages('to', 'at', '');
    const named = r.every('kind:');
    if (r.has('this:') && r.has('prep:under')) return null;
    const begins = r.beginsWithSection();
    // “Photos at the top” are a picture there, not a gallery.
    if (r.has('part:picture') && r.has('place:top')) return null;
    const kind = named.find(
      (k) => !(k.of === 'services' && named.length > 1) && k.of !== 'header' && k.of !== 'footer',
    )?.of;
    if (!begins || !kind || !kinds[kind]?.reason) {
      const strange =
        /^(?:please )?(?:add|put|insert|include) (?:a |an |the |another )?(.{2,40}?) (?:to|on|onto|into) (?:the |our )?.+?(?: page)?$/i.exec(
          r.words,
        );
      if (
        (kind && begins) ||
        !strange ||
        !pages.length ||
        r.has('part:', 'noun:item', 'fact:', 'look:', 'money:', 'verb:hold') ||
        r.things('quoted').length ||
        r.things('item').length
      )
        return null;
      r.explain(r.from, r.to);
      const known = Object.values(kinds)
        .filter((k) => k.reason)
        .map((k) => k.title.toLowerCase());
      return no(`“${strange[1]}” is no section I know. Known are: ${known.join(', ')}.`);
    }
    const page = pages[0] ?? r.pageInHand();
    if (!page) {
      r.every('noun:');
      return question(`On which page?`);
    }
    r.every(
      'prep:',
      'noun:page',
      'noun:section',
      'this:',
      'more:',
      'part:form',
      'part:price',
      'fact:hours',
      'fact:address',
      'verb:show',
      'fact:strapline',
      'part:picture',
      'part:text',
      'verb:again',
      'noun:item',
    );
    if (kind === 'contact' && page.sections.some((s) => kindOf(s.shape) === 'contact'))
      return no(`There is a form on ${page.label} already: one page has one.`);
    if (kind === 'contact' && !document.forms.length)
      return no('The site has no form to show: another version, written with one, brings it.');
    const place = r.word('place:', 'nth:')?.of;
    const beside = r.sections('before', 'after').filter((p) => p.page === page && kindOf(p.section.shape) !== kind)[0];
    const over = r.has('prep:before');
    const index = beside ? page.sections.indexOf(beside.section) + (over ? 0 : 1) : -1;
    const to =
      index >= 0
        ? index
        : place === 'top' || place === '1'
          ? Math.min(1, page.sections.length)
          : r.hand.section && page.sections.some((s) => s.id === r.hand.section) && !place && !pages.length
            ? page.sections.findIndex((s) => s.id === r.hand.section) + 1
            : page.sections.length;
    const shape = shapeOfKind(document, page, kind);
    const operation = addSection(document, page.id, shape, to);
    return slip([
      change(
        operation,
        `${kinds[kind]!.title} on ${page.label}${to === page.sections.length ? ', at the end' : ''}`,
        {
          page: page.id,
          section: operation.op === 'insertSection' ? operation.section.id : '',
        },
        { after: kinds[kind]!.reason },
      ),
    ]);
  },
};

/** A section taken out. */
export const sectionOut: Intent = {
  name: 'section out',
  weight: 1.01,
  examples: [
    'take out the form from contact',
    'please take the visit section off the home page',
    'remove the story on the about page',
  ],
  read(r, { document }) {
    if (!r.word('verb:out')) return null;
    if (
      r.has(
        'part:picture',
        'part:button',
        'part:price',
        'part:heading',
        'part:lead',
        'part:menu',
        'seo:',
        'look:',
        'noun:item',
      ) &&
      !r.has('noun:section')
    )
      return null;
    if (r.things('item').length || (r.has('nth:') && !r.has('noun:section'))) return null;
    const named = r.has('kind:') || r.has('noun:section') || r.has('this:') || r.things('section').length;
    if (!named) return null;
    r.every('part:form', 'noun:section', 'prep:', 'noun:page', 'place:');
    return each(r, (p) => {
      if (!p.page) return no('It is on every page: it can be given another shape, but not be taken out.');
      if (p.page.sections.length === 1)
        return no(`It is the only section of ${p.page.label}. Take out the page instead.`);
      return slip([
        changeOn(document, (d) => takeOutSection(d, p.section.id), `${whereOf(p)} goes`, placeOf(p), {
          before: sectionTitle(p.section),
        }),
      ]);
    });
  },
};

/** A section that waits, or is shown again. */
export const sectionHide: Intent = {
  name: 'section hide',
  weight: 1.01,
  examples: [
    'hide the map on the contact page',
    'hide the services section on home for now',
    'show the hidden story on home again',
  ],
  read(r) {
    if (r.has('device:')) return null;
    const hides = r.word('verb:hide');
    if (!hides && !(r.has('verb:show') && /\bhidden|again\b/.test(r.even.low))) return null;
    if (r.has('part:menu', 'part:picture', 'part:price', 'part:button')) return null;
    if (!hides) r.word('verb:show');
    r.every('noun:section', 'prep:', 'verb:hide', 'verb:again', 'this:');
    return each(r, (p) => {
      if (!p.page) return no('It is on every page, and stays.');
      if (!!hides === !!p.section.hidden) return no(`${whereOf(p)} is ${hides ? 'hidden' : 'shown'} already.`);
      return slip([
        change(
          { op: 'setSection', section: p.section.id, hidden: !!hides },
          `${whereOf(p)}: ${hides ? 'visitors do not get it until it is shown again' : 'shown again'}`,
          placeOf(p),
        ),
      ]);
    });
  },
};

/** Another ground under a section. */
export const sectionGround: Intent = {
  name: 'section ground',
  weight: 1.02,
  examples: [
    'the services on the home page should stand on the dark ground',
    'make the story on home dark',
    'give the story on home a tinted background',
  ],
  read(r, { document }) {
    const ground = r.word('ground:')?.of as Ground | undefined;
    if (!ground || !r.word('verb:change', 'verb:put', 'verb:use', 'verb:again', 'verb:add')) return null;
    if (r.has('look:colours', 'part:button', 'part:text', 'part:heading', 'cannot:', 'device:') || r.has('comp:'))
      return null;
    if (!r.has('kind:') && !r.has('this:') && !r.has('noun:section') && !r.things('section').length) return null;
    r.every('look:ground', 'prep:', 'noun:section', 'verb:', 'this:', 'place:');
    return each(r, (p) => {
      if (!p.page) return no('The header and the footer have the ground of their shape: choose another shape.');
      if (hasOwnGround(p.section))
        return no(`${whereOf(p)} has a ground of its own in this shape. Ask for another shape of it first.`);
      if ((p.section.ground ?? 'plain') === ground) return no(`${whereOf(p)} stands on that ground already.`);
      return slip([
        changeOn(
          document,
          (d) => ({ op: 'setShape', section: p.section.id, shape: now(d, p.section).shape, ground }),
          `${whereOf(p)} on ${GROUNDS[ground]} ground`,
          placeOf(p),
          {
            before: GROUNDS[p.section.ground ?? 'plain'],
            after: GROUNDS[ground],
          },
        ),
      ]);
    });
  },
};
const GROUNDS: Record<Ground, string> = { plain: 'plain', wash: 'washed', deep: 'deep' };

/** What a wished-for look of a section is in the names and characters of shapes. */
const LIKE: Record<string, RegExp> = {
  list: /\b(?:rows?|ledger|list|run|index|line|lines)\b/,
  cards: /\b(?:cards?|boxes|tiles|catalogue)\b/,
  columns: /\b(?:columns?|beside|split|pair|side)\b/,
  picture: /\b(?:cover|picture|poster|wall|full)\b/,
  large: /\b(?:large|big|wide|placard)\b/,
  plain: /\b(?:plain|heading|single|rows|middle)\b/,
  centred: /\b(?:centred|centered|middle|centre)\b/,
  grid: /\b(?:grid|tiles|wall|roster)\b/,
};
/** Another shape of a section: as a list, as cards, another one. */
export const sectionShape: Intent = {
  name: 'section shape',
  weight: 1.02,
  examples: ['show the services on the services page as rows', 'lay out the story on home differently'],
  read(r, { document }) {
    const wish = [...r.every('like:').map((l) => l.of), ...(r.word('columns:') ? ['columns'] : [])];
    // “Another picture” is a picture, not another shape.
    if (wish.join() === 'other' && r.has('part:picture')) return null;
    if (
      !wish.length ||
      r.has('look:', 'part:button', 'comp:light', 'verb:move', 'verb:trade', 'prep:before', 'prep:after')
    )
      return null;
    if (r.has('part:text') && !r.has('like:centred', 'like:columns', 'like:picture')) return null;
    // “As a list instead of boxes”: the first is what is wished for.
    const wanted = wish[0]!;
    r.every('prep:instead');
    r.every('verb:', 'prep:', 'noun:', 'part:text', 'part:picture', 'ground:plain', 'place:top');
    return each(r, (p) => {
      const others = shapesOfKind(p.section).filter((s) => s.shape !== p.section.shape);
      if (!others.length) return no(`There is one shape of ${sectionTitle(p.section).toLowerCase()}.`);
      const fits = others.filter((s) => LIKE[wanted]?.test(`${s.shape.split('/')[1]} ${s.character}`.toLowerCase()));
      const named = fits.sort(
        (a, b) =>
          Number(LIKE[wanted]?.test(b.shape.split('/')[1]!)) - Number(LIKE[wanted]?.test(a.shape.split('/')[1]!)),
      );
      const to = (s: { shape: string; character: string }) =>
        slip([
          changeOn(
            document,
            (d) => {
              const { ground } = now(d, p.section);
              return { op: 'setShape', section: p.section.id, shape: s.shape, ...(ground && { ground }) };
            },
            `${whereOf(p)}: ${s.character}`,
            placeOf(p),
            { before: shapes[p.section.shape]?.character ?? '', after: s.character },
          ),
        ])!;
      if (named[0]) return to(named[0]);
      if (wanted !== 'other')
        return question(
          `${sectionTitle(p.section)} has no shape like that. It has:`,
          ...others.slice(0, 5).map((s) => ({ label: s.character, reply: to(s) })),
        );
      const next = others[document.seed % others.length]!;
      return to(next);
    });
  },
};

/** A section on other pages too: one and the same there. */
export const sectionAlso: Intent = {
  name: 'section also',
  weight: 1.08,
  examples: [
    'show the story on the services page too',
    'put the story on every page as well',
    'this section should also be on the contact page',
  ],
  read(r, { document }) {
    if (!r.word('also:')) return null;
    if (r.has('part:picture', 'part:text', 'part:button', 'part:menu', 'look:', 'fact:') && !r.has('kind:'))
      return null;
    const pages = r.pages('at', 'to', '');
    const held = r.has('this:') || !r.has('kind:') ? r.inHand() : undefined;
    // The page it is to be on too does not say where it is now.
    const kind = r.every('kind:').find((k) => !pages.some((p) => p.id === k.of || p.label.toLowerCase() === k.by))?.of;
    const there = document.pages.flatMap((page) =>
      page.sections.flatMap((section) =>
        kindOf(section.shape) === kind && !pages.includes(page) ? [{ section, page }] : [],
      ),
    );
    const placed = held ?? there.find((p) => p.page === r.pageInHand()) ?? there[0];
    if (!placed?.page) return null;
    const free = pagesWithout(document, placed.section.id);
    const everywhere = !pages.length && r.has('all:');
    if (!pages.length && !everywhere) return null;
    r.every('also:', 'verb:', 'all:', 'this:', 'prep:', 'noun:page', 'noun:section', 'fact:hours', 'fact:address');
    const wanted = everywhere ? free : free.filter((p) => pages.includes(p));
    const title = sectionTitle(placed.section);
    const operation = alsoOn(
      document,
      placed.section.id,
      wanted.map((p) => p.id),
    );
    if (!operation)
      return no(
        canRepeat(placed.section)
          ? `${title} is there already.`
          : `${title} holds a form: it stands on one page alone.`,
      );
    return slip([
      change(
        operation,
        `${title} on ${wanted.map((p) => p.label).join(', ')} too, at the end: changed on one it is changed on all`,
        placeOf(placed),
      ),
    ]);
  },
};

/** A section at another place on its page, or on another page. */
export const sectionMove: Intent = {
  name: 'section move',
  weight: 1.02,
  examples: [
    'move the story on home first',
    'move the story to the bottom of the about page',
    'put the services above the story on home',
    'can this go above the story?',
  ],
  read(r, { document }) {
    if (!r.word('verb:move', 'verb:put')) return null;
    if (!r.beginsWithSection() || r.has('ground:', 'verb:add', 'part:menu', 'look:', 'part:picture', 'part:button'))
      return null;
    const moved = r.sections('')[0] ?? (r.has('this:') || !r.has('kind:') ? r.inHand() : r.sections()[0]);
    if (!moved?.page) return null;
    r.every('this:');
    const named = r.sections('');
    const here = r.pageInHand();
    const from =
      named.find((p) => p.section.id === r.hand.section) ??
      named.find((p) => r.pages('at').includes(p.page!)) ??
      named.find((p) => p.page === here) ??
      named[0] ??
      moved;
    if (!from?.page) return null;
    const pages = r.pages().filter((p) => p !== from.page);
    const target = pages[0] ?? from.page;
    const anchor = r.sections('before', 'after').find((p) => p.page === target && p.section !== from.section);
    const over = r.has('prep:before');
    const place = r.word('place:', 'nth:')?.of;
    r.every('prep:', 'noun:', 'all:', 'verb:');
    const others = target.sections.filter((s) => s !== from.section);
    const was = from.page.sections.indexOf(from.section);
    const to = anchor
      ? others.indexOf(anchor.section) + (over ? 0 : 1)
      : place === 'top' || place === '1'
        ? 0
        : place === 'bottom' || place === '-1'
          ? others.length
          : place === 'up'
            ? was - 1
            : place === 'down'
              ? was + 1
              : target !== from.page
                ? others.length
                : -1;
    if (to < 0 && place !== 'up') return null;
    const within = Math.max(0, Math.min(others.length, to));
    if (target === from.page && within === was) return no(`${whereOf(from)} stands there already.`);
    if (target !== from.page && !carryTo(document, from.section.id, target.id))
      return no(`${whereOf(from)} is all there is on ${from.page.label}: it cannot leave it.`);
    const next = others[within];
    return slip([
      change(
        { op: 'moveSection', section: from.section.id, page: target.id, to: within },
        `${sectionTitle(from.section)} ${target !== from.page ? `goes to ${target.label}, ` : ''}${next ? `above ${sectionTitle(next)}` : 'at the end'}`,
        { page: target.id, section: from.section.id },
      ),
    ]);
  },
};

/** Two sections that change places. */
export const sectionTrade: Intent = {
  name: 'section trade',
  weight: 1.06,
  examples: ['swap the order of services and the story on the home page', 'swap the story and the services on home'],
  read(r) {
    if (!r.word('verb:trade')) return null;
    const all = r.sections();
    const page = r.pages('at')[0] ?? r.pageInHand() ?? all[0]?.page;
    const here = all.filter((p) => p.page === page && page);
    const [a, b] = here;
    if (!a || !b || !page || a.section === b.section) return null;
    r.every('prep:', 'noun:', 'verb:');
    const [i, j] = [page.sections.indexOf(a.section), page.sections.indexOf(b.section)].sort((x, y) => x - y) as [
      number,
      number,
    ];
    const [first, second] = [page.sections[i]!, page.sections[j]!];
    return slip([
      change(
        {
          op: 'batch',
          operations: [
            { op: 'moveSection', section: second.id, page: page.id, to: i },
            ...(j > i + 1 ? [{ op: 'moveSection' as const, section: first.id, page: page.id, to: j }] : []),
          ],
        },
        `${sectionTitle(second)} comes where ${sectionTitle(first)} was, on ${page.label}`,
        { page: page.id, section: second.id },
        {
          before: `${sectionTitle(first)}, ${sectionTitle(second)}`,
          after: `${sectionTitle(second)}, ${sectionTitle(first)}`,
        },
      ),
    ]);
  },
};

/** The same section once more. */
export const sectionTwice: Intent = {
  name: 'section twice',
  examples: ['duplicate the story on home'],
  read(r, { document }) {
    if (!r.word('verb:twice')) return null;
    r.every('noun:section', 'prep:');
    return each(r, (p) => {
      const operation = twice(document, p.section.id);
      return operation
        ? slip([change(operation, `${whereOf(p)} once more under it`, placeOf(p))])
        : no(`${whereOf(p)} cannot be there twice.`);
    });
  },
};

/** What the footer says beside the facts. */
export const footerNote: Intent = {
  name: 'footer note',
  weight: 1.04,
  examples: ['write "Registered in Saltmarrow" in the footer', 'the footer should say "Member of the guild"'],
  read(r, { document }) {
    const words = r.quoted();
    const { footer } = document;
    if (!words || !r.has('kind:footer') || !footer || !isText(footer.content['note'])) return null;
    if (!r.word('verb:write', 'verb:add', 'verb:put', 'verb:say', 'verb:show')) return null;
    r.every('kind:footer', 'prep:', 'noun:', 'all:', 'part:text');
    return slip([
      change(
        {
          op: 'setText',
          at: { section: footer.id, path: 'note' },
          text: { value: words.slice(0, 400), from: { kind: 'designer' } },
        },
        'What the footer says, on every page',
        { section: footer.id },
        { before: footer.content['note'].value, after: words },
      ),
    ]);
  },
};

/** More or less room around a section. */
export const sectionRoom: Intent = {
  name: 'section room',
  weight: 1.03,
  examples: ['less space around the story on home', 'give the services on home more room'],
  read(r) {
    const device = deviceIn(r);
    const by = r.word('comp:room') ?? (r.word('too:') && r.word('raw:room'));
    if (!by || !(r.has('kind:') || ((r.has('this:') || device) && r.hand.section && !r.has('noun:page')))) return null;
    const less = by.kind === 'raw' ? by.by === '+' : by.by === '-';
    r.every('look:spacing', 'verb:', 'noun:section', 'prep:', 'degree:', 'more:', 'less:');
    if (/\baround\b/.test(r.even.low)) r.explain(r.even.low.indexOf('around'), r.even.low.indexOf('around') + 6);
    return each(r, (p) =>
      p.page
        ? slip([
            change(
              { op: 'setSection', section: p.section.id, ...(device && { on: device }), room: less ? 'close' : 'wide' },
              `${whereOf(p)}: ${less ? 'less' : 'more'} room above and below${device ? ` on the ${device}` : ''}`,
              placeOf(p),
            ),
          ])
        : null,
    );
  },
};

/** An item of a list, by its name or number, taken out or moved. */
export const itemChange: Intent = {
  name: 'item',
  weight: 1.01,
  examples: ['put the second one first', 'remove the last paragraph'],
  read(r, { document }: Context) {
    const out = r.word('verb:out');
    const moves = !out && r.word('verb:move', 'verb:put');
    if (!out && !moves) return null;
    const named = r.thing('item');
    const nths = r.every('nth:').map((n) => Number(n.of));
    if (!named && !(nths.length && (r.hand.section || r.has('noun:item')))) return null;
    if (!named && r.has('noun:section', 'noun:page', 'part:picture')) return null;
    const placed = named ? { section: named.section } : r.section();
    const list = placed && listsOf(placed.section).filter((l) => l.items.length)[0];
    if (!placed || !list) return null;
    r.every('noun:item', 'this:', 'part:text', 'prep:');
    const n = nths[0]!;
    const item = named ? list.items.find((i) => i.id === named.id) : list.items.at(n > 0 ? n - 1 : n);
    if (!item) return no(`There ${list.items.length === 1 ? 'is one' : `are ${list.items.length}`} there.`);
    const here = {
      section: placed.section.id,
      ...(whereIs(document, placed.section.id) && { page: whereIs(document, placed.section.id)!.page.id }),
    };
    const of = { section: placed.section.id, path: list.field };
    if (out)
      return slip([
        change(
          { op: 'removeItem', list: of, item: item.id },
          `${list.one} ${list.items.indexOf(item) + 1} goes`,
          here,
          { before: item.name },
        ),
      ]);
    const place = r.word('place:')?.of;
    const second = named ? nths[0] : nths[1];
    const from = list.items.indexOf(item);
    const to =
      place === 'top' || second === 1
        ? 0
        : place === 'bottom' || second === -1
          ? list.items.length - 1
          : place === 'up'
            ? from - 1
            : place === 'down'
              ? from + 1
              : second
                ? second - 1
                : -1;
    if (to < 0 || to >= list.items.length) return null;
    return slip([
      change(
        { op: 'moveItem', list: of, item: item.id, to },
        `${item.name || list.one} comes ${to === 0 ? 'first' : `as number ${to + 1}`}`,
        here,
      ),
    ]);
  },
};

/** One more item in a list. */
export const itemNew: Intent = {
  name: 'item new',
  examples: ['add another question', 'one more step here'],
  read(r, { document }) {
    if (!r.word('verb:add') && !/\bone more\b/.test(r.even.low)) return null;
    if (!r.every('noun:item').length || r.has('noun:page', 'noun:section')) return null;
    if (r.has('prep:after', 'prep:before')) return null;
    const placed = r.sections()[0] ?? r.inHand();
    const list = placed && listsOf(placed.section)[0];
    if (!placed || !list) return null;
    r.every('this:', 'more:', 'prep:');
    if (list.items.length >= list.most) return no(`There are ${some(list.items.length, 'item')} already: no more fit.`);
    const id = idFrom(`${placed.section.id} ${JSON.stringify(document.pages)}`);
    return slip([
      change(
        addItemUnder(placed.section, list.field, list.items.at(-1)?.id ?? '', id),
        `One more: ${list.one.toLowerCase()}, to be written`,
        { ...placeOf({ section: placed.section, page: whereIs(document, placed.section.id)?.page ?? null }) },
      ),
    ]);
  },
};
