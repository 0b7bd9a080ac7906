import { speaks } from '../../brief/format.js';
import { capital } from '../writer/slots.js';
import type { Person, Section, Service, Text } from '../../model/site.js';
import { called, section, type Desk } from './desk.js';
import { saidOf } from './said.js';
import { brief, nothing } from './texts.js';

/** Words as their language contracts them: “de Anselme” is “d’Anselme”. */
const polished = (desk: Desk, words: string): string => desk.language.polish?.(words) ?? words;

/** A heading that names the business, in the words every site of this language has for it. */
const named = (desk: Desk, kind: 'partners' | 'vouched' | 'areas' | 'events'): Text =>
  brief(polished(desk, desk.words.headings[kind].replace('{name}', desk.facts.name)), desk.facts.name);

/** Who works there, where the facts name more than one. */
export function peopleSection(desk: Desk): Section[] {
  const { people } = desk.facts;
  if (people.length < 2) return [];
  return [
    section(desk, 'people/roster', `The facts name ${people.length} people.`, ['people'], {
      heading: called(desk, desk.language.filled.peopleHeading),
      items: people.map((p) => {
        const say = saidOf(desk.facts, desk.language);
        const about = say.personAbout(p);
        return { name: say.personName(p), role: say.personRole(p), text: about.value ? about : sentenceAbout(desk, p) };
      }),
    }),
  ];
}

/** A sentence of the client’s that begins with somebody’s name and stands nowhere yet: it stands with them. */
function sentenceAbout(desk: Desk, { name }: Person): Text {
  const given = name.split(/\s+/).find((w) => !/^(?:mr|mrs|ms|dr|herr|frau|m|mme|don|doña)\.?$/i.test(w)) ?? name;
  const n = desk.left.findIndex((s) => new RegExp(`^${literal(given)}(?![\\p{L}])`, 'u').test(s) && s.length <= 220);
  return n < 0 ? nothing : brief(desk.left.splice(n, 1)[0]!);
}
const literal = (s: string) => s.replace(/[\\^$.*+?()[\]{}|]/g, '\\$&');

/** What is on and when, where the facts say so: what stands there is told in no paragraph besides. */
export function eventsSection(desk: Desk): Section[] {
  const { facts, language } = desk;
  const events = facts.events.filter((e) => e.name && e.when);
  if (!events.length || !speaks(language, facts)) return [];
  const told = (s: string) =>
    s.split(/\s+/).length <= 24 && events.some((e) => s.toLowerCase().includes(e.when.toLowerCase()));
  desk.left = desk.left.filter((s) => !told(s));
  return [
    section(
      desk,
      'events/list',
      `The facts name ${events.length === 1 ? 'one event' : `${events.length} events`}.`,
      ['events'],
      {
        heading: named(desk, 'events'),
        items: events.map((e) => saidOf(facts, language).event(e)),
      },
    ),
  ];
}

/** The services in the groups they were given in, those of none last; null where they come in no groups. */
export function groupsOf(services: readonly Service[]): { group: string; services: Service[] }[] | null {
  const groups = new Map<string, Service[]>();
  for (const s of services) groups.set(s.group ?? '', [...(groups.get(s.group ?? '') ?? []), s]);
  const named = [...groups].filter(([g]) => g);
  if (named.length < 2 || named.some(([, list]) => list.length < 2)) return null;
  return [...groups]
    .sort(([a], [b]) => Number(a === '') - Number(b === ''))
    .map(([group, list]) => ({ group, services: list }));
}

/** What is said of belonging to something; the rest vouches for somebody in another way. */
const BELONGS =
  /(?<!\p{L})(?:member|guild|association|society|federation|chamber|affiliated|mitglied|innung|\p{L}*verband|\p{L}*verein|membre|syndicat|fédération|miembro|gremio|asociación|colegiad)/iu;
/** What the business belongs to, where the facts name more than one. */
export function partnersSection(desk: Desk): Section[] {
  const { memberships } = desk.facts;
  if (memberships.length < 2) return [];
  return [
    section(desk, 'partners/row', `The facts name ${memberships.length} memberships.`, ['memberships'], {
      heading: named(desk, memberships.every((m) => BELONGS.test(m)) ? 'partners' : 'vouched'),
      items: memberships.map((m) => ({ name: brief(capital(m), m) })),
    }),
  ];
}

/** The places the business comes to, where the facts list three or more. */
export function areasSection(desk: Desk): Section[] {
  const places = desk.facts.area.split(/,\s*|\s+(?:and|und|et|y)\s+/).map((p) => p.trim());
  if (places.length < 3 || !places.every((p) => /^\p{Lu}/u.test(p) && p.length < 40)) return [];
  return [
    section(desk, 'areas/run', 'The facts list the places they come to.', ['area'], {
      heading: named(desk, 'areas'),
      items: places.map((p) => ({ name: brief(p, desk.facts.area) })),
    }),
  ];
}
