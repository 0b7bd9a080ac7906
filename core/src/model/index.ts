export * from './site.js';
export * from './page.js';
export * from './marks.js';
export * from './collection-kinds.js';
export * from './desk-lines.js';
