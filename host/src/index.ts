export * from './config.js';
export * from './host.js';
