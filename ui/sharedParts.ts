/*
 * What several later parts share is a script of its own, which the bundler would load with the first screen. index.html only
 * names it (scripts/shell.ts), and the first part that is loaded later brings it along.
 */

type Loading = { __loadBundleAsync?: (path: string) => Promise<unknown> };

/** The id of the link that names the script. */
const LINK = 'shared-parts';

let shared: Promise<void> | undefined;

/** Loads the script, once; what failed is tried anew. */
const loadShared = (address: string): Promise<void> =>
  new Promise((loaded, failed) => {
    const script = document.createElement('script');
    script.src = address;
    script.onload = () => loaded();
    script.onerror = () => {
      shared = undefined;
      script.remove();
      failed(new Error(`${address} could not be loaded`));
    };
    document.head.append(script);
  });

// the loader of Metro’s runtime, which has no type
const runtime = globalThis as Loading;
const loadPart = runtime.__loadBundleAsync;
const address = typeof document === 'undefined' ? null : document.getElementById(LINK)?.getAttribute('href');
if (loadPart && address)
  runtime.__loadBundleAsync = async (path) => {
    shared ??= loadShared(address);
    // neither runs before both are there
    const [part] = await Promise.all([loadPart(path), shared]);
    return part;
  };

export {};
