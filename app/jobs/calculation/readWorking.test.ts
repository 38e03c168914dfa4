import { describe, expect, it } from "vitest";
import { LAYOUT_IDS } from "../../../core/layout/index.ts";
import { PIECES_IDS } from "../../../core/pieces/index.ts";
import { fieldsOfWorking, NEW_WORKINGS, WORKING_IDS, type WorkingId } from "../../../core/workings/index.ts";
import { errorsOf } from "../../form/errorsOf.ts";
import { edgeFields, wrapFields } from "../../wearers/wrap/wrapFields.ts";
import { readWrap } from "../../wearers/wrap/wrapForm.server.ts";
import { errorsInUse, readWorking, workingFields } from "./readWorking.ts";

const read = <Id extends WorkingId>(id: Id, fields: Record<string, string>) =>
  readWorking(id, fields, NEW_WORKINGS[id]);

describe("the form of a working", () => {
  it.each(WORKING_IDS)("%s is read back from the fields it is edited from", (id) => {
    const fields = workingFields(id, { working: NEW_WORKINGS[id], texts: {} });
    expect(readWorking(id, { unit: "cm", ...fields }, NEW_WORKINGS[id])).toMatchObject({
      working: NEW_WORKINGS[id],
      errors: {},
    });
  });

  it("takes lengths in the form's unit, small ones in mm beside cm, and any that says its own", () => {
    const { working } = read("band", { unit: "cm", rigidMm: "29", heightMm: "62", by: "strain" });
    expect(working).toMatchObject({ rigidMm: 290, heightMm: 62 });
    expect(read("band", { unit: "in", rigidMm: "11 1/2", heightMm: "2 in", by: "strain" }).working).toMatchObject({
      rigidMm: expect.closeTo(292.1, 9),
      heightMm: 50.8,
    });
  });

  it("keeps every text with its unit, so that it means the same in another", () => {
    const { texts, working } = read("wire", { unit: "in", channelMm: "10 3/8", raiseAt: "both" });
    expect(texts.channelMm).toBe("10 3/8 in");
    const again = readWorking("wire", { unit: "cm", ...workingFields("wire", { working, texts }) }, NEW_WORKINGS.wire);
    expect(again.working.channelMm).toBeCloseTo(263.525, 9);
  });

  it("answers for what is of use only, cells of its rows with it", () => {
    const { errors } = read("wear", { unit: "cm", pitchMm: "wide", "pulls[0].level": "knee", "pulls[0].pullN": "3" });
    expect(Object.keys(errors).toSorted()).toEqual(["pitchMm", "pulls[0].level"]);
    expect(Object.keys(errorsInUse(errors, ["pulls"]))).toEqual(["pitchMm"]);
    expect(Object.keys(errorsInUse(errors, ["pitch"]))).toHaveLength(2);
    expect(errorsInUse(errors, ["pulls", "pitchMm"])).toEqual({});
  });

  it("leaves a row out whose choice is none of those there are: nothing can be reckoned with it", () => {
    const rows = { "pulls[0].level": "knee", "pulls[0].pullN": "3", "pulls[1].level": "waist", "pulls[1].after": "0" };
    const { working, errors } = read("wear", { unit: "cm", ...rows, "pulls[1].pullN": "4" });
    expect(working.pulls).toMatchObject([{ level: "waist", pullN: 4 }]);
    expect(Object.keys(errors)).toContain("pulls[0].level");
  });

  it("gives nothing for an empty field, and 0 where 0 is meant", () => {
    const { working, errors } = read("wire", { unit: "cm", foldTopMm: "0", channelMm: "", raiseAt: "underarm" });
    expect(working).toMatchObject({ foldTopMm: 0, channelMm: null });
    expect(errors).toEqual({});
  });

  it.each([
    ["wire", "channelMm", "long", "Expected an amount such as"],
    ["wire", "channelMm", "0", "above 0"],
    ["wire", "channelMm", "-12", "cannot be read"],
    ["wire", "channelMm", "900", "up to 600 mm"],
    ["wire", "channelMm", "NaN", "cannot be read"],
    ["band", "strain", "250", "0 to 200"],
    ["band", "strain", "much", "Expected a percentage"],
    ["band", "pressureKpa", "1e9", "Expected a number"],
    ["closure", "rows", "2.5", "whole"],
    ["closure", "rows", "4", "1 to 3"],
    ["band", "topElastic", "plush", "one of the list"],
    ["label", "inchRule", "mine", "one of the list (trade"],
    ["trunk", "size", "x".repeat(201), "at most 200 characters"],
    ["dart", "movedOutMm", "-900", "up to 15 cm"],
  ] as const)("of %s says what it expected at %s for “%s”", (id, name, text, message) => {
    const start = workingFields(id, { working: NEW_WORKINGS[id], texts: {} });
    const { errors, working } = readWorking(id, { unit: "cm", ...start, [name]: text }, NEW_WORKINGS[id]);
    expect(errors[name]).toContain(message);
    expect((working as unknown as Record<string, unknown>)[name]).toEqual(
      (NEW_WORKINGS[id] as unknown as Record<string, unknown>)[name],
    );
  });

  it("reads amounts below 0 where an apex moves back", () =>
    expect(read("dart", { unit: "cm", movedOutMm: "−5", movedDownMm: "-1/4 in" }).working).toMatchObject({
      movedOutMm: -5,
      movedDownMm: -6.35,
    }));

  it("leaves values without a field as they were", () => {
    const before = { ...NEW_WORKINGS.trunk, ticked: { "frontWaist:Lining": 12 } };
    expect(readWorking("trunk", { unit: "cm", from: "draft", school: "halves" }, before).working.ticked).toEqual(
      before.ticked,
    );
  });

  it("has a field for every value but the ticks, what was read in and what was drawn on pieces", () => {
    const unfielded: Readonly<Record<string, string[]>> = {
      ...Object.fromEntries(PIECES_IDS.map((id) => [id, ["steps"]])),
      trunk: ["ticked"],
      ownPieces: ["outlines", "steps"],
      parts: ["cut", "without", "belongs"],
      bones: ["without"],
      elastics: ["keptMm"],
      seams: ["trials", "inUse"],
      days: ["wantedOn", "appointments", "waits"],
      sewing: ["order", "own", "done", "spent", "left", "timer"],
      ...Object.fromEntries(LAYOUT_IDS.map((id) => [id, ["best"]])),
    };
    for (const id of WORKING_IDS) {
      const names = fieldsOfWorking(id).map(([name]) => name);
      expect([...names, ...(unfielded[id] ?? [])].toSorted()).toEqual(Object.keys(NEW_WORKINGS[id]).toSorted());
    }
  });
});

