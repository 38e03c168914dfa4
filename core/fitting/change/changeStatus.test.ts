import { describe, expect, it } from "vitest";
import { fitting, sampleChange, sampleFinding } from "../../testing/index.ts";
import type { Judgement } from "../decide/judgement.ts";
import type { Change } from "./change.ts";
import { changeStatus, isSettled } from "./changeStatus.ts";
import { decidedChanges } from "./decidedChanges.ts";
import { jobChanges, needsWord, openFindings, toCut, waitingFindings } from "./jobChanges.ts";

const cured: Judgement = { fittingId: 1, residualMm: 0, verdict: "cured", note: "" };
const decided = (own: Partial<Change> = {}) => sampleChange(own);

describe("a finding stands", () => {
  it.each([
    ["open while nobody said anything", null, null, "open"],
    ["decided", decided(), null, "decided"],
    ["refused", decided({ decision: "refused" }), null, "refused"],
    ["waiting for a sewing step", decided({ decision: "waiting" }), null, "waiting"],
    ["cut into a prototype", decided({ cutInto: 2 }), null, "cut"],
    ["judged at its fitting", decided({ cutInto: 2 }), cured, "judged"],
    // A judgement counts only once it was sewn.
    ["decided, whatever was said before it was cut", decided(), cured, "decided"],
  ] as const)("%s", (_told, change, judgement, status) => {
    expect(changeStatus({ change, judgement })).toBe(status);
  });

  it.each([
    ["how it feels is only kept", { kind: "comfort" }, true],
    ["cured", { change: decided({ cutInto: 2 }), judgement: cured }, true],
    ["better is not cured", { change: decided({ cutInto: 2 }), judgement: { ...cured, verdict: "better" } }, false],
    ["refused with a reason", { change: decided({ decision: "refused" }) }, true],
    ["decided", { change: decided() }, false],
    ["open", {}, false],
  ] as const)("settled or not: %s", (_told, own, settled) => {
    expect(isSettled(sampleFinding(own))).toBe(settled);
  });
});

describe("the changes of a job", () => {
  const findings = [
    sampleFinding({ id: 1, change: decided({ id: 11 }) }),
    sampleFinding({ id: 2, change: decided({ id: 12, decision: "refused" }) }),
    sampleFinding({ id: 3, change: decided({ id: 13, decision: "waiting" }) }),
    sampleFinding({ id: 4, change: decided({ id: 14, cutInto: 2 }), judgement: cured }),
    sampleFinding({ id: 5 }),
    sampleFinding({ id: 6, kind: "comfort" }),
  ];
  const fittings = [fitting({ findings })];
  const own = [{ change: decided({ id: 20, findingId: null, reason: "our habit" }), judgement: null }];

  it("are those of its findings in their order, then the maker's own", () => {
    expect(jobChanges(fittings, own).map(({ change }) => change.id)).toEqual([11, 12, 13, 14, 20]);
    expect(jobChanges(fittings, own).at(-1)).toMatchObject({ finding: null });
  });

  it("to cut are those decided and in no prototype yet", () => {
    expect(toCut(jobChanges(fittings, own)).map(({ change }) => change.id)).toEqual([11, 20]);
  });

  it("that a plan carries are all that were decided, cut or not; refused and waiting ones are none", () => {
    expect(decidedChanges(fittings, own).map(({ changeId, why }) => [changeId, why])).toEqual([
      [11, "Loose"],
      [14, "Loose"],
      [20, "own change"],
    ]);
  });

  it("wait for a word where none was given, but not for how it feels", () => {
    expect(openFindings(fittings).map(({ id }) => id)).toEqual([5]);
    expect(findings.filter(needsWord)).toHaveLength(1);
  });

  it("come back at the sewing step they were put off to", () => {
    expect(waitingFindings(fittings).map(({ id }) => id)).toEqual([3]);
  });
});
