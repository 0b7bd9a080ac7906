export * from './render/render.js';
export { fontPath, type FontCut } from './render/css.js';
export * from './seo/seo.js';
export * from './seo/width.js';
export * from './release/manifest.js';
export * from './release/drawn-at.js';
export * from './release/content.js';
export * from './render/headings.js';
