export * from './darkroom.js';
export * from './picture-file.js';
