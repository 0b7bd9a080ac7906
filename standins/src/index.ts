export type { StandinsConfig } from './config.js';
export { Authority } from './acme/authority-keys.js';
export * from './dns/server.js';
export { Names } from './registrar/names.js';
export * from './standins.js';
export { arrived, mailPage, mailServer, type Arrived } from './mail/mail.js';
