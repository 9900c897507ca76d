/*
 * What the application's bundle has in the place of temporal-polyfill: the Temporal of the browser. Where that is missing,
 * public/start.js and the workers bring the polyfill first.
 */
Object.defineProperty(exports, 'Temporal', { get: () => globalThis.Temporal });
