import type { Store } from "../store.ts";
import { addJobs } from "./jobs.ts";
import { addPeople } from "./people.ts";
import { addShelf } from "./shelf.ts";

/** Fills an empty data file with the invented workshop: people, cloths and jobs. All or nothing. */
export async function addDemoWorkshop(store: Store): Promise<void> {
  await store.inTransaction(async (repositories) => {
    const people = await addPeople(repositories);
    const shelf = await addShelf(repositories);
    await addJobs(repositories, people, shelf);
  });
}
