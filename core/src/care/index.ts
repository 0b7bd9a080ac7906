export * from './domain/mail.js';
export * from './domain/names.js';
export * from './checklist.js';
export * from './findings.js';
export * from './visits/count.js';
export * from './path/path.js';
export * from './servers/server-state.js';
