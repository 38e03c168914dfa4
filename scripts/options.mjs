/** Options of the commands that start a server; each may also come from the environment. */
import { join, resolve } from "node:path";
import { parseArgs } from "node:util";
import { rootFolder } from "./install.mjs";

const USAGE = `Options:
  --port N     port to listen on; 0 takes any free one (STENZ_PORT; default 4173, then the next free one)
  --host H     shares it over the network at this address of the machine, 0.0.0.0 for all (STENZ_HOST; default 127.0.0.1: not at all)
  --share-port N  port for the network (STENZ_SHARE_PORT; default the one after its own, then the next free one)
  --name N     a further name this Stenz answers to on the network; may be given again (STENZ_NAMES, with commas between)
  --data DIR   folder of the data files (STENZ_DATA; default var/)`;

const DEFAULT_PORT = 4173;

/** How many ports after the default are tried when it is taken. */
const SPARE_PORTS = 20;

/**
 * Reads the command line and the environment. Ends the process with a message for anything it cannot use.
 * @returns {{ host: string, names: string[], port: number, spare: number, sharePort: number | null, dataFolder: string }}
 */
export function readOptions() {
  const given = parse();
  if (given.help) stop(USAGE, 0);
  const portText = given.port ?? process.env.STENZ_PORT;
  const sharePortText = given["share-port"] ?? process.env.STENZ_SHARE_PORT;
  for (const text of [portText, sharePortText])
    if (text !== undefined && !(/^\d{1,5}$/.test(text) && Number(text) <= 65535))
      stop(`Expected a port from 0 to 65535, but got “${text}”.\n${USAGE}`, 2);
  const names = given.name ?? (process.env.STENZ_NAMES ?? "").split(",");
  return {
    names: names.map((name) => name.trim()).filter((name) => name !== ""),
    host: given.host ?? process.env.STENZ_HOST ?? "127.0.0.1",
    port: portText === undefined ? DEFAULT_PORT : Number(portText),
    spare: portText === undefined ? SPARE_PORTS : 0,
    sharePort: sharePortText === undefined ? null : Number(sharePortText),
    dataFolder: resolve(given.data ?? process.env.STENZ_DATA ?? join(rootFolder, "var")),
  };
}

function parse() {
  try {
    const text = { type: "string" };
    return parseArgs({
      options: {
        port: text,
        "share-port": text,
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
