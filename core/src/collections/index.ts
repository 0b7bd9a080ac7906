export * from './times.js';
export * from './listing.js';
export * from './expand.js';
export * from './cards.js';
export * from './data.js';
export * from './feeds.js';
export * from './files.js';
