import Papa from "papaparse";
import { describe, expect, it } from "vitest";
import { cuttingTable, type Fitting } from "../../core/fitting/index.ts";
import { sampleChange, sampleFinding, samplePrototype } from "../../core/testing/index.ts";
import { cuttingTablePdf } from "../pdf/cuttingTablePdf.ts";
import { fittingRecordPdf } from "../pdf/fittingRecordPdf.ts";
import { fittingCsv } from "./fittingCsv.ts";
import { recordLines } from "./fittingRecord.ts";

const fitting: Fitting = {
  id: 41,
  prototypeId: 21,
  fittedOn: "2026-10-04",
  on: "form",
  way: "insideOut",
  over: "",
  notes: "",
  findings: [
    sampleFinding({
      note: "=HYPERLINK(1)",
      change: sampleChange({ cutInto: 2 }),
      judgement: { fittingId: 42, residualMm: 4, verdict: "better", note: "" },
    }),
    sampleFinding({ id: 32, kind: "digs", spot: "leg", side: "left", amountMm: null, detail: { mark: "goes" } }),
  ],
  readings: [
    {
      ...{ id: 1, zone: "waist", kind: "closure", side: "both", newtons: 2.4, text: "2.4", heightMm: 80 },
      ...{ elasticsN: 0.5, liftMm: null, note: "" },
    },
  ],
  checks: [{ check: "sit", outcome: "fail", note: "rolls over" }],
  version: 1,
};
const record = {
  jobName: "Brief",
  wearerName: "Ilva",
  workshop: "Old Dye House",
  prototypes: [samplePrototype({ annotations: [{ id: 1, writtenOn: "2026-11-01", text: "It ran." }] })],
  fittings: [fitting],
};

describe("the fitting record as a table", () => {
  it("has a row for every check, finding and reading, with what was taken and what it did", () => {
    expect(recordLines(record).map(({ what, seen, where }) => [what, seen, where])).toEqual([
      ["check", "Sit", ""],
      ["finding", "Loose", "Waist"],
      ["finding", "Digs in", "Leg edge"],
      ["reading", "Closure pull", "Waist"],
    ]);
    const { data } = Papa.parse<Record<string, string>>(fittingCsv(record), { header: true });
    expect(data[1]).toMatchObject({
      "read mm": "24",
      "change mm": "-13.7",
      share: "0.65",
      "left mm": "4",
      verdict: "better",
    });
    expect(data[2]).toMatchObject({ detail: "mark: goes", decision: "open", "read mm": "" });
    expect(data[3]).toMatchObject({ "read N": "2.4", detail: "height mm: 80; elastics N: 0.5" });
  });

  it("gives a spreadsheet no orders", () => {
    const { data } = Papa.parse<Record<string, string>>(fittingCsv(record), { header: true });
    expect(data[1]?.note).toBe("'=HYPERLINK(1)");
  });
});

describe("on paper", () => {
  const isPdf = (bytes: Buffer) => bytes.subarray(0, 5).toString("latin1") === "%PDF-" && bytes.length > 1500;

  it("the record and the cutting table are drawn in either unit, however much there is", async () => {
    for (const unit of ["cm", "in"] as const) {
      const paper = unit === "in" ? "LETTER" : "A4";
      expect(isPdf(await fittingRecordPdf(record, { unit, inchStep: 8, paper }))).toBe(true);
      const many = Array.from({ length: 60 }, (_, id) => ({
        change: sampleChange({ id, linked: [{ piece: "front: Net", ticked: id % 2 === 0 }] }),
        finding: sampleFinding(),
      }));
      const pdf = await cuttingTablePdf({
        title: "Brief",
        subtitle: "",
        table: cuttingTable(many, { rings: [], lengths: [] }),
        unit,
        paper,
      });
      expect(isPdf(pdf)).toBe(true);
      expect(pdf.toString("latin1").match(/\/Type \/Page\b/g)?.length).toBeGreaterThan(3);
    }
  });
});
