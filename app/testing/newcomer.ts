import { onTestFinished } from "vitest";
import { type AccessStore, openAccess } from "../../data/access/index.ts";
import type { Store } from "../../data/store.ts";
import { demoStore } from "../../data/testing/index.ts";
import type { SharingSwitch } from "../.server/sharing/sharingSwitch.ts";
import { served } from "./served.ts";

/** Where a shared workshop of the tests stands. */
export const SHARED_AT = "https://192.0.2.1:4174";

/** A workshop that is shared, with a browser that comes over the network and one at the machine. */
export interface Newcomer {
  readonly store: Store;
  readonly access: AccessStore;
  /** Asks over the network, with the cookie that was given last. */
  ask(path: string, fields?: Readonly<Record<string, string>>): Promise<Response>;
  /** Asks at the machine itself. */
  atMachine(path: string, fields?: Readonly<Record<string, string>>): Promise<Response>;
}

const AUTHORITY = { cert: "-----BEGIN CERTIFICATE-----\nAA==\n-----END CERTIFICATE-----\n", fingerprint: "EF:01" };

/** A shared demo workshop of a test's own, over TLS, that nobody was let into yet. */
export async function newcomer({ shared = true, address = "192.0.2.9" } = {}): Promise<Newcomer> {
  const { store } = await demoStore();
  const access = await openAccess(":memory:");
  onTestFinished(() => access.close());
  const state = shared
    ? ({ on: true, addresses: [`${SHARED_AT}/`], fingerprint: "AB:CD", authority: AUTHORITY } as const)
    : ({ on: false, fault: null } as const);
  const sharing: SharingSwitch = { state: () => state, follow: async () => state, stop: async () => undefined };
  let cookie = "";
  const send = async (path: string, fields: Readonly<Record<string, string>> | undefined, machine: boolean) => {
    const request = new Request(`${SHARED_AT}${path}`, {
      headers: { ...(cookie && !machine ? { Cookie: cookie } : {}) },
      ...(fields ? { method: "POST", body: new URLSearchParams(fields) } : {}),
    });
    const response = await served(request, { store, access, machine, address, sharing });
    const given = response.headers.getSetCookie().find((header) => header.startsWith("__Host-stenz-device="));
    if (given) cookie = given.split(";")[0] ?? "";
    return response;
  };
  return {
    ...{ store, access },
    ask: (path, fields) => send(path, fields, false),
    atMachine: (path, fields) => send(path, fields, true),
  };
}

/** What an action says of a form, told as data: the words of it, however they are packed. */
export const saidBy = async (response: Response): Promise<string> => response.text();
