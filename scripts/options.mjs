/** Options of the commands that start a server; each may also come from the environment. */
import { join, resolve } from "node:path";
import { parseArgs } from "node:util";
import { rootFolder } from "./install.mjs";

const USAGE = `Options:
  --port N     port to listen on; 0 takes any free one (STENZ_PORT; default 4173, then the next free one)
  --host H     address to listen on (STENZ_HOST; default 127.0.0.1: this machine only)
  --name N     a further name this Stenz answers to on the network; may be given again (STENZ_NAMES, with commas between)
  --data DIR   folder of the data files (STENZ_DATA; default var/)`;

const DEFAULT_PORT = 4173;

/** How many ports after the default are tried when it is taken. */
const SPARE_PORTS = 20;

/**
 * Reads the command line and the environment. Ends the process with a message for anything it cannot use.
 * @returns {{ host: string, names: string[], port: number, spare: number, dataFolder: string }}
 */
export function readOptions() {
  const given = parse();
  if (given.help) stop(USAGE, 0);
  const portText = given.port ?? process.env.STENZ_PORT;
  if (portText !== undefined && !(/^\d{1,5}$/.test(portText) && Number(portText) <= 65535)) {
    stop(`Expected a port from 0 to 65535, but got “${portText}”.\n${USAGE}`, 2);
  }
  const names = given.name ?? (process.env.STENZ_NAMES ?? "").split(",");
  return {
    names: names.map((name) => name.trim()).filter((name) => name !== ""),
    host: given.host ?? process.env.STENZ_HOST ?? "127.0.0.1",
    port: portText === undefined ? DEFAULT_PORT : Number(portText),
    spare: portText === undefined ? SPARE_PORTS : 0,
    dataFolder: resolve(given.data ?? process.env.STENZ_DATA ?? join(rootFolder, "var")),
  };
}

function parse() {
  try {
    const text = { type: "string" };
    return parseArgs({
      options: {
        port: text,
        host: text,
        data: text,
        name: { type: "string", multiple: true },
        help: { type: "boolean", short: "h" },
      },
    }).values;
  } catch (cause) {
    stop(`${cause.message}\n${USAGE}`, 2);
  }
}

function stop(message, status) {
  (status === 0 ? console.log : console.error)(message);
  process.exit(status);
}
