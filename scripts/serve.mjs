/** Serves the built application until it is told to stop. */
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import { buildFolder, ensureBuilt } from "./build.mjs";

/**
 * Builds what is not built, opens the data file and serves. Prints the address on a line of its own.
 *
 * @param {{ host: string, port: number, spare: number }} options
 * @param {string} dataFile the data file to open.
 * @param {boolean} demo fill it with the demo workshop.
 */
export async function serve(options, dataFile, demo) {
  process.env.NODE_ENV ??= "production";
  if (!ensureBuilt()) process.exit(1);
  const { startServer } = await import(pathToFileURL(join(buildFolder, "server/index.js")).href);
  try {
    const running = await startServer({ ...options, dataFile, demo, clientFolder: join(buildFolder, "client") });
    console.log(`Data file: ${dataFile}`);
    console.log(`Stenz is at ${running.address} (stop it with Ctrl+C)`);
    stopOnSignal(running);
  } catch (cause) {
    console.error(refusal(cause, options));
    process.exit(1);
  }
}

function stopOnSignal(running) {
  let stopping = false;
  for (const signal of ["SIGINT", "SIGTERM"]) {
    process.on(signal, async () => {
      if (stopping) return;
      stopping = true;
      await running.stop();
      process.exit(0);
    });
  }
}

function refusal(cause, { host, port, spare }) {
  if (cause.code === "EADDRINUSE") {
    const tried = spare > 0 ? `the ports ${port} to ${port + spare} are` : `port ${port} is`;
    return `Stenz did not start: ${tried} taken on ${host}. Name another with --port.`;
  }
  if (cause.code === "EADDRNOTAVAIL" || cause.code === "ENOTFOUND") {
    return `Stenz did not start: ${host} is not an address of this machine.`;
  }
  return `Stenz did not start: ${cause.message}`;
}
