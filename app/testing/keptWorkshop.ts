import { onTestFinished } from "vitest";
import { type AccessStore, openAccess } from "../../data/access/index.ts";
import { openStore } from "../../data/store.ts";
import { demoFile } from "../../data/testing/index.ts";
import { type HeldStore, holdStore } from "../.server/keeping/heldStore.ts";
import { type Keeper, keeperOf } from "../.server/keeping/keeper.ts";
import { ORIGIN } from "./routeModules.ts";
import { served } from "./served.ts";

/** The demo workshop in a file of a test's own, kept as a server keeps it. */
export interface KeptWorkshop {
  readonly held: HeldStore;
  readonly access: AccessStore;
  readonly keeper: Keeper;
  /** Asks at the machine itself. */
  ask(path: string, fields?: Readonly<Record<string, string>>): Promise<Response>;
  /** Sends a file there. */
  send(path: string, file: File): Promise<Response>;
}

/** Opens one. */
export async function keptWorkshop(): Promise<KeptWorkshop> {
  const dataFile = await demoFile();
  const held = holdStore(await openStore(dataFile));
  const access = await openAccess(":memory:");
  onTestFinished(async () => {
    await (await held.ready()).close();
    await access.close();
  });
  const keeper = keeperOf(dataFile, held, access);
  const answer = async (request: Request) =>
    served(request, { store: await held.ready(), storeNow: held.ready, access, keeper, machine: true });
  return {
    ...{ held, access, keeper },
    async send(path, file) {
      const body = new FormData();
      body.set("file", file);
      return answer(new Request(`${ORIGIN}${path}`, { method: "POST", body }));
    },
    async ask(path, fields) {
      return answer(
        new Request(`${ORIGIN}${path}`, fields ? { method: "POST", body: new URLSearchParams(fields) } : {}),
      );
    },
  };
}
