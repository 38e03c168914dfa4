/** Serves the built application until it is told to stop. */
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import { buildFolder, ensureBuilt } from "./build.mjs";

/**
 * Builds what is not built, opens the data file and serves. Prints the address on a line of its own.
 *
 * @param {{ host: string, names: string[], port: number, spare: number }} options
 * @param {string} dataFile the data file to open.
 * @param {boolean} demo fill it with the demo workshop.
 */
export async function serve(options, dataFile, demo) {
  process.env.NODE_ENV ??= "production";
  if (!(await ensureBuilt())) process.exit(1);
  const { startServer } = await import(pathToFileURL(join(buildFolder, "server/index.js")).href);
  try {
    const running = await startServer({
      ...options,
      dataFile,
      demo,
      keepsUp: !demo,
      clientFolder: join(buildFolder, "client"),
    });
    console.log(`Data file: ${dataFile}`);
    for (const warning of running.warnings) console.warn(`WARNING: ${warning}`);
    console.log(`Stenz is at ${running.address} (stop it with Ctrl+C)`);
    stopOnSignal(running);
  } catch (cause) {
    console.error(refusal(cause, options));
    process.exit(1);
  }
}

/** Stopping ends within this time, whatever still hangs, ms. */
const STOPPED_WITHIN_MS = 4500;

/** How often it is looked whether npm is still there, ms. */
const PARENT_EVERY_MS = 1000;

function stopOnSignal(running) {
  let stopping = false;
  const stop = async () => {
    if (stopping) return;
    stopping = true;
    setTimeout(() => process.exit(0), STOPPED_WITHIN_MS).unref();
    await running.stop();
    process.exit(0);
  };
  for (const signal of ["SIGINT", "SIGTERM"]) process.on(signal, stop);
  if (process.env.npm_lifecycle_event === undefined) return;
  // A signal to npm alone ends npm and not what it started: without it, nobody could stop this any more.
  const parent = process.ppid;
  setInterval(() => {
    if (process.ppid !== parent) void stop();
  }, PARENT_EVERY_MS).unref();
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
