export * from './site.js';
export * from './page.js';
export * from './marks.js';
