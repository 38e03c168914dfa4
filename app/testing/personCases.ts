import type { ActionCase } from "./actionCase.ts";

const sheet = { takenOn: "2026-11-01", unit: "cm", tape: "snug", "measure.waist.single.take1": "74,2" };
const wrap = { name: "Standing", takenOn: "2026-11-01", "edges[0].piece": "Front", "edges[0].length": "19" };
const liked = { name: "Grey brief", measuredOn: "2026-11-01", "width.waist": "32,9", unit: "cm" };

/** Wearers, sheets, wraps and garments that fit. */
export const PERSON_CASES: readonly ActionCase[] = [
  {
    does: "adds a wearer",
    address: "/wearers/new",
    right: { name: "Ulla Fenn", kind: "person" },
    gives: /^\/wearers\/\d+$/,
    wrong: [
      [{ name: " " }, ["name"]],
      [{ kind: "ghost" }, ["kind"]],
    ],
  },
  {
    does: "changes a wearer",
    address: "/wearers/1",
    right: { name: "Ilva Thornbeck", kind: "person", notes: "Prefers a high back.", version: "1" },
    gives: "/wearers/1",
    wrong: [[{ name: "x".repeat(121) }, ["name"]]],
    stale: 409,
    foreign: ["/wearers/99", "/wearers/one"],
  },
  {
    does: "takes a sheet",
    address: "/wearers/1/sheets/new",
    right: sheet,
    gives: /^\/sheets\/\d+$/,
    wrong: [
      [{ takenOn: "2099-01-01" }, ["takenOn"]],
      [{ "measure.waist.single.take1": "wide" }, ["measure.waist.single.take1"]],
      [{ "measure.waist.single.take1": "" }, ["form"]],
      [{ "measure.waist.single.not": "in a hurry" }, ["measure.waist.single.not"]],
    ],
    foreign: ["/wearers/99/sheets/new"],
  },
  {
    does: "answers a check of a sheet",
    address: "/sheets/3",
    right: { ruleId: "body.range", code: "waist", side: "single", word: "confirmed" },
    gives: 200,
    wrong: [
      [{ ruleId: "body.guess" }, []],
      [{ code: "knee" }, []],
      [{ word: "maybe" }, []],
    ],
    foreign: ["/sheets/99"],
  },
  {
    does: "imports sheets",
    address: "/wearers/1/sheets/import",
    right: { mode: "whole", file: new File(["taken on;measure;side;value\n2026-11-01;waist;;74,2\n"], "s.csv") },
    gives: /^\/wearers\/1$|^400$/,
    wrong: [[{ file: new File(["no sheet at all"], "s.csv") }, []]],
    foreign: [],
    leaves: true,
  },
  {
    does: "enters a wrap",
    address: "/wearers/1/wraps/new",
    right: wrap,
    gives: /^\/wraps\/\d+$/,
    wrong: [
      [{ "edges[0].length": "wide" }, ["edges[0].length"]],
      [{ "edges[0].piece": "", "edges[0].length": "" }, ["edges"]],
    ],
    foreign: ["/wearers/99/wraps/new"],
  },
  {
    does: "changes a wrap",
    address: "/wraps/1",
    right: { ...wrap, version: "1" },
    gives: "/wraps/1",
    wrong: [[{ "edges[0].seam": "ABCDE" }, ["edges[0].seam"]]],
    stale: 409,
    foreign: ["/wraps/99"],
  },
  {
    does: "adds a garment that fits",
    address: "/wearers/1/garments/new",
    right: liked,
    gives: "/wearers/1/garments",
    wrong: [
      [{ "width.waist": "" }, ["width.waist"]],
      [{ cloth: "no such cloth" }, ["cloth"]],
    ],
    foreign: ["/wearers/99/garments/new"],
  },
  {
    does: "changes a garment that fits",
    address: "/garments/1",
    right: { ...liked, version: "1" },
    gives: "/wearers/1/garments",
    wrong: [[{ usable: "0" }, ["usable"]]],
    stale: 409,
    foreign: ["/garments/99"],
  },
  {
    does: "erases a wearer",
    address: "/wearers/3/erase",
    right: { typedName: "Wenna Paskell" },
    gives: /^\/wearers\?erased=/,
    wrong: [
      [{ typedName: "" }, ["typedName"]],
      [{ typedName: "Wenna" }, ["typedName"]],
    ],
    foreign: ["/wearers/99/erase"],
  },
  {
    does: "imports a wearer",
    address: "/wearers/import",
    right: { file: new File(["{}"], "w.json") },
    gives: 400,
    wrong: [[{ file: "" }, []]],
    leaves: true,
  },
];
