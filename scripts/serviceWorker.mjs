/** Builds the service worker: what has a browser keep the application and the pages of jobs opened lately. */
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import { rootFolder } from "./install.mjs";

/** Files of the build that every device keeps. */
const KEPT = ["assets/**/*.{js,css,woff2}", "favicon.svg"];

/**
 * Builds `client/service-worker.js` into a built application, with the mark of that build and the list of its files. The packages are
 * asked for only here: they may have been installed a moment ago.
 */
export async function buildServiceWorker(buildFolder, mark) {
  const { build } = await import("vite");
  const { injectManifest } = await import("workbox-build");
  const { baseStyles } = await import(pathToFileURL(join(buildFolder, "server/index.js")).href);
  const outDir = join(buildFolder, "worker");
  await build({
    configFile: false,
    root: rootFolder,
    publicDir: false,
    logLevel: "warn",
    mode: "production",
    define: { __STENZ_BUILD__: JSON.stringify(mark), "process.env.NODE_ENV": JSON.stringify("production") },
    build: {
      outDir,
      lib: {
        entry: "app/offline/worker/main.ts",
        formats: ["iife"],
        name: "stenz",
        fileName: () => "service-worker.js",
      },
    },
  });
  const { warnings } = await injectManifest({
    swSrc: join(outDir, "service-worker.js"),
    swDest: join(buildFolder, "client/service-worker.js"),
    globDirectory: join(buildFolder, "client"),
    globPatterns: KEPT,
    // Their names change with what they hold.
    dontCacheBustURLsMatching: /^assets\//,
    maximumFileSizeToCacheInBytes: 8e6,
    // Made by the server, not lying there as a file.
    additionalManifestEntries: [{ url: baseStyles().address, revision: null }],
  });
  for (const warning of warnings) console.error(warning);
}
