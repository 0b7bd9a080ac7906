export * from './config.js';
export * from './host.js';
export { previewToken } from './preview.js';
