import type { Written } from '@tin-porch/surface';

// What the desk’s API takes and answers, as `cms/src/desk/` has it.

export interface Here {
  site: { name: string; address: string; language: string };
  me: {
    name: string;
    mail: string;
    role: 'owner' | 'publish' | 'write' | 'messages' | 'designer';
    designer: boolean;
    password: boolean;
  };
  unread: number;
  /** Whether answers go out by mail from here, and whether photographs are taken in. */
  mail: boolean;
  pictures: boolean;
  /** What grows on the site, in its own names. */
  lists: { id: string; kind: string; name: string; locked: boolean }[];
  /** The kinds of change that their designer keeps. */
  locked: Kind[];
}
/** Somebody at the desk, as whoever owns the site sees them. */
export interface PersonLine {
  id: string;
  name: string;
  mail: string;
  role: 'owner' | 'publish' | 'write' | 'messages';
  seenAt: string | null;
}
export interface PeopleHere {
  people: PersonLine[];
  log: { at: string; by: string; what: string }[];
  /** Who is asking. */
  me: string;
}
/** A link by which somebody signs in, and whether they were sent it too. */
export interface MadeLink {
  link: string;
  until: string;
  written?: boolean;
}
export type Kind = 'words' | 'pictures' | 'contact' | 'hours' | 'prices' | 'people' | 'items' | 'order';
export interface Line {
  seq: number;
  kind: 'do' | 'undo';
  words: string;
  by: string;
  at: string;
  takenBack: boolean;
}
export interface ProposalLine {
  id: string;
  words: string;
  by: string;
  note: string;
  at: string;
  answer: string | null;
}
/** A change that goes up by itself; `refused` is why it did not. */
export interface PlannedLine {
  id: string;
  words: string;
  by: string;
  when: string;
  refused: string | null;
}
export interface RawMessage {
  id: string;
  fields: Record<string, string>;
  receivedAt: string;
}
export interface Today {
  messages: RawMessage[];
  lines: Line[];
  proposals: ProposalLine[];
  planned: PlannedLine[];
  visits: Record<string, { visits: number; pages: number }> | null;
  pressing: number;
}
export interface Place {
  section: string;
  path: string;
}
/** What stands out in a text, as the surface a page is worked on with takes it. */
export type Marks = NonNullable<Written['marks']>;
export interface DeskText {
  at: Place;
  label: string;
  value: string;
  marks?: Marks;
  /** What may be done with its words. */
  form: 'words' | 'button' | 'line' | 'prose';
  long: boolean;
  most: number;
}
export interface DeskPage {
  id: string;
  label: string;
  hold: boolean;
  /** Where visitors find it, as `/contact/`. */
  path: string;
  /** The sections on it that show what is in a list, and what stands around it. */
  lists: { section: string; list: string }[];
  frames: string[];
  /** What stands on it, in its order, where that can be changed. */
  order: { id: string; name: string }[];
  sections: { id: string; title: string; locked: boolean; texts: DeskText[]; pictures: DeskPicture[] }[];
}
/** A picture as it stands in its place: which of the site’s, empty for none, and what is to be seen on it. */
export interface Shown {
  media: string;
  alt: string;
}
export interface DeskPicture {
  at: Place;
  /** What it belongs to, where that has a name. */
  of: string;
  shown: Shown;
}
export interface DayTime {
  opens: string;
  closes: string;
}
export interface Week {
  days: (DayTime[] | null)[];
  others: string[];
}
export interface Priced {
  name: string;
  detail: string;
  price: string;
}
/** Somebody who works there. */
export interface Known {
  name: string;
  role: string;
  about: string;
}
export type FactField = 'phone' | 'mail' | 'address';
export interface Facts {
  /** Which of it their designer keeps. */
  locked: { contact: boolean; hours: boolean; prices: boolean; people: boolean };
  facts: { field: FactField; value: string; pages: string[] }[];
  hours: { text: string; week: Week; pages: string[] };
  services: (Priced & { id: string })[];
  people: (Known & { id: string })[];
}
export interface Message {
  id: string;
  form: string;
  fields: { name: string; label: string; value: string }[];
  receivedAt: string;
  readAt: string | null;
  note: string;
  labels: string[];
  /** Who of the people sees to it, by id. */
  takenBy: string | null;
  answers: { words: string; by: string; at: string; state: string; error: string | null }[];
}
export type Change =
  | { kind: 'fact'; field: FactField; was: string; value: string }
  | { kind: 'hours'; was: string; value: Week }
  | { kind: 'text'; at: Place; was: string; value: string; wasMarks?: Marks; marks?: Marks }
  | { kind: 'service'; service: string; was: Priced | null; value: Priced | null }
  | { kind: 'person'; person: string; was: Known | null; value: Known | null }
  | { kind: 'picture'; at: Place; was: Shown; value: Shown }
  | { kind: 'order'; of: string; was: string[]; value: string[] }
  | { kind: 'item'; collection: string; item: string; was: ItemSaid | null; value: ItemSaid | null };
/** What an item of a list says; times as the clock on the wall of the business shows them. */
export interface ItemSaid {
  title: string;
  up: boolean;
  from: string;
  until: string;
  values: Record<string, string>;
  pictures?: Record<string, Shown>;
}
export type FieldType = 'text' | 'prose' | 'money' | 'place' | 'number' | 'date' | 'time' | 'choice' | 'picture';
export interface ListField {
  id: string;
  label: string;
  type: FieldType;
  choices: string[];
}
export interface List {
  id: string;
  kind: string;
  name: string;
  /** Whether its items are their designer’s. */
  locked: boolean;
  /** Whether its items stand somewhere in the order they are kept in. */
  ordered: boolean;
  count: number;
  fields: ListField[];
}
export interface ListItem {
  id: string;
  title: string;
  state: 'draft' | 'planned' | 'up' | 'over';
  when: string;
  said: ItemSaid;
}
export interface ItemsOf {
  list: List;
  zone: string;
  items: ListItem[];
  found: number;
}
/** What somebody signs in with besides a password. */
export interface Factors {
  codes: boolean;
  recoveryLeft: number;
  /** `here` where it is for the name this desk was opened by. */
  passkeys: { id: string; name: string; host: string; madeAt: string; usedAt: string | null; here: boolean }[];
  /** Whether a passkey can be bound to that name. */
  passkeysHere: boolean;
}
export interface NewCodes {
  secret: string;
  uri: string;
  svg: string;
}
export interface SessionLine {
  name: string;
  agent: string;
  madeAt: string;
  seenAt: string;
  here: boolean;
}
