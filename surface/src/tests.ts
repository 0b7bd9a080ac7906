// The tests of the surface: they need a browser, and run with those of the interface.
import './words-editor.spec.js';
import './words-schema.spec.js';
