import { addDemoWorkshop } from "../demo/index.ts";
import { openStore, type Store } from "../store.ts";

/** The demo workshop in memory; who opens it closes it. */
export async function demoInMemory(): Promise<Store> {
  const store = await openStore(":memory:");
  await addDemoWorkshop(store);
  return store;
}
