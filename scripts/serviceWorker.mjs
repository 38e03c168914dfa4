/** Builds the service worker: what has a browser keep the application and the pages of jobs opened lately. */
import { createHash } from "node:crypto";
import { readdirSync, readFileSync } from "node:fs";
import { join, sep } from "node:path";
import { pathToFileURL } from "node:url";
import { rootFolder } from "./install.mjs";

/** Files of the build that every device keeps: their names change with what they hold. */
const KEPT = /\.(js|css|woff2)$/;

/** One that is kept though its name stays. */
const FAVICON = "favicon.svg";

/**
 * Builds `client/service-worker.js` into a built application, with the mark of that build and the list of its files. The packages are
 * asked for only here: they may have been installed a moment ago.
 */
export async function buildServiceWorker(buildFolder, mark) {
  const { build } = await import("vite");
  const { baseStyles } = await import(pathToFileURL(join(buildFolder, "server/index.js")).href);
  const client = join(buildFolder, "client");
  await build({
    configFile: false,
    root: rootFolder,
    publicDir: false,
    logLevel: "warn",
    mode: "production",
    define: {
      __STENZ_BUILD__: JSON.stringify(mark),
      // Styles are made by the server, not lying there as a file.
      __STENZ_FILES__: JSON.stringify([...filesOf(client), { url: baseStyles().address, revision: null }]),
      "process.env.NODE_ENV": JSON.stringify("production"),
    },
    build: {
      outDir: client,
      emptyOutDir: false,
      lib: {
        entry: "app/offline/worker/main.ts",
        formats: ["iife"],
        name: "stenz",
        fileName: () => "service-worker.js",
      },
    },
  });
}

/** Addresses of the files that are kept, each with what tells its states apart where its name does not. */
function filesOf(client) {
  const assets = readdirSync(join(client, "assets"), { recursive: true })
    .filter((name) => KEPT.test(name))
    .sort()
    .map((name) => ({ url: `assets/${name.split(sep).join("/")}`, revision: null }));
  const favicon = createHash("sha256").update(readFileSync(join(client, FAVICON)));
  return [...assets, { url: FAVICON, revision: favicon.digest("hex").slice(0, 16) }];
}
