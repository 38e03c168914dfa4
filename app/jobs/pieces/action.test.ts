import { expect, it } from "vitest";
import { SHIPPED_FINISH_SETTINGS } from "../../../core/edges/index.ts";
import { demoStore } from "../../../data/testing/index.ts";
import { itActs } from "../../testing/itActs.ts";
import { postTo } from "../../testing/postTo.ts";
import { workingDraft } from "../calculation/workingDraft.ts";
import { edgeValue } from "./steps/stepForm.ts";

/** One edge as its row is typed. */
const row = (at: number, piece: string, edge: string, length: string) => ({
  [`edges[${at}].piece`]: piece,
  [`edges[${at}].edge`]: edge,
  [`edges[${at}].length`]: length,
});

const edgeOf = (piece: string, edge: string) => edgeValue({ piece, edge });

const svg = (text: string) => new File([text], "front.svg", { type: "image/svg+xml" });
const BOX = `<svg xmlns="http://www.w3.org/2000/svg" width="100mm" height="60mm" viewBox="0 0 100 60"><path d="M0 0H100V60H0Z"/></svg>`;

itActs([
  {
    does: "finishes an edge otherwise: its allowance follows",
    address: "/jobs/1/pieces",
    right: {
      ...{ intent: "step", step: "finishEdge", of: "briefPieces", version: "1", unit: "cm" },
      ...{ finishEdge: edgeOf("front", "waist"), finish: "picot", finishWidth: "12", finishDecorative: "3" },
    },
    gives: "/jobs/1/pieces?draw=briefPieces",
    wrong: [
      [{ finish: "glue" }, ["finish"]],
      [{ finishWidth: "" }, ["finish"]],
      [{ finishDecorative: "14" }, ["finish"]],
      [{ finishEdge: "" }, ["finishEdge"]],
      [{ finishEdge: edgeOf("front", "centre") }, ["finishEdge"]],
    ],
    stale: 409,
    foreign: ["/jobs/99/pieces"],
  },
  {
    does: "keeps the options of pieces",
    address: "/jobs/2/pieces",
    right: { intent: "working", working: "briefPieces", unit: "cm", leg_raise: "20", back_leg: "curved", version: "0" },
    gives: "/jobs/2/pieces?draw=briefPieces",
    wrong: [
      [{ leg_raise: "400" }, ["leg_raise"]],
      [{ gusset_before: "much" }, ["gusset_before"]],
    ],
    stale: 409,
    foreign: ["/jobs/99/pieces", ["/jobs/2/pieces", { working: "guess" }]],
  },
  {
    does: "keeps the edges of a pattern from elsewhere",
    address: "/jobs/2/pieces",
    right: { intent: "working", working: "ownPieces", unit: "cm", version: "0", ...row(0, "Front", "side", "31,8") },
    gives: "/jobs/2/pieces?draw=ownPieces",
    wrong: [
      [row(0, "Front", "side", "long"), ["edges[0].length"]],
      [{ ...row(0, "Front", "side", "31"), "edges[0].ease": "much" }, ["edges[0].ease"]],
      [row(1, "", "side", "31"), ["edges[1].piece"]],
      [{ "edges[0].counts": "knee" }, ["edges[0].counts"]],
    ],
    stale: 409,
  },
  {
    does: "reads pieces in from a file",
    address: "/jobs/2/pieces",
    right: { intent: "file", version: "0", unit: "cm", outline: "cut", allowance: "6", file: svg(BOX) },
    gives: "/jobs/2/pieces?draw=ownPieces",
    wrong: [
      [{ file: new File([], "") }, ["file"]],
      [{ file: new File(["x"], "front.ai") }, ["file"]],
      [{ file: svg("<svg") }, ["file"]],
      [{ file: svg(BOX.replace("<path", "<script/><path")) }, ["file"]],
      [{ allowance: "" }, ["allowance"]],
      [{ allowance: "60" }, ["allowance"]],
      [{ allowance: "31" }, ["file"]],
      [{ fileUnit: "ell" }, ["fileUnit"]],
    ],
    stale: 409,
    foreign: ["/jobs/99/pieces"],
  },
  {
    does: "reads pieces in at the scale of a drawn mark",
    address: "/jobs/2/pieces",
    right: {
      ...{ intent: "file", version: "0", unit: "cm", outline: "seam", fileUnit: "mark" },
      file: svg(BOX.replace("<path", '<path d="M0 90 L 50 90"/><path')),
    },
    // The mark itself is an open line: what was passed over is told.
    gives: "/jobs/2/pieces?draw=ownPieces&passed=open+line%3A+1",
    wrong: [
      [{ file: svg(BOX) }, ["file"]],
      [{ file: new File(["0\nEOF"], "front.dxf") }, ["file"]],
    ],
  },
  {
    does: "reads closed outlines in and says what it passed over",
    address: "/jobs/2/pieces",
    right: {
      ...{ intent: "file", version: "0", unit: "cm", outline: "seam" },
      file: svg(BOX.replace("<path", '<path d="M200 0H300V60"/><text>Front</text><path')),
    },
    gives: "/jobs/2/pieces?draw=ownPieces&passed=open+line%3A+1&passed=text%3A+1",
    wrong: [[{ file: svg(BOX.replace("Z", "")) }, ["file"]]],
  },
  {
    does: "builds a piece from its lengths",
    address: "/jobs/2/pieces",
    right: {
      ...{ intent: "built", version: "0", builtName: "Side panel" },
      ...{ builtEdges: "210 95 180 90", builtAcross: "1-3 226" },
    },
    gives: "/jobs/2/pieces?draw=ownPieces",
    wrong: [
      [{ builtName: "" }, ["builtName"]],
      [{ builtEdges: "210 wide 180 90" }, ["builtEdges"]],
      [{ builtEdges: "" }, ["builtEdges"]],
      [{ builtAcross: "1-3" }, ["builtAcross"]],
      [{ builtAcross: "" }, ["builtEdges"]],
      [{ builtAcross: "1-3 500" }, ["builtEdges"]],
    ],
    stale: 409,
    foreign: ["/jobs/99/pieces"],
  },
  {
    does: "turns a lap of a piece into a dart",
    address: "/jobs/9/pieces",
    right: {
      ...{ intent: "step", step: "lap", of: "ownPieces", unit: "cm", version: "1" },
      ...{ lapEdge: edgeOf("Side back", "side seam"), lapAt: "150", lapWidth: "8", lapDepth: "40" },
      ...{ lapInto: edgeOf("Side back", "side seam"), lapStop: "12" },
    },
    gives: "/jobs/9/pieces?draw=ownPieces",
    wrong: [
      [{ lapEdge: "" }, ["lapEdge"]],
      [{ lapEdge: "side seam" }, ["lapEdge"]],
      [{ lapInto: edgeOf("Side front", "side seam") }, ["lapInto"]],
      [{ lapAt: "far" }, ["lapAt"]],
      [{ lapWidth: "0" }, ["lapWidth"]],
      [{ lapAt: "900" }, ["lapEdge"]],
      [{ lapInto: edgeOf("Side back", "upper") }, ["lapEdge"]],
    ],
    stale: 409,
    foreign: ["/jobs/99/pieces", ["/jobs/9/pieces", { step: "guess" }], ["/jobs/9/pieces", { of: "guess" }]],
  },
  {
    does: "splits a piece in two",
    address: "/jobs/9/pieces",
    right: {
      ...{ intent: "step", step: "splitInTwo", of: "ownPieces", unit: "cm", version: "1" },
      ...{ splitFrom: edgeOf("Centre front", "upper"), splitFromAt: "60" },
      ...{ splitTo: edgeOf("Centre front", "lower"), splitToAt: "58", splitBow: "0", splitAllowance: "10" },
    },
    gives: "/jobs/9/pieces?draw=ownPieces",
    wrong: [
      [{ splitTo: edgeOf("Side back", "lower") }, ["splitTo"]],
      [{ splitTo: edgeOf("Centre front", "upper") }, ["splitFrom"]],
      [{ splitBow: "200" }, ["splitBow"]],
    ],
  },
  {
    does: "moves a style line of drafted pieces",
    address: "/jobs/1/pieces",
    right: {
      ...{ intent: "step", step: "styleLine", of: "briefPieces", unit: "cm", version: "1" },
      ...{ lineEdge: edgeOf("front", "side"), lineBy: "6", lineFrom: "60", lineTo: "80", lineBlend: "40" },
    },
    gives: "/jobs/1/pieces?draw=briefPieces",
    wrong: [
      [{ lineEdge: edgeOf("front", "waist") }, ["lineEdge"]],
      [{ lineFrom: "" }, ["lineFrom"]],
    ],
    stale: 409,
  },
  {
    does: "takes a length of a garment that fits over",
    address: "/jobs/1/pieces",
    right: { intent: "liked", of: "briefPieces", version: "1", garment: "1", point: "frontRise" },
    gives: "/jobs/1/pieces?draw=briefPieces",
    wrong: [[{ point: "backRise", garment: "3" }, ["liked"]]],
    stale: 409,
    foreign: [
      "/jobs/99/pieces",
      ["/jobs/2/pieces", { version: "0" }],
      ["/jobs/1/pieces", { garment: "99" }],
      ["/jobs/1/pieces", { of: "guess" }],
    ],
  },
  {
    does: "takes the last step back",
    address: "/jobs/9/pieces",
    right: { intent: "stepBack", of: "ownPieces", version: "1" },
    gives: "/jobs/9/pieces?draw=ownPieces",
    stale: 409,
    foreign: ["/jobs/99/pieces", ["/jobs/9/pieces", { of: "guess" }]],
  },
  {
    does: "takes the edges of the wearer's wrap",
    address: "/jobs/4/pieces",
    right: { intent: "wrap", wrap: "1", version: "1" },
    gives: "/jobs/4/pieces?draw=ownPieces",
    stale: 409,
    foreign: [["/jobs/1/pieces", { version: "0", wrap: "7" }], "/jobs/99/pieces"],
  },
]);

