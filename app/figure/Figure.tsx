import type { Zone } from "../../core/ease/index.ts";
import {
  ARM_PATHS,
  garmentPath,
  HAIR,
  HEAD_PATH,
  OUTLINES,
  TRAITS,
  TRUNK_PATH,
  type TrunkView,
} from "../../core/figure/index.ts";
import { FigureFrame, type FigureLayers } from "./FigureFrame.tsx";

/** What the figure is drawn with. */
export interface FigureProps extends FigureLayers {
  readonly view: TrunkView;
  /** Zones of the garment whose cloth is drawn on the body; left out for the body alone. */
  readonly garment?: readonly Zone[] | undefined;
}

/**
 * Stenz's own line drawing of a body, front or back: the map on which tapes are laid, zones planned and findings
 * pinned. A tap tells its place as parts of the drawing field, so that a pin stands where it was put at any size.
 */
export function Figure({ view, garment, onBody, ...layers }: FigureProps) {
  return (
    <FigureFrame
      view={view}
      {...layers}
      outline={TRUNK_PATH}
      body={<Body view={view} />}
      onBody={
        <>
          {garment && garment.length > 0 ? <path className="cloth" d={garmentPath(garment, view)} /> : null}
          {onBody}
        </>
      }
    />
  );
}

function Body({ view }: { view: TrunkView }) {
  const drawn: readonly (readonly [className: string, paths: readonly string[]])[] = [
    ["flesh", [...ARM_PATHS, TRUNK_PATH]],
    ["contour", OUTLINES],
    ["trait", TRAITS[view]],
    ["skin", [HEAD_PATH]],
    ["hair", HAIR[view]],
  ];
  return drawn.flatMap(([className, paths]) => paths.map((path) => <path key={path} className={className} d={path} />));
}
