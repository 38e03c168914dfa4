import { INCH_RULES } from "../../../core/cups/label/labels.ts";
import { INCH_RULE_WORDS } from "../../../core/cups/label/reckonLabel.ts";
import { ROOM_SCHOOLS, TISSUES } from "../../../core/cups/room/roomWays.ts";
import type { WorkingId, Workings } from "../../../core/workings/workings.ts";
import type { WorkingField } from "./field.ts";

/** Fields of one working, by the names of its values. */
export type FieldsOf<T> = { readonly [Key in keyof T]?: WorkingField };

const length = (label: string, hint?: string): WorkingField => ({
  as: "length",
  label,
  mostMm: 3000,
  ...(hint ? { hint } : {}),
});
const small = (label: string, mostMm: number, hint?: string, zero = false): WorkingField => ({
  as: "small",
  label,
  mostMm,
  zero,
  ...(hint ? { hint } : {}),
});
const choice = (label: string, choices: readonly (readonly [string, string])[]): WorkingField => ({
  as: "choice",
  label,
  choices: choices.map(([value, words]) => ({ value, label: words })),
});

/** The fields of every working, in the order they are filled in. */
export const WORKING_FIELDS: { readonly [Id in WorkingId]: FieldsOf<Workings[Id]> } = {
  trunk: {
    from: choice("The present loop comes from", [
      ["draft", "my draft"],
      ["chart", "a graded pattern"],
      ["wrap", "a body wrap"],
    ]),
    wrapId: { as: "pick", label: "Body wrap" },
    size: { as: "text", label: "Size" },
    trunkLoop: length("Whole loop", "Shoulder to shoulder."),
    frontWaist: length("Front, above waist"),
    crotchFront: length("Front, below waist"),
    crotchBack: length("Back, below waist"),
    backWaist: length("Back, above waist"),
    ownReduction: {
      as: "percent",
      label: "Drawn shorter by",
      least: 0,
      most: 50,
      hint: "As its maker says; or empty.",
    },
    school: choice("Place the difference", [
      ["segments", "where each part lacks it"],
      ["halves", "half front, half back"],
    ]),
    linked: { as: "text", label: "Further pieces on front and back", hint: "With commas: facing, overlay." },
  },
  rise: {
    dropFrontMm: small("Below waist, front", 400, "Empty: by the style.", true),
    dropBackMm: small("Below waist, back", 400, "Empty: by the style.", true),
    frontRiseMm: length("Front rise"),
    backRiseMm: length("Back rise"),
    depthMm: length("Crotch depth", "Edge to seat line."),
    frontWaistMm: length("Front waist", "Shoulder to its waist line."),
    backWaistMm: length("Back waist", "Nape to its waist line."),
    inseamMm: length("Inseam", "Where it has legs."),
    elasticRatio: { as: "number", label: "Elastic over edge", least: 0.5, most: 1, hint: "Empty: 0.92." },
  },
  bustRoom: {
    patternBustMm: length("Pattern at the bust", "All round, as it is."),
    draftedDifferenceMm: small("Drafted difference", 400, "Bust over overbust.", true),
    tissue: choice(
      "How the tissue sits",
      TISSUES.map(({ id, name }) => [id, name]),
    ),
    plunge: { as: "check", label: "The neckline plunges across the breast" },
    amount: choice("Room to give", [
      ["full", "full"],
      ["least", "least"],
      ["own", "my own"],
    ]),
    ownRoomMm: small("My own room, both sides", 400),
    school: choice(
      "By",
      ROOM_SCHOOLS.map(({ id, name }) => [id, name.toLowerCase()]),
    ),
    fullerLineMm: small("The fuller line gives, each side", 200, "Where the pattern has one."),
  },
  dart: {
    from: { as: "text", label: "Gape at", hint: "Armhole, neckline …" },
    into: { as: "text", label: "Dart into", hint: "Side seam, underbust …" },
    widthMm: small("Gape at the edge", 150),
    toApexMm: small("Edge to apex", 500),
    newToApexMm: small("New seam to apex", 500),
    stopMm: small("Stops before apex", 60, "12 small, 25 full.", true),
    ownEdgeMm: small("Edge with the dart", 1500, "As drafted."),
    neighbourMm: small("Edge it is sewn to", 1500),
    movedOutMm: { as: "signed", label: "Apex moved out", mostMm: 150, hint: "− to the centre." },
    movedDownMm: { as: "signed", label: "Apex moved down", mostMm: 150, hint: "− upwards." },
  },
  cup: {
    strain: { as: "percent", label: "Cup strain", least: 0, most: 50, hint: "0 rigid; 3–6 lace." },
    remedy: choice("Where the sides differ", [
      ["open", "not decided"],
      ["twoCups", "cut two cups"],
      ["padSmaller", "cut the larger, pad the smaller"],
    ]),
  },
  label: {
    inchRule: choice(
      "Inch labels by",
      INCH_RULES.map((rule) => [rule, INCH_RULE_WORDS[rule].name]),
    ),
  },
  band: {
    rigidMm: {
      as: "length",
      label: "Rigid parts cover",
      mostMm: 1500,
      zero: true,
      hint: "Bridge, cradles, hooks.",
    },
    heightMm: small("Height of the band", 300),
    by: choice("Given is", [
      ["strain", "the strain"],
      ["pressure", "the pressure"],
    ]),
    strain: {
      as: "percent",
      label: "Strain of the wings",
      least: 0,
      most: 200,
      hint: "Empty: by the plan.",
    },
    pressureKpa: {
      as: "number",
      label: "Mean pressure",
      least: 0.05,
      most: 6,
      suffix: "kPa",
      hint: "Support 1.2–1.5.",
    },
    topElastic: { as: "pick", label: "Top elastic" },
    topRatio: { as: "number", label: "Top, over wing", least: 0.5, most: 1.2, hint: "Empty: 0.9." },
    bottomElastic: { as: "pick", label: "Bottom elastic" },
    bottomRatio: { as: "number", label: "Bottom, over wing", least: 0.5, most: 1.2, hint: "Empty: 0.9." },
  },
  strap: {
    hardwareMm: small("Rings and slider", 200, "Along the strap.", true),
    allowanceMm: small("Allowances", 300, "Ends and loop.", true),
    widthMm: small("Width of the strap", 100),
    by: choice("Strain by", [
      ["habit", "habit"],
      ["test", "the elastic’s test"],
    ]),
    elastic: { as: "pick", label: "Strap elastic" },
    halter: { as: "check", label: "A halter, round the neck" },
  },
  closure: {
    rows: { as: "number", label: "Rows of hooks", least: 1, most: 3, whole: true, hint: "19 mm a row." },
    tapeMm: small("Tape, measured", 120, "Empty: by its rows."),
    availableMm: small("Room at back end", 200, "Between folded edges."),
    bridgeToEdgeMm: small("Channel to edge", 150),
    edgeFoldMm: small("Fold of its elastic", 40, "At the bridge.", true),
    dipMm: small("Dip wanted", 120),
  },
  wire: {
    sides: choice("The two sides", [
      ["alike", "alike: one wire"],
      ["apart", "left and right apart"],
    ]),
    channelMm: small("Channel", 600, "Along the seam line."),
    rightChannelMm: small("Right: channel", 600, "Along the seam line."),
    foldTopMm: small("Fold at the top", 40, undefined, true),
    foldBridgeMm: small("Fold at the bridge", 40, undefined, true),
    wireMm: small("Wire, along it", 600, "Tip to tip."),
    rightWireMm: small("Right: wire, along it", 600, "Tip to tip."),
    tipDistanceMm: small("Tips apart at rest", 400),
    rightTipDistanceMm: small("Right: tips apart at rest", 400),
    springMm: small("Tips spring apart by", 60, undefined, true),
    rightSpringMm: small("Right: tips spring by", 60, undefined, true),
    diameterMm: small("Wire, tip to tip across", 300, "Straight across, at rest; not its thickness.", true),
    rightDiameterMm: small("Right: tip to tip across", 300, "Straight across, at rest.", true),
    raiseAt: choice("A raise goes", [
      ["underarm", "all to the underarm"],
      ["both", "half to the bridge"],
    ]),
  },
};
