export * from './site.js';
export * from './page.js';
