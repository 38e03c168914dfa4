/** `npm run dev`: serves the sources with reloading, on a demo workshop of its own that is kept between starts. */
import { spawnSync } from "node:child_process";
import { existsSync } from "node:fs";
import { createServer as createHttpServer } from "node:http";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { ensureInstalled, rootFolder } from "./install.mjs";
import { readOptions } from "./options.mjs";
import { setUpPool } from "./pool.mjs";

// The packages' development builds must be chosen before anything is loaded, or two copies of one are.
if (!process.execArgv.includes("--conditions=development")) {
  const again = ["--conditions=development", fileURLToPath(import.meta.url), ...process.argv.slice(2)];
  const { status } = spawnSync(process.execPath, again, {
    stdio: "inherit",
    env: { ...process.env, NODE_ENV: "development" },
  });
  process.exit(status ?? 1);
}

const { host, names, port, dataFolder } = readOptions();
ensureInstalled({ tools: true });
await setUpPool();
const { createServer } = await import("vite");
const { default: express } = await import("express");
const vite = await createServer({ root: rootFolder, server: { middlewareMode: true }, appType: "custom" });
const { accessFileOf, openAccess, holdStore, openStore, addDemoWorkshop, expressApp, hostsOf } =
  await vite.ssrLoadModule("/app/.server/main.ts");
const dataFile = join(dataFolder, "dev.sqlite");
const isNew = !existsSync(dataFile);
const store = await openStore(dataFile);
const access = await openAccess(accessFileOf(dataFile));
if (isNew) await addDemoWorkshop(store);

const app = express();
app.use(vite.middlewares);
app.use(expressApp({ held: holdStore(store), access, clientFolder: null, knowsHost: hostsOf(host, names) }));
const server = createHttpServer(app).listen(port, host, () =>
  console.log(`Stenz (development) is at http://${host}:${port}/`),
);

for (const signal of ["SIGINT", "SIGTERM"]) {
  process.on(signal, async () => {
    server.closeAllConnections();
    server.close();
    await vite.close();
    await store.close();
    await access.close();
    process.exit(0);
  });
}
