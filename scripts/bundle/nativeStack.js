/** The router's stack of native screens, which the web has no use for and this application never draws. */
exports.createNativeStackNavigator = () => ({ Navigator: () => null });
