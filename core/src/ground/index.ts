export * from './random.js';
export * from './ids.js';
export * from './problem.js';
export * from './some.js';
