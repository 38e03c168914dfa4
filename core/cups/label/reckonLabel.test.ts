import { describe, expect, it } from "vitest";
import { byId, sampleBody } from "../../testing/index.ts";
import { braLabels } from "./labels.ts";
import { reckonLabel } from "./reckonLabel.ts";
import { NEW_LABEL } from "./working.ts";

describe("labels", () => {
  it("have sisters: one band up, one letter down, in every market", () => {
    expect(braLabels(750, 950, "trade", 1)).toEqual({ en: "80D", fr: "95D", uk: "36D", us: "36D", au: "14D" });
    expect(braLabels(750, 950, "trade", -1)).toMatchObject({ en: "70F", uk: "32E", us: "32DDD" });
    // A own label at the foot of the cups has no sister with a bigger band.
    expect(braLabels(700, 805, "trade", 1).en).toBeNull();
  });

  it("rest on the mean of standing and leaning; a finger under the tape is taken off both", () => {
    const body = sampleBody({ bust: 1045, bust_leaning: 1080, underbust: 815 }, { tape: "finger" });
    const label = reckonLabel(NEW_LABEL, { body });
    expect(byId(label).fullBust).toBe((1045 + 1080) / 2 - 12);
    expect(label.sisters.map(({ bandsUp }) => bandsUp)).toEqual([-2, -1, 0, 1, 2]);
  });

  it("outside the tables are none, and that is said", () => {
    const label = reckonLabel(NEW_LABEL, { body: sampleBody({ bust: 900, underbust: 850 }) });
    expect(label.labels?.en).toBeNull();
    expect(label.sisters).toEqual([]);
    expect(label.notes.join(" ")).toContain("no EN label");
  });
});
