export * from './restic.js';
