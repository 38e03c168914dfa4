import { expect, it } from "vitest";
import { styleOf } from "../../../ease/index.ts";
import { itProposes, samplePrototype } from "../../../testing/index.ts";
import { NEW_WORKINGS } from "../../../workings/index.ts";
import { strainThere } from "../../decide/proposeFor.ts";

const sample = samplePrototype();
/** A wired bra whose cups are cut with some strain: its band plans the underbust alone. */
const bra = samplePrototype({
  frozen: { ...sample.frozen, style: styleOf("wiredBra"), settings: { ...sample.frozen.settings, cupStrain: 0.04 } },
});

const volume = (line: string) => ({ on: "cup", pieces: "cup", line, name: "Give the cup volume" });
const at = (spot: "cupTop" | "cupSide" | "cupCentre" | "sideOfBust") => ({ spot, zone: "bust", amountMm: 12 }) as const;

itProposes("cup_spill", [
  {
    told: "all of the overlap at the top, through the upper seam and the edge",
    found: at("cupTop"),
    remedies: [["more-volume", 12, volume("upper cup seam and top edge")]],
  },
  {
    told: "through the cross seam where it spills at the side",
    found: at("cupSide"),
    remedies: [["more-volume", 12, volume("cross seam, toward the side")]],
  },
  {
    told: "through the lower seam at a centre that floats, or by the bridge",
    found: at("cupCentre"),
    remedies: [
      ["more-volume", 12, volume("lower cup seam, toward the centre")],
      ["bridge", 12, { on: "wire", pieces: "bridge" }],
    ],
  },
  {
    told: "the bridge first where it is the bridge that floats",
    found: { spot: "gore", zone: "underbust", amountMm: 6 },
    remedies: [
      ["bridge", 6, { on: "wire", pieces: "bridge" }],
      ["more-volume", 6],
    ],
  },
  {
    told: "by the strain of the cups on a bra, whatever its band is stretched by",
    found: at("cupSide"),
    on: bra,
    remedies: [["more-volume", 12 / 1.04]],
  },
  {
    told: "through any of the seams at the side of the bust",
    found: at("sideOfBust"),
    remedies: [["more-volume", 12, volume("cup seams")]],
  },
]);

it("is read in the strain the cups are cut in: as Cups was told, else as Pieces was, else by the settings", () => {
  const strain = (workings: typeof sample.frozen.workings) =>
    strainThere(
      { kind: "cup_spill", ...at("cupTop"), side: "left" },
      samplePrototype({ frozen: { ...bra.frozen, workings } }),
    )?.strain;
  const wiredBraPieces = { ...NEW_WORKINGS.wiredBraPieces, cup_strain: 0.05 };
  expect(strain({})).toBe(0.04);
  expect(strain({ wiredBraPieces })).toBe(0.05);
  expect(strain({ wiredBraPieces, cup: { strain: 0.06, remedy: "open" } })).toBe(0.06);
});
