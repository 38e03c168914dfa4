import type { BonesWorking } from "../../../core/bones/index.ts";
import { ok } from "../../../core/result.ts";
import type { Store } from "../../../data/store.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { group, line } from "../../../formats/form/index.ts";
import { asSent } from "../../.server/http/answers.ts";
import type { Fields } from "../../form/unsaved.ts";
import { keepChanged } from "../calculation/keepChanged.server.ts";

const readBone = formReader(group({ bone: line("the name of a bone", 40) }));

/** Leaves a bone out that a rule placed, or puts it back. */
export function toggleBone(fields: Fields, jobId: number, store: Store, out: boolean) {
  const { bone } = asSent(readBone(fields));
  return keepChanged(fields, jobId, store, {
    ...{ id: "bones", field: "bone", what: "list of bones", to: `/jobs/${jobId}/bones`, form: "beside it" },
    change: (working: BonesWorking) => {
      const others = working.without.filter((id) => id !== bone);
      return ok({ ...working, without: out ? [...others, bone] : others });
    },
  });
}
