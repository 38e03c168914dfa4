import { describe, expect, it } from "vitest";
import { valueFromTakes } from "../../core/body/index.ts";
import { formReader } from "../../formats/form/formReader.ts";
import { group } from "../../formats/form/index.ts";
import { answerField, answersIn, answersOf, answersSchema } from "./answerFields.ts";
import { fieldsOf, notTakenField, readMeasures, takeField, tapeField } from "./measureFields.ts";

describe("the measures of a form", () => {
  it("may have three takes, their own tape, or a reason instead", () => {
    const { values, notTaken, errors } = readMeasures(
      {
        "measure.hip.single.take1": "105.4",
        "measure.hip.single.take2": "107",
        "measure.hip.single.take3": "41 3/4 in",
        "measure.hip.single.tape": "finger",
        [notTakenField("measure.neck.single")]: " not wanted ",
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
      { "measure.crotch_depth.single.take1": "27", [tapeField("measure.crotch_depth.single")]: "finger" },
      "cm",
    );
    expect(values[0]?.tape).toBeUndefined();
  });

  it("say which take cannot be read, and keep the others out of it", () => {
    const { values, errors } = readMeasures(
      { "measure.hip.single.take1": "105.4", [takeField("measure.hip.single", 2)]: "wide" },
      "cm",
    );
    expect(Object.keys(errors)).toEqual(["measure.hip.single.take2"]);
    expect(values).toHaveLength(1);
  });

  it("are either taken or not", () => {
    const { errors } = readMeasures(
      { "measure.hip.single.take1": "105", [notTakenField("measure.hip.single")]: "in a hurry" },
      "cm",
    );
    expect(errors).toEqual({
      "measure.hip.single.not": "Expected either a reading or a reason for not taking it, but both are there.",
    });
    expect(Object.keys(readMeasures({ [notTakenField("measure.hip.single")]: "x".repeat(201) }, "cm").errors)).toEqual([
      "measure.hip.single.not",
    ]);
  });

  it("go back into the fields they came from", () => {
    const fields = {
      "measure.hip.single.take1": "105.4",
      "measure.hip.single.take2": "107",
      "measure.hip.single.tape": "snug",
    };
    const [value] = readMeasures(fields, "cm").values;
    expect(value && fieldsOf(value)).toEqual(fields);
    expect(fieldsOf(valueFromTakes({ code: "leg_edge", side: "left" }, [{ text: "59,8", mm: 598 }]))).toEqual({
      "measure.leg_edge.left.take1": "59,8",
    });
  });
});

describe("answers to checks", () => {
  const place = { ruleId: "body.range", code: "hip", side: "single" } as const;
  const read = formReader(group({ answer: answersSchema }));
  const both = (fields: Record<string, string>) => {
    const kept = read(fields);
    return [kept.ok ? answersOf(kept.value.answer) : [], answersIn(fields)];
  };

  it("are read from the fields that were named for them, and nothing else", () => {
    const fields = { [answerField(place)]: "confirmed", "measure.hip.single.take1": "confirmed" };
    expect(both(fields)).toEqual([[{ ...place, word: "confirmed" }], [{ ...place, word: "confirmed" }]]);
    for (const [name, word] of [
      [answerField(place), ""],
      [answerField(place), "maybe"],
      ["answer.body/guess:hip:single", "confirmed"],
      ["answer.body/range:knee:single", "confirmed"],
      ["answer.body/range:hip:top", "confirmed"],
    ] as const) {
      expect(both({ [name]: word })).toEqual([[], []]);
    }
  });
});
