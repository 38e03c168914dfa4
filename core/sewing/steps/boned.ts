import { hasSkirt, isBoned } from "../made.ts";
import type { Made, SewingStep } from "../step.ts";

const isLaced = (made: Made): boolean => isBoned(made) && made.style.closes !== "zip";

/** The body of a boned garment. */
export const panelSteps: readonly SewingStep[] = [
  { id: "panels", name: "Join the panels", guessMin: 90, appears: isBoned },
  {
    ...{ id: "boneChannels", name: "Sew bone channels and waist tape", guessMin: 60, appears: isBoned },
    after: [{ step: "panels", why: "channels lie on the seams" }],
  },
  {
    ...{ id: "joinSkirt", name: "Join the skirt to the bodice", guessMin: 40, appears: hasSkirt },
    after: [{ step: "boneChannels", why: "channels end above the seam" }],
  },
];

/** What a boned garment takes once its closure is in. */
export const bindingSteps: readonly SewingStep[] = [
  {
    ...{ id: "mockLacing", name: "Lace it on with a basted lacing strip", guessMin: 20, appears: isLaced },
    fit: "Laced to the wished gap: parallel behind, no bone at the ribs, breath and sitting.",
    after: [{ step: "boneChannels", why: "without bones it tells nothing" }],
  },
  {
    ...{ id: "bindEdges", name: "Bind the edges, bones in", guessMin: 60, appears: isBoned },
    after: [
      { step: "boneChannels", why: "a bound edge closes them" },
      { step: "closure", why: "busk, zip or eyelets go in before the edge is closed" },
    ],
  },
];
