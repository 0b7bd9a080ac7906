import { factLabel, Facts, type FactField, type Person, type Service, type SiteDocument } from '../../../model/site.js';
import { readHours } from '../../../brief/hours/index.js';
import { idFrom } from '../../../ground/ids.js';
import { change, changeOn, no, question, slip, type Intent } from '../reply.js';
import type { Reader } from '../reader.js';

/** Words that judge a fact instead of giving it: “the address is wrong”. */
const JUDGES =
  /^(?:(?:all|still|now|just|really|very|quite|so|too|a bit|a little|completely|probably)\s+)*(?:wrong|not|no|incorrect|missing|out(?:dated| of date)|old|gone|never|nowhere|different|changed|hard|unclear|illegible|bad|good|fine|ok(?:ay)?|right|correct|nice|ugly|long|short|big|small|large|there|here|where|on|in|at the (?:top|bottom)|misspel+ed|misspelt|spel+ed|spelt|what|the (?:same|wrong|old)|hidden|visible|shown)\b/i;
const says = (hours: string) => {
  const { openings, closings, rules } = readHours(hours).hours;
  return openings.length + closings.length + rules.length > 0;
};
const GIVEN: Partial<Record<FactField, (r: Reader) => string | undefined>> = {
  phone: (r) => r.thing('phone')?.text,
  mail: (r) => r.thing('mail')?.text,
};
/** What says that a value follows. */
const LINK =
  /(?:\b(?:is|are)(?: now| from now on)?|\b(?:ist|sind|lautet)(?: jetzt| nun)?|\best(?: maintenant)?|\bes(?: ahora)?|\bshould (?:be|read|say)|\bmust be|[:=]|\bit'?s|\bnow)\s+(?=\S)/g;
const LINK_TO = /\bto\s+(?=\S)/g;

/** The value a sentence gives a fact: what is quoted, or what follows the last word that announces one. */
function valueIn(r: Reader, field: FactField): string | undefined {
  const given = GIVEN[field];
  if (given) return given(r);
  const quoted = r.quoted();
  if (quoted) return quoted;
  const low = r.even.low.slice(r.from, r.to);
  const judged =
    /\b(?:wrong|incorrect|not right|out of date|old)\b[\s,;:.–-]*(?:it|they)?\s*(?:should|must|ought to)\s+(?:be|say|read)\s+/.exec(
      low,
    );
  const links = [...low.matchAll(LINK), ...(r.has('verb:change', 'verb:rename') ? low.matchAll(LINK_TO) : [])];
  const at = judged ? judged.index + judged[0].length : links[0] ? links[0].index + links[0][0].length : -1;
  if (at < 0) return undefined;
  const value = r.even.raw.slice(r.from + at, r.to).trim();
  if (!judged && JUDGES.test(value)) return undefined;
  if (/[,;.]\s*(?:it|they|that|please|can|could|should)\b/i.test(value)) return undefined;
  r.explain(r.from, r.to);
  return value.replace(/^["“„«‘'](.*)["”»’']$/s, '$1').trim();
}

/** How a site can be reached, and what it is called: said once, and everywhere it stands. */
export const fact: Intent = {
  name: 'fact',
  examples: [
    'the phone is 01632 960 115',
    'new mail: office@yard.example',
    'the address is wrong, it should be Unit 8, Strand',
    'our strapline is "Wood, water, wind"',
  ],
  read(r, { document }) {
    const puts = r.has('verb:put') && r.has('noun:page', 'kind:gallery');
    if (puts || r.has('verb:out', 'verb:add', 'seo:', 'verb:send', 'part:')) {
      if (!r.has('verb:rename') || r.has('part:')) return null;
    }
    const mail = r.has('fact:mail') && r.thing('mail');
    const field = (r.word('fact:')?.of ?? '') as FactField | 'links' | '';
    if (!field || field === 'links') return null;
    if (field === 'hours' && r.has('kind:') && r.has('noun:page') && !r.has('verb:change')) return null;
    const value = mail ? mail.text : valueIn(r, field);
    r.every('verb:change', 'verb:say', 'verb:use', 'verb:rename', 'verb:add', 'noun:site', 'kind:hours', 'prep:');
    const label = factLabel(field);
    if (!value || (field === 'hours' && !says(value))) {
      if (field === 'hours')
        return question(
          `How should the opening hours read in full? They are now: ${document.facts.hours || 'not known'}. Say: hours are …`,
        );
      return r.has('verb:') || /\b(?:is|are)\b/.test(r.even.low)
        ? question(`That does not say plainly what the ${label.toLowerCase()} is. Say: ${field} is …`)
        : null;
    }
    const limit = Facts.properties[field].maxLength ?? 200;
    if (value.length > limit) return no(`That is too long for the ${label.toLowerCase()}: ${limit} letters at most.`);
    return slip([
      change(
        { op: 'setFact', field, value },
        `${label}, everywhere it stands`,
        {},
        {
          before: document.facts[field] || 'not said',
          after: value,
        },
      ),
    ]);
  },
};

/** An address elsewhere on the web. */
export const elsewhere: Intent = {
  name: 'elsewhere',
  examples: ['add our channel https://boats.example/hollis'],
  read(r, { document }) {
    const url = r.thing('url')?.text;
    if (!url || !r.has('verb:add', 'verb:link', 'fact:links', 'verb:put')) return null;
    r.every('verb:add', 'verb:link', 'fact:links', 'verb:put', 'part:button', 'kind:footer', 'prep:');
    const address = /^https?:/.test(url) ? url : `https://${url}`;
    const values = (d: SiteDocument) => [...new Set([...d.facts.links, address])];
    return slip([
      changeOn(
        document,
        (d) => ({ op: 'setList', field: 'links', values: values(d) }),
        'Elsewhere on the web',
        {},
        { after: address },
      ),
    ]);
  },
};

const money = (said: string): string => {
  const m =
    /(£|€|\$)? ?(\d+(?:[.,]\d{2})?) ?(£|€|\$|pounds?|euros?|dollars?|quid|francs?)? ?((?:a|per|an|each) [a-z]+|\/ ?[a-z]+)?/i.exec(
      said,
    )!;
  const word = (m[1] ?? m[3] ?? '').toLowerCase();
  const sign = /^(?:£|pound|quid)/.test(word) ? '£' : /^(?:€|euro)/.test(word) ? '€' : '$';
  return `${sign}${m[2]}${m[4] ? ` ${m[4].replace(/^per /, 'a ').replace(/^\/ ?/, 'a ')}` : ''}`;
};
/** A price said anew keeps what it is for: “£95 a night” stays by the night. */
const priced = (was: string, now: string): string => {
  const per = / (?:a|an|each|per) .+$/.exec(was)?.[0] ?? '';
  return / (?:a|an|each) /.test(now) ? now : now + per;
};

/** What a service costs. */
export const price: Intent = {
  name: 'price',
  examples: ['Rigging costs £60 an hour from now on', 'hull survey is now 300 pounds'],
  read(r, { document }) {
    const said =
      r.word('money:') &&
      r.find(
        /(?:(?:£|€|\$) ?\d+(?:[.,]\d{2})?|\d+(?:[.,]\d{2})? ?(?:£|€|pounds?|euros?|dollars?|quid|francs?))(?: (?:a|per|an|each) [a-z]+| ?\/ ?[a-z]+)?/,
      );
    const id = r.thing('service')?.id;
    if (!said || !id) return null;
    r.every('part:price', 'verb:change', 'verb:use', 'prep:', 'noun:item');
    const service = document.facts.services.find((s) => s.id === id)!;
    const value = priced(service.price, money(said[0]));
    const services = (d: SiteDocument) => d.facts.services.map((s) => (s.id === id ? { ...s, price: value } : s));
    r.explain(r.from + said.index, r.from + said.index + said[0].length);
    return slip([
      changeOn(
        document,
        (d) => ({ op: 'setServices', services: services(d) }),
        `What ${service.name} costs, everywhere it stands`,
        {},
        {
          before: service.price || 'no price',
          after: value,
        },
      ),
    ]);
  },
};

/** A service that is given up. */
export const serviceOut: Intent = {
  name: 'service out',
  weight: 1.02,
  examples: ["we don't offer rigging any more", 'remove rigging from our services'],
  read(r, { document }) {
    if (!r.has('verb:stop', 'verb:out') || r.has('kind:gallery', 'part:', 'noun:page')) return null;
    const id = r.thing('service')?.id;
    const service = document.facts.services.find((s) => s.id === id);
    if (!service) return null;
    const stopped = r.word('verb:stop') !== undefined;
    r.every('verb:out', 'kind:services', 'noun:item', 'all:', 'prep:');
    if (!stopped && r.things('page').length) return null;
    return slip([
      changeOn(
        document,
        (d) => ({ op: 'setServices', services: d.facts.services.filter((s) => s.id !== id) }),
        `${service.name} goes, wherever it stands`,
        {},
        { before: service.name },
      ),
    ]);
  },
};

/** One more service, by its name. */
export const serviceNew: Intent = {
  name: 'service new',
  examples: [
    'add a service: Sail repair, £40 an hour',
    'add a fourth service called Mast making',
    'we also do spars now, from £900',
  ],
  read(r, { document }) {
    if (r.has('kind:questions') || r.has('noun:page')) return null;
    const also =
      /\bwe (?:(?:also|now) ){1,2}(?:do|make|offer|sell|mend|repair)\s+(.+?)(?:\s+now)?(?=,|$|\s+(?:from|for|at)\s)(.*)$/i.exec(
        r.words,
      );
    if (!also && (!r.word('verb:add') || !r.word('noun:item'))) return null;
    const m = also
      ? ([also[0], `${also[1]}${also[2]}`] as unknown as RegExpExecArray)
      : /(?:services?|rooms?|offers?|items?|things?(?: on the (?:shelf|list|menu))?)\b\s*(?:called|named|:|,|for|-|–)?\s*(.+)$/i.exec(
          r.words,
        );
    if (!m || r.things('service').length) return null;
    const quoted = r.quoted();
    const rest = m[1]!.trim();
    const cost =
      /(?:£|€|\$) ?\d+\S*(?: (?:a|an|per|each) \w+)?|\d+ (?:pounds?|euros?|dollars?)(?: (?:a|an|per) \w+)?/i.exec(rest);
    const name = (quoted ?? rest.slice(0, cost?.index ?? rest.length).replace(/^(?:the|a|an|called|named)\s+/i, ''))
      .replace(/[\s,;:–-]+(?:for|at|from)?\s*$/, '')
      .trim();
    if (!name || name.length > 120 || name.split(/\s+/).length > 7 || /\b(?:to|on|about)\b/i.test(name)) return null;
    r.explain(r.from, r.to);
    const service: Service = {
      id: `v${idFrom(`${name} ${JSON.stringify(document.facts.services)}`).slice(1)}`,
      name: name[0]!.toUpperCase() + name.slice(1),
      detail: '',
      price: cost ? money(cost[0]) : '',
    };
    return slip([
      changeOn(
        document,
        (d) => ({ op: 'setServices', services: [...d.facts.services, service] }),
        'One more on the list',
        {},
        {
          after: [service.name, service.price].filter(Boolean).join(', '),
        },
      ),
    ]);
  },
};

/** Where what is sent through the form goes. */
export const delivery: Intent = {
  name: 'delivery',
  weight: 1.05,
  examples: ['send the form to office@yard.example', 'enquiries should go to office@yard.example'],
  read(r, { document }) {
    if (!r.word('verb:send', 'verb:change') || !r.word('part:form', 'kind:contact')) return null;
    const mail = r.thing('mail')?.text;
    const form = document.forms[0];
    if (!mail || !form) return null;
    r.every('prep:', 'verb:', 'fact:mail');
    return slip([
      change(
        { op: 'setForm', form: form.id, deliverTo: mail },
        'What the form is sent to',
        {},
        {
          before: form.deliverTo || 'the inbox alone',
          after: mail,
        },
      ),
    ]);
  },
};

/** Somebody who works there, with what they do. */
export const person: Intent = {
  name: 'person',
  weight: 1.04,
  examples: ['Anna is the owner, put her on the about page', 'Tom Reed is our new rigger, add him'],
  read(r, { document }) {
    const m =
      /^(\p{Lu}[\p{L}'’-]+(?: \p{Lu}[\p{L}'’-]+){0,2}) is (?:the|our|a|an) (?:new )?([\p{L} -]{3,60}?)\s*[,;:]?\s*(?:and|so)?\s*(?:please )?(?:put|add|show|list)\b/u.exec(
        r.words,
      );
    if (!m) return null;
    r.explain(r.from, r.to);
    const [, name = '', role = ''] = m;
    const known = document.facts.people.find((p) => p.name.startsWith(name));
    const added: Person = { id: `n${idFrom(`${name} ${role}`).slice(1)}`, name, role };
    const people = (d: SiteDocument) =>
      known ? d.facts.people.map((p) => (p.id === known.id ? { ...p, role } : p)) : [...d.facts.people, added];
    return slip(
      [
        changeOn(
          document,
          (d) => ({ op: 'setPeople', people: people(d) }),
          'Who works there',
          {},
          { before: known ? `${known.name}, ${known.role}` : '', after: `${known?.name ?? name}, ${role}` },
        ),
      ],
      document.pages.some((p) => p.sections.some((s) => s.shape.startsWith('people/')))
        ? []
        : ['No page shows people yet: ask for a people section on the page where they should stand.'],
    );
  },
};
