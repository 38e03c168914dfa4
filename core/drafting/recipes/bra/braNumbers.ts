import { term } from "../../../explain/index.ts";
import type { DraftNumber } from "../../draft.ts";
import { stillRound } from "../../stillRound.ts";
import type { CupOfBreast } from "../cup/cupSide.ts";
import { lengthNumber } from "../drawn.ts";
import type { Given } from "../facts.ts";
import type { Frame } from "./frame.ts";
import { freeIn, type Wire } from "./wire.ts";

const garment = term("garment", "length");
const setting = term("setting", "length");
const body = term("body", "length");

/** One side of a bra as it was drawn. */
interface Drawn {
  readonly cup: CupOfBreast;
  readonly frame: Frame;
  /** The line the cup stands on. */
  readonly lineMm: number;
  readonly wire: Wire | null;
  readonly closed: boolean;
}

/** One side of a band. */
interface OfSide {
  readonly id: string;
  readonly of: string;
  readonly frame: Frame;
  readonly tapeMm: number;
}

/** The numbers of a bra's band and wire, one side. */
export function braNumbers(given: Given, { cup: { side }, frame, lineMm, wire, closed }: Drawn): DraftNumber[] {
  const [of, id] = side === null ? ["", ""] : [`, ${side}`, `${side}.`];
  return [
    ...bandNumbers(given, { id, of, frame, tapeMm: closed ? 0 : given.number("tape_width") }),
    ...(wire ? wireNumbers(wire, lineMm, id, of) : []),
  ];
}

function bandNumbers(given: Given, { id, of, frame, tapeMm }: OfSide): DraftNumber[] {
  return [
    lengthNumber(`${id}wing`, `From side seam to back${of}`, {
      formula: "w = (G − t) / 2 − r",
      terms: [
        garment("G", "planned underbust", given.girth("underbust"), "ease plan"),
        setting("t", "closed hook tape", tapeMm, "options"),
        garment("r", "centre front to side seam", frame.frontMm, "bridge, cup and what lies beside it"),
      ],
      value: frame.wingMm,
      notes: ["Bridge and cups do not stretch: the planned girth is met by what is left behind them."],
    }),
  ];
}

/** How what lies behind the side seams is strained: both wings pull against one another, and are strained alike whatever their fronts are. */
export function wingStrain(given: Given, draft: Parameters<typeof stillRound>[0]): DraftNumber[] {
  const [bodyMm, rigidMm, girthMm] = [given.measure("underbust"), stillRound(draft), given.girth("underbust")];
  if (bodyMm === null || rigidMm === null) return [];
  return [
    {
      id: "wingStrain",
      explanation: {
        title: "Strain behind the side seams",
        formula: "ε = (B − R) / (G − R) − 1",
        terms: [
          body("B", "underbust of the body", bodyMm, "sheet of the body"),
          garment("R", "front and hook tape, which do not stretch", rigidMm, "both sides of the front, and the tape"),
          garment("G", "planned underbust", girthMm, "ease plan"),
        ],
        result: { value: (bodyMm - rigidMm) / (girthMm - rigidMm) - 1, unit: "ratio" },
        notes: ["Where it passes what the cloth gives, let the Band step work the band out with its rigid part."],
        others: [],
      },
    },
  ];
}

function wireNumbers(wire: Wire, channelMm: number, id: string, of: string): DraftNumber[] {
  const tips =
    wire.tipsMm === null
      ? []
      : [
          lengthNumber(`${id}tips`, `Tips of the wire as worn${of}`, {
            formula: "d = d₀ + s",
            terms: [
              setting("d₀", "tip to tip at rest", wire.restMm, "options"),
              setting("s", "spring", wire.springMm, "options"),
            ],
            value: wire.tipsMm,
            notes: ["The channel is drawn to it; the length of the wire does not change."],
          }),
        ];
  if (wire.lengthMm === null) return tips;
  const free = freeIn(channelMm, wire) ?? Number.NaN;
  return [
    ...tips,
    {
      id: `${id}wireFree`,
      explanation: {
        title: `Free in the channel${of}`,
        formula: "F = C − fₜ − f_b − W",
        terms: [
          garment(
            "C",
            "channel along the seam line, bridge and cradle overlapped",
            channelMm,
            "as long as the cup's lower edge on the body: the cradle is rigid",
          ),
          setting("fₜ", "taken off by the edge at the underarm", wire.foldTopMm, "options"),
          setting("f_b", "taken off by the edge at the bridge", wire.foldBridgeMm, "options"),
          setting("W", "wire along its curve", wire.lengthMm, "options"),
        ],
        result: { value: free, unit: "difference" },
        notes: ["At least 5 mm at each end are wanted; over 25 in all, a longer wire or a lower channel."],
        others: [],
      },
    },
    {
      id: `${id}wireRaise`,
      explanation: {
        title: `Raise wanted at the underarm${of}`,
        formula: "x = m − F",
        terms: [
          setting("m", "free for movement, both ends", wire.movesMm, "habit"),
          term("result", "difference")("F", "free in the channel", free, "before any raise"),
        ],
        result: { value: wire.movesMm - free, unit: "difference" },
        notes: [
          "0 or less: none. Else channel, wing and the cup piece that meets it rise by as much, over 40 to 60 mm.",
        ],
        others: [],
      },
    },
  ];
}
