import { savedOrThrow } from "../db/index.ts";
import type { Store } from "../store.ts";
import { addBras } from "./bras.ts";
import { addJobs } from "./jobs.ts";
import { addOnePiece } from "./onePiece.ts";
import { addPatterns } from "./patterns.ts";
import { addPeople } from "./people.ts";
import { addRounds } from "./rounds.ts";
import { addShelf } from "./shelf.ts";
import { addSlip } from "./slip.ts";

/** Fills an empty data file with the invented workshop: people, cloths, patterns and jobs. All or nothing. */
export async function addDemoWorkshop(store: Store): Promise<void> {
  await store.inTransaction(async (repositories) => {
    const people = await addPeople(repositories);
    const shelf = await addShelf(repositories);
    const { layup: _, ...cloths } = shelf;
    const charts = await addPatterns(repositories, people, cloths);
    await addJobs(repositories, people, cloths);
    await addOnePiece(repositories, { people, shelf, charts });
    await addBras(repositories, people, cloths);
    await addRounds(repositories, people, cloths);
    await addSlip(repositories, people, cloths);
    const value = "Workshop at the Old Dye House";
    savedOrThrow(await repositories.settings.save("workshopName", { value, version: 0 }));
  });
}
