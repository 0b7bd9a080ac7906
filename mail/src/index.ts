export * from './carrier.js';
export * from './html.js';
export * from './outbox.js';
