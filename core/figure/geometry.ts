import type { Zone } from "../ease/index.ts";

/** The views that show the trunk from the front or the back. */
export type TrunkView = "front" | "back";

/** A view of the figure; from the side it shows the wearer's left. */
export type FigureView = TrunkView | "side";

/** All views, in the order they are shown. */
export const FIGURE_VIEWS = ["front", "side", "back"] as const satisfies readonly FigureView[];

/** Size of the figure's drawing field; every place on it is kept as a part of this. */
export const FIELD = { width: 220, height: 400 } as const;

/** The middle of the body. */
export const CENTRE = 110;

/** Height of each level on the figure. */
export const LEVEL: Readonly<Record<Exclude<Zone, "leg" | "arm">, number>> & { readonly crotch: number } = {
  overbust: 108,
  bust: 124,
  underbust: 145,
  waist: 178,
  highHip: 206,
  hip: 236,
  crotch: 258,
};

/** The leg line of a brief on one side: from the hip at the side down to the crotch. */
export function legLine(side: "viewerLeft" | "viewerRight", view: TrunkView): string {
  const direction = side === "viewerRight" ? 1 : -1;
  const x = (offset: number) => CENTRE + direction * offset;
  const sag = view === "front" ? 238 : 268;
  return `M ${x(50)} 212 C ${x(38)} ${sag - 8}, ${x(22)} ${sag + 4}, ${x(4)} 262`;
}

/** A level line round the body, bowed as seen from a little above. */
export function levelLine(y: number, bow = 5): string {
  return `M ${CENTRE - 60} ${y} Q ${CENTRE} ${y + 2 * bow} ${CENTRE + 60} ${y}`;
}

/** A place on the figure as parts of its field, 0 to 1. */
export interface Place {
  readonly view: FigureView;
  readonly x: number;
  readonly y: number;
}
