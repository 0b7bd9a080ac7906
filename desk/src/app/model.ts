// What the desk’s API takes and answers, as `cms/src/desk/` has it.

export interface Here {
  site: { name: string; address: string; language: string };
  me: { name: string; mail: string; role: 'publish' | 'write' | 'messages' | 'designer'; password: boolean };
  unread: number;
}
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
export interface RawMessage {
  id: string;
  fields: Record<string, string>;
  receivedAt: string;
}
export interface Today {
  messages: RawMessage[];
  lines: Line[];
  proposals: ProposalLine[];
  visits: Record<string, { visits: number; pages: number }> | null;
  pressing: number;
}
export interface Place {
  section: string;
  path: string;
}
export interface DeskText {
  at: Place;
  label: string;
  value: string;
  long: boolean;
  most: number;
}
export interface DeskPage {
  id: string;
  label: string;
  hold: boolean;
  sections: { id: string; title: string; texts: DeskText[] }[];
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
export type FactField = 'phone' | 'mail' | 'address';
export interface Facts {
  facts: { field: FactField; value: string; pages: string[] }[];
  hours: { text: string; week: Week; pages: string[] };
  services: (Priced & { id: string })[];
}
export interface Message {
  id: string;
  form: string;
  fields: { name: string; label: string; value: string }[];
  receivedAt: string;
  readAt: string | null;
  note: string;
}
export type Change =
  | { kind: 'fact'; field: FactField; was: string; value: string }
  | { kind: 'hours'; was: string; value: Week }
  | { kind: 'text'; at: Place; was: string; value: string }
  | { kind: 'service'; service: string; was: Priced | null; value: Priced | null };
export interface SessionLine {
  name: string;
  agent: string;
  madeAt: string;
  seenAt: string;
  here: boolean;
}
