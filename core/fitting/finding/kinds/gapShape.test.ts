import { expect } from "vitest";
import { itProposes } from "../../../testing/index.ts";

const gap = (top: number, waist: number, bottom: number) =>
  ({ spot: "lacing", zone: "waist", detail: { top, waist, bottom } }) as const;
const part = (id: string, readMm: number, amountMm: number) => expect.objectContaining({ id, readMm, amountMm });
const cautions = [/faintness, heartburn: loosen at once/];

itProposes("gap_shape", [
  {
    told: "a parallel gap is left, up to 10 mm of difference",
    found: gap(45, 40, 35),
    remedies: [["parallel", null, { on: "making" }]],
    cautions,
  },
  {
    told: "wider at the top: given there, to nothing at the waist",
    found: gap(60, 40, 40),
    remedies: [
      [
        "panels",
        20,
        {
          name: "Give at the top, through the panel seams",
          parts: [part("top", 60, 20)],
          seams: 2,
        },
      ],
    ],
    cautions,
  },
  {
    told: "narrower at the bottom: taken there",
    found: gap(40, 40, 25),
    remedies: [
      ["panels", -15, { name: "Take from the bottom, through the panel seams", parts: [part("bottom", 25, -15)] }],
    ],
    cautions,
  },
  {
    told: "wider at the top and narrower at the bottom: each by its own",
    found: gap(60, 40, 25),
    remedies: [["panels", 20, { parts: [part("top", 60, 20), part("bottom", 25, -15)] }]],
    cautions,
  },
  {
    told: "asks for the three widths",
    found: { spot: "lacing", zone: "waist", detail: { top: 60, waist: 40 } },
    remedies: [],
    asks: [/top, waist and bottom/],
  },
]);
