export * from './hours.js';
export { readHours } from './read.js';
