import type { Draft } from "../../core/drafting/index.ts";
import type { Explanation } from "../../core/explain/index.ts";
import type { StretchOnBody } from "../../core/pieces/index.ts";
import { useLengths } from "../frame/units/UnitContext.tsx";
import { Why } from "../frame/why/WhyDrawer.tsx";
import type { EdgeId } from "./edgePlaces.ts";

/** What a list of edges shows, and which of them is lit in the drawing beside it. */
export interface EdgesProps {
  readonly draft: Draft;
  /** Null where the stretch on the body is not known: nothing is said of it then. */
  readonly stretch: StretchOnBody | null;
  readonly lit: EdgeId | null;
  readonly onLit: (edge: EdgeId | null) => void;
}

/** Headings of an edge's name and of its lengths. */
export function LengthHeads({ stretch }: Pick<EdgesProps, "stretch">) {
  const lengths = useLengths();
  return (
    <>
      <th scope="col">Edge</th>
      <th scope="col" className="number">
        At rest, {lengths.unit}
      </th>
      {stretch ? (
        <th scope="col" className="number">
          On the body, {lengths.unit}
        </th>
      ) : null}
    </>
  );
}

/** How long an edge is at rest and on the body, each with its way. */
export function LengthCells({
  name,
  restMm,
  explain,
  stretch,
  onBody,
}: Pick<EdgesProps, "stretch"> & {
  name: string;
  restMm: number;
  explain: () => Explanation;
  /** Null where the plan does not say. */
  onBody: Explanation | null;
}) {
  const lengths = useLengths();
  return (
    <>
      <td className="number">
        <Why label={`${name}, at rest`} explain={explain}>
          {lengths.bare(restMm)}
        </Why>
      </td>
      {stretch ? (
        <td className="number">
          {onBody ? (
            <Why label={`${name}, on the body`} explain={() => onBody}>
              {lengths.bare(onBody.result.value)}
            </Why>
          ) : (
            "—"
          )}
        </td>
      ) : null}
    </>
  );
}
