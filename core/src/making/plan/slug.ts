/** The address of a page from its label: lower-case ASCII letters, digits and hyphens. */
export const slugOf = (label: string): string =>
  label
    .replace(/ß/g, 'ss')
    .normalize('NFD')
    .toLowerCase()
    .replace(/\p{M}/gu, '')
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, 60)
    .replace(/^-+|-+$/g, '') || 'page';
