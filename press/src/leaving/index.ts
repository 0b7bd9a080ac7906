export * from './cms-files.js';
export * from './site-folder.js';
export * from './zip.js';
