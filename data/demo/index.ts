import type { ShelfStock } from "../../core/calculation/index.ts";
import { savedOrThrow } from "../db/index.ts";
import type { Repositories, Store } from "../store.ts";
import { addBras } from "./bras.ts";
import { addCorsets } from "./corsets.ts";
import { addDays, type DemoDays } from "./days.ts";
import { addJobs } from "./jobs.ts";
import { addOnePiece } from "./onePiece.ts";
import { addPatterns } from "./patterns.ts";
import { addPeople } from "./people.ts";
import { addRounds } from "./rounds.ts";
import { addShelf } from "./shelf.ts";
import { addSlip } from "./slip.ts";

/** What lies on the shelf of the invented workshop: some of it without a price, some of it not counted lately. */
const DEMO_SHELF: ShelfStock = {
  rows: [
    { name: "Dawn swim knit", unit: "m", amount: 0.9, price: 24.5 },
    { name: "Foam swim lining", unit: "m", amount: 2.4, price: 11 },
    { name: "Picot edge 10", unit: "m", amount: 12, price: 0.8 },
    { name: "Plush band elastic 12", unit: "m", amount: 0.4, price: 1.2 },
    { name: "Thread", unit: "pc", amount: 9, price: 3.5 },
    { name: "Rings", unit: "pc", amount: 14, price: null },
    { name: "Sliders", unit: "pc", amount: null, price: 0.3 },
  ],
};

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
    await addCorsets(repositories, people, cloths);
    await addDays(repositories, await demoDays(repositories), new Date().toISOString());
    savedOrThrow(await repositories.settings.save("shelf", { value: DEMO_SHELF, version: 0 }));
    const value = "Workshop at the Old Dye House";
    savedOrThrow(await repositories.settings.save("workshopName", { value, version: 0 }));
  });
}

/** The jobs whose days are planned, by their names. */
async function demoDays({ jobs }: Repositories): Promise<DemoDays> {
  const { rows } = await jobs.list({ search: "", page: 1 });
  const named = (name: string): number => {
    const job = rows.find((one) => one.name === name);
    if (!job) throw new Error(`The demo has no job “${name}”.`);
    return job.id;
  };
  return {
    bottom: named("Lane-swimming bottom"),
    onePiece: named("Winter one-piece"),
    late: named("Soft brief, going in circles"),
    slip: named("Bias slip for the window"),
  };
}
