import { broughtTo, LIKED_POINTS } from "../../../../core/pieces/index.ts";
import { fail } from "../../../../core/result.ts";
import type { Store } from "../../../../data/store.ts";
import { formReader } from "../../../../formats/form/formReader.ts";
import { choice, group, reference } from "../../../../formats/form/index.ts";
import { asSent, found } from "../../../.server/http/answers.ts";
import type { Fields } from "../../../form/unsaved.ts";
import { type FactsOf, keepSteps } from "../steps/step.server.ts";

const readTaken = formReader(
  group({
    garment: reference("a garment that fits"),
    point: choice(
      "a length of it",
      LIKED_POINTS.map(({ id }) => id),
    ),
  }),
);

/** Draws a length of a garment that fits on the pieces: as a step, or several that make it. */
export async function takeOver(fields: Fields, jobId: number, store: Store, factsOf: FactsOf) {
  const taken = asSent(readTaken(fields));
  const job = found(await store.jobs.find(jobId), "job");
  const garments = await store.liked.ofWearer(job.wearerId);
  const { lengthsMm } = found(garments.find(({ id }) => id === taken.garment) ?? null, "garment of this wearer");
  const point = found(LIKED_POINTS.find(({ id }) => id === taken.point) ?? null, "length of a garment");
  const likedMm = lengthsMm[point.id];
  return keepSteps(fields, jobId, store, {
    ...{ factsOf, field: "liked" },
    callsOn: (draft) =>
      likedMm === undefined
        ? fail("not-measured", "Expected a length that was measured on the garment, but it was not.")
        : broughtTo(draft, point, likedMm),
  });
}
