/** What a change was made with: by hand, by the writer, through the ask line, by the client on their own site, or brought in. */
export const PARTS = ['designer', 'writer', 'ask', 'client', 'import'] as const;
export type Part = (typeof PARTS)[number];

/** How the history tells it, behind the name of whoever made the change. */
export const PART_WORDS: Record<Part, string> = {
  designer: '',
  writer: 'with the writer',
  ask: 'by the ask line',
  client: 'on the site itself',
  import: 'brought in',
};
