export * from './catalogue.js';
export * from './materials.js';
