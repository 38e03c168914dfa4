import { newJob } from "../../core/job/index.ts";
import type { Repositories } from "../store.ts";
import { formWrap } from "./formWrap.ts";
import type { DemoPeople } from "./people.ts";
import { drawPieces, keepPattern } from "./pieces.ts";
import type { DemoShelf } from "./shelf.ts";

/** A slip on the bias, on the form: drawn, and not made up yet; beside it a wrap of the form, read in. */
export async function addSlip(all: Repositories, { form }: DemoPeople, shelf: DemoShelf): Promise<void> {
  const jobId = await all.jobs.add(
    newJob({
      name: "Bias slip for the window",
      notes: "On the form. The cowl is tried in batiste before the good cloth is cut.",
      styleId: "slip",
      wearerId: form.wearer,
      sheetId: form.sheet,
      clothId: shelf.batiste,
      girthDirection: "bias",
      school: "percent",
    }),
  );
  await drawPieces(all, jobId, "slipPieces", { cowl: 75, flare: 50 });
  await keepPattern(all, jobId, formWrap());
}
