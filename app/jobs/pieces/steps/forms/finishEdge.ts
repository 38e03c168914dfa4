import { edgeOf, type OperationCall, pieceOf } from "../../../../../core/drafting/index.ts";
import { FINISHES, finishOf, followsFinish } from "../../../../../core/edges/index.ts";
import { choice, group, orNull, smallOrNone, wrong } from "../../../../../formats/form/index.ts";
import { edgeField, stepForm } from "../stepForm.ts";
import { WIDEST_ALLOWANCE_MM } from "./limits.ts";

const CHOICES = FINISHES.map(({ id, name }) => ({ value: id, label: name }));

/** An edge finished otherwise: its allowance follows from the finish. */
export const finishEdge = stepForm({
  id: "finishEdge",
  title: "An edge finished otherwise",
  about:
    "How an edge is finished decides what is added outside its seam line; linked pieces take the same. Seam lines stay, cut lines move: a layout that was kept does not fit any more.",
  does: "Finish it so",
  fields: [
    { name: "finishEdge", as: "edge", label: "Edge" },
    { name: "finish", as: "choice", label: "Finished with", choices: CHOICES },
    { name: "finishWidth", as: "length", label: "Width", hint: "Of the elastic; of a strap as it is finished." },
    {
      name: "finishDecorative",
      as: "length",
      label: "Decorative edge",
      hint: "Of picot and plush: it stays to be seen.",
    },
    { name: "finishSeam", as: "length", label: "Its own seam allowance", hint: "Of a casing or a strap tube." },
    { name: "finishAsked", as: "length", label: "Asked for by the pattern", hint: "Under a trim laid on top." },
  ],
  schema: group({
    finishEdge: edgeField(),
    finish: choice(
      "a finish",
      CHOICES.map(({ value }) => value),
    ),
    finishWidth: orNull(smallOrNone(WIDEST_ALLOWANCE_MM)),
    finishDecorative: orNull(smallOrNone(WIDEST_ALLOWANCE_MM)),
    finishSeam: orNull(smallOrNone(WIDEST_ALLOWANCE_MM)),
    finishAsked: orNull(smallOrNone(WIDEST_ALLOWANCE_MM)),
  }),
  offers: ({ pieces }) => pieces.length > 0,
  call(read, habits) {
    const finish = finishOf(read.finish);
    if (!finish) return wrong("finish", `Expected a finish, but got “${read.finish}”.`);
    const {
      finishEdge: at,
      finishWidth: widthMm,
      finishDecorative: decorativeMm,
      finishSeam: seamMm,
      finishAsked: askedMm,
    } = read;
    const added = finish.adds(
      {
        ...(widthMm === null ? {} : { widthMm }),
        ...(decorativeMm === null ? {} : { decorativeMm }),
        ...(seamMm === null ? {} : { seamMm }),
        ...(askedMm === null ? {} : { askedMm }),
      },
      habits,
    );
    if (!added.ok) return wrong("finish", added.problem.message);
    const params = { ...at, finish: finish.edge, allowance: added.value.allowanceMm };
    return { ok: true, value: { operation: "allow", params } };
  },
  follows({ params }: OperationCall, draft) {
    const { piece, edge, allowance } = params;
    if (typeof piece !== "string" || typeof edge !== "string" || typeof allowance !== "number") return [];
    return draft.pieces.some(({ id }) => id === piece)
      ? followsFinish(edgeOf(pieceOf(draft, piece), edge), allowance, draft)
      : [];
  },
});
