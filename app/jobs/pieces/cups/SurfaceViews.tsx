import Box from "@mui/material/Box";
import type { CupSurface, Place3 } from "../../../../core/drafting/index.ts";
import { drawingStyle } from "../../calculation/drawing.ts";
import { PatchMark, ToneFace } from "./ToneFace.tsx";

/** A way of looking at a surface: what goes across, what goes down, and what lies nearer to the eye. */
interface View {
  readonly id: string;
  readonly across: (place: Place3) => number;
  readonly down: (place: Place3) => number;
  readonly near: (place: Place3) => number;
  /** True where some of it lies behind the rest. */
  readonly hides: boolean;
}

const VIEWS: readonly View[] = [
  { id: "front", across: ({ x }) => x, down: ({ y }) => y, near: ({ z }) => z, hides: false },
  { id: "side", across: ({ z }) => -z, down: ({ y }) => y, near: ({ x }) => x, hides: true },
  { id: "top", across: ({ x }) => x, down: ({ z }) => -z, near: ({ y }) => -y, hides: true },
];

/** Room round a drawing, and how far behind the apex a mark is still seen, mm. */
const [ROOM, BEHIND] = [14, 5] as const;

const NOWHERE: Place3 = { x: 0, y: 0, z: 0 };

/** A cup from the front, from its outer side and from above: every piece with its mark, every place with the strain that is left there. */
export function SurfaceViews({ surface }: { surface: CupSurface }) {
  const of = surface.side === null ? "The cup" : `The ${surface.side} cup`;
  return (
    <Box sx={{ display: "grid", gridTemplateColumns: "repeat(3, minmax(0, 1fr))", gap: 1.5 }}>
      {VIEWS.map((view) => (
        <Box key={view.id} component="figure" sx={{ m: 0 }}>
          <ViewDrawing
            surface={surface}
            view={view}
            label={`${of} from the ${view.id}, with the strain left in its pieces`}
          />
          <Box component="figcaption" sx={{ textAlign: "center", color: "text.secondary", fontSize: "0.85rem" }}>
            {view.id}
          </Box>
        </Box>
      ))}
    </Box>
  );
}

function ViewDrawing({ surface, view, label }: { surface: CupSurface; view: View; label: string }) {
  // The right cup is seen as it is worn: the other way round.
  const turn = surface.side === "right" && view.id !== "side" ? -1 : 1;
  const placed = (place: Place3) => `${(turn * view.across(place)).toFixed(1)} ${view.down(place).toFixed(1)}`;
  const all = surface.patches.flatMap(({ border }) => [...border.seam, ...border.root]);
  const [xs, ys] = [all.map((place) => turn * view.across(place)), all.map(view.down)];
  const peak = surface.patches.flatMap(({ faces }) => faces.flatMap(({ places }) => places));
  const apex = peak.reduce((most, place) => (place.z > most.z ? place : most), peak[0] ?? NOWHERE);
  const [left, right] = [Math.min(...xs, ...peak.map((place) => turn * view.across(place))), Math.max(...xs)];
  const [top, bottom] = [Math.min(...ys, ...peak.map(view.down)), Math.max(...ys)];
  const faces = surface.patches
    .flatMap((patch) => patch.faces)
    .map((face) => ({ ...face, near: Math.min(...face.places.map(view.near)) }))
    .toSorted((a, b) => a.near - b.near);
  return (
    <Box
      component="svg"
      role="img"
      aria-label={label}
      viewBox={`${left - ROOM} ${top - ROOM} ${right - left + 2 * ROOM} ${bottom - top + 2 * ROOM}`}
      sx={{ ...drawingStyle, maxHeight: 240, width: "100%" }}
    >
      {faces.map(({ places, strain }, at) => (
        <ToneFace key={at.toString()} points={places.map(placed).join(" ")} strain={strain} />
      ))}
      {surface.patches.flatMap(({ id, border }) =>
        (["seam", "root"] as const).map((part) => (
          <polyline
            key={`${id} ${part}`}
            points={border[part].map(placed).join(" ")}
            fill="none"
            stroke="var(--stz-palette-bench-ink)"
            strokeWidth={1.1}
          />
        )),
      )}
      {surface.patches.map(({ id, middle }, at) =>
        // What lies behind the apex is not seen from here.
        view.hides && view.near(middle) < view.near(apex) - BEHIND ? null : (
          <PatchMark key={id} at={placed(middle)} number={at + 1} />
        ),
      )}
    </Box>
  );
}
