import { calculation, choice, length, small, type WorkingField } from "../../calculation/index.ts";
import { isBoned } from "../../ease/index.ts";
import { EXPERIENCES } from "../reduction/experience.ts";
import { REDUCTION_SCHOOLS, reductionSchool } from "../reduction/schools/index.ts";
import { corsetFactsOf } from "./corsetFacts.ts";
import { reckonCorset } from "./reckonCorset.ts";
import { NEW_CORSET } from "./working.ts";

const off = (label: string, hint: string): WorkingField => ({ as: "signed", label, mostMm: 300, hint });
const count = (label: string, hint: string): WorkingField => ({
  ...{ as: "number", label, hint, least: 0, most: 80, whole: true },
});
const layers = (label: string, hint: string): WorkingField => ({
  ...{ as: "number", label, hint, least: 0, most: 12, whole: true },
});
const [mm, percent, ease] = [reductionSchool("mm"), reductionSchool("percent"), reductionSchool("ease")];

/** How much smaller than the body a boned garment closes, level by level. */
export const corsetCalculation = calculation({
  step: "corset",
  fresh: NEW_CORSET,
  fields: {
    experience: choice("It is", [
      ["first", EXPERIENCES.first.name],
      ["experienced", `for ${EXPERIENCES.experienced.name}`],
    ]),
    school: choice(
      "Planned by",
      REDUCTION_SCHOOLS.map(({ id, name }) => [id, name.toLowerCase()] as const),
    ),
    offMm: small(mm.amount.name, mm.amount.most, "Empty: the usual for the wearer.", true),
    offPart: {
      as: "percent",
      label: percent.amount.name,
      least: 0,
      most: 100 * percent.amount.most,
      hint: "Empty: the usual for the wearer.",
    },
    easeMm: small(ease.amount.name, ease.amount.most, "Empty: 10 mm.", true),
    closing: choice("Closes", [
      ["asStyle", "as its style does"],
      ["laced", "laced behind"],
      ["buskLaced", "busk in front, laced behind"],
      ["busk", "busk, edge to edge"],
      ["zip", "zip, edge to edge"],
    ]),
    gapMm: small("Gap of the lacing", 200, "Parallel. Empty: 50 mm.", true),
    bustMm: off("Off the bust", "Empty: nothing."),
    underbustMm: off("Off the underbust", "Empty: by the breath."),
    midRibMm: off("Off the mid-rib", "Empty: between the two."),
    highHipMm: off("Off the high hip", "Empty: nothing."),
    lowerEdgeMm: off("Off the lower edge", "Empty: 10 mm of room."),
    lowerFrontMm: length("Lower edge, front", "Below the waist. Empty: at the hip."),
    lowerSideMm: length("Lower edge, side", "Below the waist. Empty: at the hip."),
    lowerBackMm: length("Lower edge, back", "Below the waist. Empty: at the hip."),
    lowerGirthMm: length("Body there", "Empty: the hip, or between high hip and hip."),
    thicknessMm: small("All layers, thick", 15, "Of a folded sample, halved."),
    bulkySeams: count("Bulky seams", "All round, allowances inside."),
    channels: count("Bone channels", "All round."),
    channelThicknessMm: small("A channel, thick", 10, "With its bone."),
    addBack: choice("Added for what they eat", [
      ["layers", "the layers"],
      ["all", "layers, seams and channels"],
      ["none", "nothing"],
    ]),
    netStrength: layers("Net for strength", "Layers of its inner corset that carry."),
    netTone: layers("Net for the skin’s tone", "Layers that only colour it."),
  },
  appears: isBoned,
  facts: corsetFactsOf,
  reckon: reckonCorset,
});
