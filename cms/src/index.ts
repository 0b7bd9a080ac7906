export * from './answer.js';
export * from './documents.js';
export * from './forms.js';
export * from './messages.js';
export * from './schema.js';
export * from './transaction.js';
