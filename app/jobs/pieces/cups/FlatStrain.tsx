import Box from "@mui/material/Box";
import type { CupSurface, CupSurfacePatch, Point } from "../../../../core/drafting/index.ts";
import { drawingStyle } from "../../calculation/drawing.ts";
import { PatchMark, ToneFace } from "./ToneFace.tsx";

/** Room round and between the pieces, mm. */
const ROOM = 16;

/** The pieces of a cup laid flat, side by side at one scale: every place in the tone of the strain that is left there, every piece with its mark. */
export function FlatStrain({ surface }: { surface: CupSurface }) {
  const of = surface.side === null ? "the cup" : `the ${surface.side} cup`;
  const boxes = surface.patches.map(boxOf);
  const starts = boxes.map((_, at) => boxes.slice(0, at).reduce((sum, { width }) => sum + width + ROOM, ROOM));
  const width = boxes.reduce((sum, box) => sum + box.width + ROOM, ROOM);
  const height = Math.max(...boxes.map((box) => box.height)) + 2 * ROOM;
  return (
    <Box component="figure" sx={{ m: 0, mt: 1.5 }}>
      <Box
        component="svg"
        role="img"
        aria-label={`The pieces of ${of} laid flat, with the strain left in them`}
        viewBox={`0 0 ${width} ${height}`}
        sx={{ ...drawingStyle, maxHeight: 240, width: "100%" }}
      >
        {surface.patches.map(({ id, faces }, number) => {
          const { left, top } = boxes[number] ?? { left: 0, top: 0 };
          const [dx, dy] = [(starts[number] ?? 0) - left, ROOM - top];
          const placed = ({ x, y }: Point) => `${(x + dx).toFixed(1)} ${(y + dy).toFixed(1)}`;
          const middle = faces[Math.floor(faces.length / 2)]?.flat[0];
          return (
            <g key={id}>
              {faces.map(({ flat, strain }, at) => (
                <ToneFace key={at.toString()} points={flat.map(placed).join(" ")} strain={strain} />
              ))}
              {middle ? <PatchMark at={placed(middle)} number={number + 1} /> : null}
            </g>
          );
        })}
      </Box>
      <Box component="figcaption" sx={{ textAlign: "center", color: "text.secondary", fontSize: "0.85rem" }}>
        on the cloth
      </Box>
    </Box>
  );
}

function boxOf({ faces }: CupSurfacePatch) {
  const places = faces.flatMap(({ flat }) => flat);
  const [xs, ys] = [places.map(({ x }) => x), places.map(({ y }) => y)];
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  return { left, top, width: Math.max(...xs) - left, height: Math.max(...ys) - top };
}
