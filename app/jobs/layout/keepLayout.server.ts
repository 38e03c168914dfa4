import { isLayoutId, KEPT_LAYOUT, type KeptLayout, LAYOUTS, laidAgain } from "../../../core/layout/index.ts";
import { fail, ok } from "../../../core/result.ts";
import type { WorkingFacts } from "../../../core/workings/index.ts";
import type { Store } from "../../../data/store.ts";
import { validator } from "../../../formats/validation.ts";
import { notFound } from "../../.server/http/answers.ts";
import type { Fields } from "../../form/unsaved.ts";
import { keepChanged } from "../calculation/keepChanged.server.ts";

const readKept = validator(KEPT_LAYOUT);

/** Keeps a layout that was found in the browser: if its pieces still lie on the cloth as it is kept here, none over another. */
export function keepLayout(fields: Fields, jobId: number, store: Store, facts: WorkingFacts) {
  const id = fields.working;
  if (!isLayoutId(id)) notFound("cloth of a layout");
  return keepChanged(fields, jobId, store, {
    ...{ id, field: "best", what: "layout", form: "beside it", to: `/jobs/${jobId}/layout?of=${id}` },
    change(working) {
      const best = parsed(fields.best ?? "");
      if (!best) return fail("unreadable", "Expected a layout with a place for each piece, but it cannot be read.");
      const { shapes, table } = LAYOUTS[id].reckon({ ...working, best: null }, facts[id]);
      return table && laidAgain(shapes, table, best)
        ? ok({ ...working, best })
        : fail(
            "moved",
            "Expected a layout of the pieces as they are now, but they have changed since it was found: search anew.",
          );
    },
  });
}

function parsed(text: string): NonNullable<KeptLayout> | null {
  try {
    const read = readKept(JSON.parse(text));
    return read.ok ? read.value : null;
  } catch {
    return null;
  }
}
