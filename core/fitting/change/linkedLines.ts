import { namesIn } from "../../torso/index.ts";
import type { FrozenLayer } from "../prototype/frozenPlan.ts";
import type { LinkedLine } from "./change.ts";

/** Pieces that stand for no cloth of the shell: what is changed on them is theirs alone. */
const NOT_SHELL = /elastic|strap|wire|bone|lining/;

/** The lines to tick for a change of these pieces: every inner layer takes the same on each piece; none for hardware. */
export function linkedFor(pieces: string, layers: readonly Pick<FrozenLayer, "name">[]): LinkedLine[] {
  const changed = namesIn(pieces).filter((piece) => !NOT_SHELL.test(piece));
  return layers
    .slice(1)
    .flatMap(({ name }, index) =>
      changed.map((piece) => ({ piece: `${piece}: layer ${index + 2}, ${name}`, ticked: false })),
    );
}

/** Ticks a list anew: those named are ticked, the others not. */
export const ticked = (lines: readonly LinkedLine[], names: readonly string[]): LinkedLine[] =>
  lines.map(({ piece }) => ({ piece, ticked: names.includes(piece) }));

/** True where a linked line is unticked and nobody said why. */
export const holdsBack = ({
  linked,
  untickedReason,
}: {
  readonly linked: readonly LinkedLine[];
  readonly untickedReason: string;
}): boolean => untickedReason === "" && linked.some((line) => !line.ticked);
