import { redirect } from "react-router";
import { type CorsetWorking, reductionSchool, withAmount } from "../../../core/corset/index.ts";
import { newJob } from "../../../core/job/index.ts";
import { fail, ok } from "../../../core/result.ts";
import { savedOrThrow } from "../../../data/db/index.ts";
import type { Store } from "../../../data/store.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { group, number, whole } from "../../../formats/form/index.ts";
import { asSent, found } from "../../.server/http/answers.ts";
import type { Fields } from "../../form/unsaved.ts";
import { keepChanged } from "../calculation/keepChanged.server.ts";

/** Starts the inner corset of a dress as a job of its own, for the same body and cloth and with the reduction the dress has. */
export const startInner = (jobId: number, store: Store) =>
  store.inTransaction(async ({ jobs, workings }) => {
    const { wearerId, sheetId, clothId, girthDirection, name } = found(await jobs.find(jobId), "job");
    const { version: _ofDress, ...reduction } = await workings.find(jobId, "corset");
    const innerId = await jobs.add(
      newJob({
        ...{ wearerId, sheetId, clothId, girthDirection, styleId: "innerCorset" },
        name: `${name.slice(0, MOST_NAME - INNER.length)}${INNER}`,
        notes: `Inside “${name}”, which hangs from it.`,
      }),
    );
    savedOrThrow(await workings.save(innerId, "corset", { ...reduction, version: 0 }));
    return redirect(`/jobs/${innerId}/corset`);
  });

const INNER = ": inner corset";

/** A job's name is no longer, letters. */
const MOST_NAME = 120;

/** The field in which each school keeps its amount. */
const AMOUNT_FIELDS = { mm: "offMm", percent: "offPart", ease: "easeMm" } as const;

const readAmount = formReader(group({ amount: number({ what: "an amount at the waist", least: 0, most: 300 }) }));

/** Keeps what was tried at the waist. */
export function keepAmount(fields: Fields, jobId: number, store: Store) {
  const { amount } = asSent(readAmount(fields));
  return keepChanged(fields, jobId, store, {
    ...{ id: "corset", field: "amount", what: "reduction", to: `/jobs/${jobId}/corset`, form: "beside it" },
    retold: Object.values(AMOUNT_FIELDS),
    change: (working: CorsetWorking) => {
      const { least, most } = reductionSchool(working.school).amount;
      return amount >= least && amount <= most
        ? ok(withAmount(working, amount))
        : fail("amount-outside", `Expected ${least} to ${most}, but got ${amount}.`);
    },
  });
}

const readPanels = formReader(group({ panels: whole({ what: "panels a side", least: 2, most: 8 }) }));

/**
 * Draws another number of panels, shared alike: what was shared among the old number no longer sums. The side seam stays where it was
 * told, as long as there is a panel behind it.
 */
export function keepPanels(fields: Fields, jobId: number, store: Store) {
  const { panels } = asSent(readPanels(fields));
  return keepChanged(fields, jobId, store, {
    ...{
      id: "corsetPieces",
      field: "panels",
      what: "number of panels",
      to: `/jobs/${jobId}/corset`,
      form: "under Pieces",
    },
    retold: ["panels", "side_seam", ...SHARES],
    change: (set) =>
      ok({
        ...set,
        panels,
        side_seam: typeof set.side_seam === "number" && set.side_seam < panels ? set.side_seam : null,
        ...Object.fromEntries(SHARES.map((name) => [name, null])),
      }),
  });
}

const SHARES = Array.from({ length: 8 }, (_, at) => `share_${at + 1}`);
