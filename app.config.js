/** The routes lie in app/; `npm run bench` builds an empty page of the same framework in their place. */
module.exports = ({ config }) => ({
  ...config,
  extra: { router: { root: process.env.APP_ROOT ?? 'app' } },
});
