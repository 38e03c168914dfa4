import { term } from "../../../explain/index.ts";
import { type FindingAnswer, type FindingFacts, type FindingKind, type Remedy, remedy } from "./findingKind.ts";

/** Parts of its stretched part by which an edge elastic is let longer: where marks go, and where they stay. */
const LONGER_WHERE_GONE = 0.03;
const LONGER_WHERE_STAYS = 0.05;

/** An edge, strap, bone or wire that digs in. */
export const digs: FindingKind = {
  id: "digs",
  name: "Digs in",
  sees: "A strap, edge, band, bone or wire end presses a mark.",
  spots: [
    "strap",
    "neckline",
    "armhole",
    "underarm",
    "sideOfBust",
    "underbust",
    "waist",
    "topEdge",
    "wing",
    "gore",
    "highHip",
    "leg",
    "legFront",
    "legBack",
    "arm",
    "boneEnd",
    "wire",
  ],
  amount: {
    name: "Length more wanted",
    howToRead:
      "If it was tried: by how much longer (bone and wire: shorter) it no longer digs. Else leave it empty and give the stretched part.",
    needed: false,
    canBeFolded: false,
  },
  fields: [
    {
      id: "mark",
      label: "Mark after 30 minutes",
      type: "choice",
      choices: [
        { value: "none", label: "none" },
        { value: "goes", label: "gone in 5 minutes" },
        { value: "stays", label: "stays" },
      ],
      needed: true,
    },
    {
      id: "stretched",
      label: "Stretched part",
      type: "amount",
      hint: "Of its elastic: where it is stretched. It is let longer by 3 to 5 % of that. Empty: as Elastics has it.",
      needed: false,
    },
  ],
  effect: "addition",
  strain: "free",
  answer,
};

function answer({ spot, takeMm, detail }: FindingFacts): FindingAnswer {
  const cautions =
    detail.mark === "stays"
      ? ["A mark that stays: not to be worn like this. Numbness or tingling: take it off at once."]
      : [];
  if (detail.mark === "none") {
    return {
      remedies: [
        remedy({
          id: "watch",
          on: "making",
          name: "Leave it and watch",
          why: "No mark after 30 minutes: nothing to change.",
        }),
      ],
    };
  }
  if (spot === "boneEnd" || spot === "wire") {
    const what = spot === "wire" ? "wire" : "bone";
    return {
      remedies: [shorter(what, takeMm)],
      cautions: [...cautions, ...(spot === "wire" ? ["A wire sits on the ribs, never on tissue."] : [])],
    };
  }
  const part = detail.mark === "stays" ? LONGER_WHERE_STAYS : LONGER_WHERE_GONE;
  const stretched = typeof detail.stretched === "number" ? detail.stretched : null;
  const longer = remedy({
    id: "longer-elastic",
    on: "elastic",
    name: spot === "strap" ? "Lengthen the strap" : "Let the edge elastic longer",
    pieces: spot === "strap" ? "strap" : "edge elastic",
    line: spot === "strap" ? "strap" : "its stretched part",
    amountMm: takeMm ?? (stretched === null ? null : part * stretched),
    by:
      takeMm === null && stretched !== null
        ? {
            formula: "Δ = p · L",
            terms: [
              term("setting", "ratio")(
                "p",
                "part it is let longer by",
                part,
                "3 % where the mark goes, 5 % where it stays",
              ),
              term("finding", "amount")(
                "L",
                "stretched part of the elastic",
                stretched,
                "of the elastic, as it was put down",
              ),
            ],
          }
        : null,
    why:
      takeMm === null
        ? `By ${part * 100} % of its stretched part: 3 % where the mark goes, 5 % where it stays.`
        : "By the whole amount: too much given is easily taken off.",
  });
  const asks = [
    ...(takeMm === null && stretched === null
      ? ["Give the stretched part of the elastic, so that there is an amount."]
      : []),
    ...(spot === "strap" ? ["Strap: check the trunk loop first; a short torso digs at the straps."] : []),
  ];
  return { remedies: [longer], asks, cautions };
}

const shorter = (what: "bone" | "wire", takeMm: number | null): Remedy =>
  remedy({
    id: `shorter-${what}`,
    on: what === "wire" ? "wire" : "making",
    name: `Shorten the ${what}`,
    pieces: what,
    line: `end of the ${what}`,
    amountMm: takeMm === null ? null : -takeMm,
    why: `The end of the ${what} presses: a shorter ${what}, with its end capped and its channel closed before it.`,
  });
