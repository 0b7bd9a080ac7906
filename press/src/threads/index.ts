export * from './answer.js';
export * from './thread.js';
