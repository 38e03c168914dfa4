/** A server to be soaked, on this machine only: `node soakServer.mjs DATA_FILE [demo]`. Prints its address as JSON. */
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import { buildFolder } from "../build.mjs";

process.env.NODE_ENV = "production";
const { startServer } = await import(pathToFileURL(join(buildFolder, "server/index.js")).href);
const [dataFile, demo] = process.argv.slice(2);
const running = await startServer({
  ...{ host: "127.0.0.1", shareHost: "127.0.0.1", names: [], port: 0, spare: 0, keepsUp: false },
  ...{ dataFile, demo: demo === "demo", clientFolder: join(buildFolder, "client") },
});
process.on("SIGTERM", () => running.stop().then(() => process.exit(0)));
process.on("disconnect", () => process.exit(0));
// Last: whoever reads it may ask it to end at once.
console.log(JSON.stringify({ address: running.address }));
