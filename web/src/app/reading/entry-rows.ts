import type { EntryFact } from '@tin-porch/core/model';

/**
 * A field of an entry: what stands in it while it is empty, what it is called of the n-th, and how much fits. The first two
 * of an entry share a line.
 */
export interface EntryField {
  key: string;
  placeholder: string;
  says: string;
  most: number;
  /** Whether it is written in several lines. */
  long: boolean;
}
/** A list of the facts whose entries have fields of their own. */
export interface EntryRows {
  list: EntryFact;
  title: string;
  hint: string;
  /** What one of them is called. */
  one: string;
  id: string;
  most: number;
  fields: readonly EntryField[];
}

const field = (key: string, placeholder: string, says: string, most: number, long = false): EntryField => ({
  ...{ key, placeholder, says, most, long },
});

export const SERVICES: EntryRows = {
  list: 'services',
  title: 'Services',
  hint: 'One line each. A sentence and a price, where there are any, go on the site as they are; groups become headings.',
  one: 'Service',
  id: 'v',
  most: 40,
  fields: [
    field('name', 'Service', 'Service', 120),
    field('price', 'Price', 'Price of service', 60),
    field('detail', 'In a sentence or two', 'More about service', 600, true),
    field('group', 'Group, where they come in groups', 'Group of service', 60),
  ],
};
export const PEOPLE: EntryRows = {
  list: 'people',
  title: 'People',
  hint: 'Who visitors will meet.',
  one: 'Person',
  id: 'p',
  most: 24,
  fields: [
    field('name', 'Name', 'Name of person', 80),
    field('role', 'What they do', 'What they do, person', 120),
    field('about', 'In a sentence', 'About person', 300, true),
  ],
};
export const CONTACTS: EntryRows = {
  list: 'contacts',
  title: 'Further numbers and addresses',
  hint: 'Phones and mails beside the main ones, or those once more, with what each is for. They stand wherever people are told how to reach them.',
  one: 'Number or address',
  id: 'c',
  most: 24,
  fields: [
    field('value', 'Phone or mail', 'Number or address', 254),
    field('what', 'What for', 'What for, number', 120),
  ],
};
export const BRANCHES: EntryRows = {
  list: 'branches',
  title: 'Further places',
  hint: 'A second shop, a yard, an office: each with its own hours, told with the main place.',
  one: 'Place',
  id: 'b',
  most: 12,
  fields: [
    field('name', 'What it is called', 'Place', 80),
    field('phone', 'Phone', 'Phone of place', 40),
    field('address', 'Address', 'Address of place', 400, true),
    field('hours', 'Opening hours, a line a rule', 'Opening hours of place', 600, true),
  ],
};
export const EVENTS: EntryRows = {
  list: 'events',
  title: 'Events and regular dates',
  hint: 'What is on at times of its own: a market, an evening, an open day. Nothing of it counts as opening hours.',
  one: 'Event',
  id: 'e',
  most: 40,
  fields: [
    field('name', 'What', 'Event', 120),
    field('when', 'When', 'When, event', 160),
    field('place', 'Where', 'Where, event', 160),
    field('detail', 'In a sentence', 'More about event', 300, true),
  ],
};