it("reads nothing in over edges that are half-typed", async () => {
  const { store } = await demoStore();
  await postTo(store, "/drafts", { draftForm: workingDraft(4, "ownPieces"), "edges[0].piece": "Fr" });
  const answer = await postTo(store, "/jobs/4/pieces", { intent: "wrap", wrap: "1", version: "1" });
  expect(answer).toMatchObject({ status: 400, wrong: ["wrap"] });
});

it("decides the part that its options draw, once for both steps", async () => {
  const { store } = await demoStore();
  const { version, texts } = await store.workings.find(4, "onePiecePieces");
  const sent = { ...texts, intent: "working", working: "onePiecePieces", unit: "cm", version: String(version) };
  await postTo(store, "/jobs/4/pieces", { ...sent, neck: "v", back: "halter" });
  expect((await store.workings.find(4, "onePiecePieces")).working).toMatchObject({ neck: "v", back: "halter" });
  expect((await store.workings.find(4, "parts")).working).toMatchObject({ front: "v", back: "halter" });
});

it("adds what its finish asks for at the edge of the pieces, and no more", async () => {
  const { store } = await demoStore();
  const sent = { intent: "step", step: "finishEdge", of: "briefPieces", version: "1", unit: "cm" };
  const at = { finishEdge: edgeOf("front", "waist"), finish: "picot", finishWidth: "12", finishDecorative: "3" };
  await postTo(store, "/jobs/1/pieces", { ...sent, ...at });
  const { working } = await store.workings.find(1, "briefPieces");
  expect(working.steps).toEqual([
    { operation: "allow", params: { piece: "front", edge: "waist", finish: "elastic", allowance: 9 } },
  ]);
  // A habit of the workshop decides what an overlocked seam adds.
  await store.settings.save("finish", { value: { ...SHIPPED_FINISH_SETTINGS, overlockMm: 7 }, version: 0 });
  const seam = { finishEdge: edgeOf("front", "side"), finish: "overlock" };
  await postTo(store, "/jobs/1/pieces", { ...sent, ...seam, version: "2" });
  const after = await store.workings.find(1, "briefPieces");
  expect(after.working.steps).toHaveLength(2);
  expect(JSON.stringify(after.working.steps)).toContain('"allowance":7');
});
