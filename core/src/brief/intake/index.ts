export * from './intake.js';
