import { describe, expect, it } from "vitest";
import { valueFromTakes } from "../../core/body/index.ts";
import { answerField, readAnswers } from "./answerFields.ts";
import { fieldsOf, notTakenField, readMeasures, takeField, tapeField } from "./measureFields.ts";

describe("the measures of a form", () => {
  it("may have three takes, their own tape, or a reason instead", () => {
    const { values, notTaken, errors } = readMeasures(
      {
        "hip.single": "105.4",
        "hip.single.2": "107",
        "hip.single.3": "41 3/4 in",
        "hip.single.tape": "finger",
        [notTakenField("neck.single")]: " not wanted ",
      },
      "cm",
    );
    expect(errors).toEqual({});
    expect(values).toMatchObject([
      { code: "hip", text: "105.4; 107; 41 3/4 in", tape: "finger", mm: expect.closeTo(1060.45, 6) },
    ]);
    expect(notTaken).toEqual([{ code: "neck", side: "single", reason: "not wanted" }]);
  });

  it("take a tape of their own only as girths", () => {
    const { values } = readMeasures(
      { "crotch_depth.single": "27", [tapeField("crotch_depth.single")]: "finger" },
      "cm",
    );
    expect(values[0]?.tape).toBeUndefined();
  });

  it("say which take cannot be read, and keep the others out of it", () => {
    const { values, errors } = readMeasures({ "hip.single": "105.4", [takeField("hip.single", 2)]: "wide" }, "cm");
    expect(Object.keys(errors)).toEqual(["hip.single.2"]);
    expect(values).toHaveLength(1);
  });

  it("are either taken or not", () => {
    const { errors } = readMeasures({ "hip.single": "105", [notTakenField("hip.single")]: "in a hurry" }, "cm");
    expect(errors).toEqual({
      "hip.single.not": "Expected either a reading or a reason for not taking it, but both are there.",
    });
    expect(Object.keys(readMeasures({ [notTakenField("hip.single")]: "x".repeat(201) }, "cm").errors)).toEqual([
      "hip.single.not",
    ]);
  });

  it("go back into the fields they came from", () => {
    const fields = { "hip.single": "105.4", "hip.single.2": "107", "hip.single.tape": "snug" };
    const [value] = readMeasures(fields, "cm").values;
    expect(value && fieldsOf(value)).toEqual(fields);
    expect(fieldsOf(valueFromTakes({ code: "leg_edge", side: "left" }, [{ text: "59,8", mm: 598 }]))).toEqual({
      "leg_edge.left": "59,8",
    });
  });
});

describe("answers to checks", () => {
  it("are read from the fields that were named for them, and nothing else", () => {
    const place = { ruleId: "body.range", code: "hip", side: "single" } as const;
    expect(readAnswers({ [answerField(place)]: "confirmed", "hip.single": "confirmed" })).toEqual([
      { ...place, word: "confirmed" },
    ]);
    for (const [name, word] of [
      [answerField(place), ""],
      [answerField(place), "maybe"],
      ["answer:body.guess:hip:single", "confirmed"],
      ["answer:body.range:knee:single", "confirmed"],
      ["answer:body.range:hip:top", "confirmed"],
    ] as const) {
      expect(readAnswers({ [name]: word })).toEqual([]);
    }
  });
});
