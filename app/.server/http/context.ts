import { createContext } from "react-router";
import type { Store } from "../../../data/store.ts";

/** The open data file, for loaders and actions. */
export const storeContext = createContext<Store>();

/** The data file that is open by now: an action may have put another in the place of the one it began with. */
export const storeNowContext = createContext<() => Promise<Store>>();

/** Says that a request is done with the store it came to, before its answer has gone: for one that puts another in its place. */
export const leaveStoreContext = createContext<() => void>(() => undefined);

/** Nonce of this response's scripts and styles. */
export const nonceContext = createContext<string>("");

/** True for a request that comes from the machine Stenz runs on: what is set for that machine is set from there only. */
export const fromThisMachineContext = createContext<boolean>(false);
