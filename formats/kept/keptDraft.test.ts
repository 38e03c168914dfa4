import { expect, it } from "vitest";
import { keptDraft } from "./keptDraft.ts";

it.each([
  ["size.0", "sizes[0].name"],
  ["body.waist.3", "sizes[3].body.waist"],
  ["finished.hip.11", "sizes[11].finished.hip"],
  ["step.1.force", "ladder.steps[0].force"],
  ["layer.2.cloth", "layers[1].cloth"],
  ["edge.12.piece", "edges[11].piece"],
  ["table.4.stretch", "table[4].stretch"],
  ["amount.frontWaist", "part.frontWaist"],
  ["hip.single", "measure.hip.single.take1"],
  ["leg_edge.left.2", "measure.leg_edge.left.take2"],
  ["hip.single.tape", "measure.hip.single.tape"],
  ["neck.single.not", "measure.neck.single.not"],
  ["answer:body.range:hip:single", "answer.body/range:hip:single"],
  ["waist", "ring.waist"],
  ["leg:left", "ring.leg:left"],
  // What was named for its place before stays as it is.
  ["width.waist", "width.waist"],
  ["ladder.gauge", "ladder.gauge"],
  ["neck.rest", "neck.rest"],
  ["amount", "amount"],
  ["version", "version"],
])("a draft of format 1 has its %s under %s now", (older, now) => {
  expect(keptDraft.read({ [older]: "12" }, 1)).toEqual({ ok: true, value: { [now]: "12" } });
  expect(keptDraft.read({ [now]: "12" }, 2)).toEqual({ ok: true, value: { [now]: "12" } });
});
