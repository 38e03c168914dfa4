import type { Store } from "../store.ts";

/** Adds a wearer that others hang on. @returns its id. */
export const addWearer = (store: Store, name = "Ilva Thornbeck"): Promise<number> =>
  store.wearers.add({ name, kind: "person", child: false, allergies: "", notes: "" });
