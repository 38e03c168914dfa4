import type { RequestListener } from "node:http";
import { fileURLToPath } from "node:url";
import { accessFileOf, openAccess } from "../../data/access/index.ts";
import { addDemoWorkshop } from "../../data/demo/index.ts";
import { openStore } from "../../data/store.ts";
import { baseStyles } from "../theme/baseStyles.server.tsx";
import { closeGauges } from "./gauge/sharedGauge.ts";
import { expressApp } from "./http/expressApp.ts";
import { hostsOf, isLoopback } from "./http/hosts.ts";
import { type ListenOn, listen, patientServer, shut } from "./http/patientServer.ts";
import { logFileOf, requestLog } from "./http/requestLog.ts";
import { holdStore } from "./keeping/heldStore.ts";
import { type Keeper, keeperOf } from "./keeping/keeper.ts";
import { startRounds } from "./keeping/rounds.ts";
import { openPool } from "./pool/pool.ts";
import { tlsFolderOf } from "./sharing/certificate.ts";
import { sharedListener } from "./sharing/sharedListener.ts";
import type { SharingSwitch } from "./sharing/sharingSwitch.ts";

export { accessFileOf, addDemoWorkshop, baseStyles, expressApp, holdStore, hostsOf, openAccess, openStore };

/** How the server is started; see the README for the options behind it. */
export interface StartOptions extends ListenOn {
  /** Further names the server answers to, beside the machine's own. */
  readonly names: readonly string[];
  /** Where it is reached over the network, when it is shared; the port after its own where none is told. */
  readonly shareHost?: string;
  readonly sharePort?: number | null;
  readonly dataFile: string;
  readonly clientFolder: string;
  /** Fill an empty data file with the demo workshop. */
  readonly demo: boolean;
  /** False where no backups are taken by themselves. */
  readonly keepsUp?: boolean;
}

/** A running server. */
export interface Running {
  readonly address: string;
  /** What whoever started it must know; empty where nothing is out of the ordinary. */
  readonly warnings: readonly string[];
  /** Stops taking requests, finishes those under way, then closes the data file; within some seconds. */
  stop(): Promise<void>;
}

/** Files and folders made from now on are their owner's only. */
const OWNER_ONLY = 0o077;

/** The threads beside the server are built to lie beside it. */
const POOL_FILE = fileURLToPath(new URL("./pool.js", import.meta.url));

/** What was opened so far, the first first: it is shut in the other order. */
type Closing = (() => Promise<unknown>)[];

/**
 * Opens the data file, migrates it and serves Stenz.
 * @throws when the data file cannot be opened or no port is free; nothing is left open.
 */
export async function startServer(options: StartOptions): Promise<Running> {
  process.umask(OWNER_ONLY);
  const closing: Closing = [];
  const stop = async () => {
    for (const close of closing.splice(0).reverse()) await close();
  };
  try {
    closing.push(openPool(POOL_FILE));
    const opened = await openFiles(options, closing);
    // Load the routes before listening: the first visitor should not wait for them.
    await import("virtual:react-router/server-build");
    const keeper = keeperOf(options.dataFile, opened.held, opened.access);
    const { address, shared } = await serve(options, { ...opened, keeper }, closing);
    const endRounds = await startRounds({ held: opened.held, keeper, keepsUp: options.keepsUp ?? true });
    closing.push(async () => {
      endRounds();
      closeGauges();
    });
    return { address, warnings: warningsOf(shared), stop };
  } catch (cause) {
    await stop();
    throw cause;
  }
}

/** Opens what is kept. */
async function openFiles({ dataFile, demo }: StartOptions, closing: Closing) {
  // First what says who is let in: it is held alone whatever else reads along with the data file.
  const access = await openAccess(accessFileOf(dataFile));
  closing.push(() => access.close());
  const store = await openStore(dataFile);
  const held = holdStore(store);
  closing.push(async () => (await held.ready()).close());
  const log = requestLog(logFileOf(dataFile));
  closing.push(async () => log.close());
  if (demo) await addDemoWorkshop(store);
  return { access, held, log };
}

/** Serves it on this machine, and over the network while it is shared. @returns the address here, and how it is shared. */
async function serve(
  { clientFolder, dataFile, names, ...options }: StartOptions,
  kept: Awaited<ReturnType<typeof openFiles>> & { readonly keeper: Keeper },
  closing: Closing,
) {
  const atHome = isLoopback(options.host);
  const host = atHome ? options.host : HOME;
  // Its own port first: that of the network comes behind it. What opens the network is asked for by its pages.
  const home: { answer: RequestListener } = { answer: (_request, response) => void response.writeHead(503).end() };
  const server = patientServer((request, response) => home.answer(request, response), null);
  const port = await listen(server, { ...options, host });
  const sharing: SharingSwitch = sharedListener({
    ...{ access: kept.access, names, tlsFolder: tlsFolderOf(dataFile), always: !atHome },
    host: atHome ? (options.shareHost ?? EVERYWHERE) : options.host,
    port: options.sharePort ?? port + 1,
    spare: options.sharePort == null ? SPARE_SHARED : 0,
    appFor: (knowsHost) => expressApp({ ...kept, clientFolder, knowsHost, sharing, shared: true }),
  });
  closing.push(() => Promise.all([shut(server), sharing.stop()]));
  home.answer = expressApp({ ...kept, clientFolder, sharing, knowsHost: hostsOf(host, names) });
  return {
    address: `http://${host.includes(":") ? `[${host}]` : host}:${port}/`,
    shared: await sharing.follow(),
  };
}

/** This machine's own address, and every one it has on its networks. */
const [HOME, EVERYWHERE] = ["127.0.0.1", "0.0.0.0"];

/** How many ports after the first are tried for the network. */
const SPARE_SHARED = 20;

/** What whoever started it must know of how it is shared. */
const warningsOf = (state: ReturnType<SharingSwitch["state"]>): string[] => {
  if (!state.on) return state.fault === null ? [] : [`Stenz is not shared over the network. ${state.fault}`];
  return [
    `Shared over the network at ${state.addresses.join(", ")}: only to devices that were paired.`,
    ...(state.fingerprint === null
      ? ["Without TLS everybody on the network can overhear what goes to them and comes."]
      : []),
  ];
};
