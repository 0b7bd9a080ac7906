export * from './carrier.js';
export * from './outbox.js';
