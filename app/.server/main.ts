import type { RequestListener } from "node:http";
import { accessFileOf, openAccess } from "../../data/access/index.ts";
import { addDemoWorkshop } from "../../data/demo/index.ts";
import { openStore, type Store } from "../../data/store.ts";
import { baseStyles } from "../theme/baseStyles.server.tsx";
import { closeGauges } from "./gauge/sharedGauge.ts";
import { expressApp } from "./http/expressApp.ts";
import { hostsOf, isLoopback } from "./http/hosts.ts";
import { type ListenOn, listen, patientServer, shut } from "./http/patientServer.ts";
import { logFileOf, requestLog } from "./http/requestLog.ts";
import { holdStore } from "./keeping/heldStore.ts";
import { keeperOf } from "./keeping/keeper.ts";
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

/** How often what an erasure had to leave is tried again, ms. */
const SCRUB_EVERY_MS = 60_000;

/** How often it is looked whether a backup is due, ms: a run that was missed while the machine slept is caught up. */
const KEEP_UP_EVERY_MS = 10 * 60_000;

/**
 * Opens the data file, migrates it and serves Stenz.
 * @throws when the data file cannot be opened or no port is free; nothing is left open.
 */
export async function startServer(options: StartOptions): Promise<Running> {
  process.umask(OWNER_ONLY);
  /** What was opened so far, the first first: it is shut in the other order. */
  const closing: (() => Promise<unknown>)[] = [];
  const stop = async () => {
    for (const close of closing.splice(0).reverse()) await close();
  };
  try {
    // First what says who is let in: it is held alone whatever else reads along with the data file.
    const access = await openAccess(accessFileOf(options.dataFile));
    closing.push(() => access.close());
    const store = await openStore(options.dataFile);
    const held = holdStore(store);
    closing.push(async () => (await held.ready()).close());
    const log = requestLog(logFileOf(options.dataFile));
    closing.push(async () => log.close());
    if (options.demo) await addDemoWorkshop(store);
    // Load the routes before listening: the first visitor should not wait for them.
    await import("virtual:react-router/server-build");
    const { clientFolder, names } = options;
    const atHome = isLoopback(options.host) ? options.host : HOME;
    // Its own port first: that of the network comes behind it. What opens the network is asked for by its pages.
    const home: { answer: RequestListener } = { answer: (_request, response) => void response.writeHead(503).end() };
    const server = patientServer((request, response) => home.answer(request, response), null);
    const port = await listen(server, { ...options, host: atHome });
    let shutShared: () => Promise<void> = async () => undefined;
    closing.push(() => Promise.all([shut(server), shutShared()]));
    const keeper = keeperOf(options.dataFile, held, access);
    const sharing: SharingSwitch = sharedListener({
      ...{ access, names, tlsFolder: tlsFolderOf(options.dataFile), always: !isLoopback(options.host) },
      host: isLoopback(options.host) ? (options.shareHost ?? EVERYWHERE) : options.host,
      port: options.sharePort ?? port + 1,
      spare: options.sharePort == null ? SPARE_SHARED : 0,
      appFor: (knowsHost) => expressApp({ held, access, clientFolder, knowsHost, log, sharing, keeper, shared: true }),
    });
    shutShared = sharing.stop;
    home.answer = expressApp({
      ...{ held, access, clientFolder, sharing, keeper, log },
      knowsHost: hostsOf(atHome, names),
    });
    const shared = await sharing.follow();
    const tidy = () =>
      void held
        .ready()
        .then(tidyUp)
        .catch(() => undefined);
    await tidyUp(await held.ready());
    const keepUp = () => void (options.keepsUp === false ? null : keeper.keepUp().catch(() => undefined));
    keepUp();
    const keeping = setInterval(keepUp, KEEP_UP_EVERY_MS);
    const scrubbing = setInterval(tidy, SCRUB_EVERY_MS);
    return {
      address: `http://${atHome.includes(":") ? `[${atHome}]` : atHome}:${port}/`,
      warnings: warningsOf(shared),
      stop: async () => {
        clearInterval(scrubbing);
        clearInterval(keeping);
        closeGauges();
        await stop();
      },
    };
  } catch (cause) {
    await stop();
    throw cause;
  }
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

/** How long a job that was taken off can be brought back, ms. */
const BROUGHT_BACK_WITHIN_MS = 24 * 60 * 60 * 1000;

/** What is done from time to time: erasures finished, and jobs erased that were taken off a day ago. */
async function tidyUp(store: Store): Promise<void> {
  // eslint-disable-next-line stenz/use-outcome -- what cannot be finished now stays noted, and is tried again
  await store.finishErasing();
  await store.eraseRemovedJobs(new Date(Date.now() - BROUGHT_BACK_WITHIN_MS).toISOString());
}
