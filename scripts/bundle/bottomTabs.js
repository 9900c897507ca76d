const { createContext } = require('react');

/** All that is asked of the router's own bar of tabs, which this application does not draw: no height of it. */
exports.BottomTabBarHeightContext = createContext(undefined);
