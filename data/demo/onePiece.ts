import { newJob } from "../../core/job/job.ts";
import type { Repositories } from "../store.ts";
import type { DemoCharts } from "./patterns.ts";
import type { DemoPeople } from "./people.ts";

/** A one-piece in three layers from a graded block, planned by share with the underbust chosen by pressure. */
export async function addOnePiece(
  { jobs }: Repositories,
  { people, layup, charts }: { people: DemoPeople; layup: number; charts: DemoCharts },
): Promise<void> {
  await jobs.add(
    newJob({
      name: "Winter one-piece",
      styleId: "onePiece",
      wearerId: people.ilva.wearer,
      sheetId: people.ilva.sheet,
      girthDirection: "across",
      layupId: layup,
      school: "share",
      zones: { underbust: { by: "pressure" } },
      pressuresKpa: { underbust: 0.6 },
      chartId: charts.onePiece,
    }),
  );
}
