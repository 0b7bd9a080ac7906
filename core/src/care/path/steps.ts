/** The steps of the path a site goes, from the brief to its care. */
export const STEPS = ['brief', 'plan', 'look', 'pages', 'seo', 'domain', 'publish', 'care'] as const;
export type Step = (typeof STEPS)[number];
