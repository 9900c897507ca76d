Object.defineProperty(exports, '__esModule', { value: true });

/** Nothing is animated by script here: what could be is drawn as it stands. */
exports.default = { createAnimatedComponent: (component) => component };
