import { SIDE_ARM_PATH, SIDE_HAIR, SIDE_HEAD_PATH, SIDE_PATH, SIDE_TRAITS } from "../../core/figure/index.ts";
import { FigureFrame, type FigureLayers } from "./FigureFrame.tsx";

/** The figure from its left side. The arm is only hinted at, so that tapes on the trunk are seen. */
export function SideFigure(layers: FigureLayers) {
  const body = (
    <>
      <path className="skin" d={SIDE_PATH} />
      {[SIDE_ARM_PATH, ...SIDE_TRAITS].map((path) => (
        <path key={path} className="trait" d={path} />
      ))}
      <path className="skin" d={SIDE_HEAD_PATH} />
      {SIDE_HAIR.map((path) => (
        <path key={path} className="hair" d={path} />
      ))}
    </>
  );
  return <FigureFrame view="side" {...layers} outline={SIDE_PATH} body={body} />;
}
