const path = require('path');
const { buildSync } = require('esbuild');

const root = path.join(__dirname, '../..');

/** Bundles core/zod.ts with nothing but what it names: Metro would take all of zod, nine times as much. Returns the file. */
exports.bundleZod = () => {
  const outfile = path.join(root, 'node_modules/.cache/sprindle/zod.js');
  buildSync({
    entryPoints: [path.join(root, 'core/zod.ts')],
    bundle: true,
    format: 'cjs',
    platform: 'browser',
    outfile,
  });
  return outfile;
};
