import { PrecacheController, type PrecacheEntry } from "workbox-precaching";
import { WITHOUT_NETWORK } from "../keptPages.ts";

/** Stores of shells begin so; the build's mark follows. */
const SHELL = "stenz-shell-";

/** Scripts, styles and typefaces: their name changes with what they hold. */
const NAMED_BY_CONTENT = /^\/(?:assets\/|base-[0-9a-f]+\.css$|favicon\.svg$)/;

/**
 * What every page needs, kept whole by the build it came with. The shell of the build before stays: a fitting that was opened under it
 * still loads its own scripts, however late.
 */
export function shellOf(build: string, files: readonly (PrecacheEntry | string)[]) {
  const shell = new PrecacheController({ cacheName: SHELL + build });
  shell.addToCacheList([...files, { url: WITHOUT_NETWORK, revision: build }]);
  return {
    install: (event: ExtendableEvent) => shell.install(event),
    async activate(event: ExtendableEvent): Promise<void> {
      await shell.activate(event);
      const shells = (await caches.keys()).filter((name) => name.startsWith(SHELL));
      // In the order they were made; this build's may be an older one that is served again.
      const others = shells.filter((name) => name !== SHELL + build);
      await Promise.all(others.slice(0, -1).map((name) => caches.delete(name)));
    },
    holds: (path: string): boolean => NAMED_BY_CONTENT.test(path),
    /** A file of this build, or of the one before. */
    file: async (request: Request): Promise<Response> =>
      (await shell.matchPrecache(request)) ?? (await caches.match(request)) ?? fetch(request),
    /** The page that comes up in place of one that is not kept. */
    withoutNetwork: async (): Promise<Response> => (await shell.matchPrecache(WITHOUT_NETWORK)) ?? Response.error(),
  };
}
