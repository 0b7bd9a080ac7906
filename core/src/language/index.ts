export * from './registry.gen.js';
export type { SiteLanguage, FixedWords } from './language.js';
