import { priceIn, speaks } from '../../brief/format.js';
import type { SiteLanguage } from '../../language/language.js';
import type { BusinessEvent, Facts, Person, Service, Text } from '../../model/site.js';
import { capital, serviceIn } from '../writer/slots.js';
import { brief, nothing, placeholder } from './texts.js';

/** What the pages are written with that depends on the facts alone: how each part of a service and a person is said. */
export const saidOf = (facts: Facts, language: SiteLanguage) => {
  const own = speaks(language, facts);
  const showPrices = !facts.unwanted.some((u) => /price|precio|prix|preis/i.test(u));
  return {
    serviceName: (s: Service): Text => {
      const name = serviceIn(language, s.name, facts);
      return name === null
        ? placeholder(s.name, `What is “${s.name}” called in ${language.english}?`)
        : brief(name, s.name, `services/${s.id}/name`);
    },
    serviceDetail: (s: Service): Text =>
      s.detail && own
        ? brief(
            /[.!?…]$/.test(s.detail) ? capital(s.detail) : `${capital(s.detail)}.`,
            s.detail,
            `services/${s.id}/detail`,
          )
        : nothing,
    servicePrice: (s: Service): Text =>
      s.price && showPrices ? brief(priceIn(language, s.price, facts), s.price, `services/${s.id}/price`) : nothing,
    personName: (p: Person): Text => brief(p.name, p.name, `people/${p.id}/name`),
    personRole: (p: Person): Text => (p.role && own ? brief(capital(p.role), p.role, `people/${p.id}/role`) : nothing),
    personAbout: (p: Person): Text => (p.about && own ? brief(p.about, p.about, `people/${p.id}/about`) : nothing),
    event: (e: BusinessEvent): Record<'date' | 'name' | 'text' | 'place', Text> => {
      const part = (value: string, field: string) =>
        value ? brief(capital(value), value, `events/${e.id}/${field}`) : nothing;
      return {
        date: part(e.when, 'when'),
        name: part(e.name, 'name'),
        text: part(e.detail, 'detail'),
        place: part(e.place, 'place'),
      };
    },
  };
};