describe("the form of a body wrap", () => {
  const row = (number: number, piece: string, length: string) => ({
    [edgeFields(number).piece]: piece,
    [edgeFields(number).length]: length,
  });
  const head = { name: "First", takenOn: "2026-03-02", unit: "cm" };

  it("is read back from the fields it is edited from", () => {
    const edges = [{ piece: "Front", lengthMm: 190.5, counts: "waist", twice: true, seam: "A" }] as const;
    const wrap = { id: 1, wearerId: 2, version: 1, name: "First", takenOn: "2026-03-02", notes: "", edges };
    expect(readWrap({ ...wrapFields(wrap), unit: "in" }, "2026-11-25")).toEqual({
      ok: true,
      value: { name: "First", takenOn: "2026-03-02", notes: "", edges },
    });
  });

  it("says what is wrong beside the field, and wants an edge at least", () => {
    const errors = (own: Record<string, string>) => errorsOf(readWrap({ ...head, ...own }, "2026-11-25"));
    expect(Object.keys(errors(row(3, "", "12")))).toEqual(["edges[3].piece"]);
    expect(Object.keys(errors(row(3, "Front", "wide")))).toEqual(["edges[3].length"]);
    expect(Object.keys(errors({ ...row(0, "Front", "12"), name: "" }))).toEqual(["name"]);
    expect(errors({})).toEqual({ edges: "Expected at least one edge, but there is none." });
  });
});
