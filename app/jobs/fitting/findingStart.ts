import type { FigureView, Place } from "../../../core/figure/index.ts";
import { type Finding, type Spot, type SpotId, sideAt, spotsNear, viewsOf } from "../../../core/fitting/index.ts";
import { withoutUnit } from "../../../core/units/index.ts";
import type { Fields } from "../../form/unsaved.ts";
import { detailField } from "./findingFields.ts";

/** What opened the form: a tap at a place, an earlier finding to change, or neither. */
export interface FindingStart {
  readonly place: Place | null;
  readonly finding: Finding | null;
  /** What a refused sending held. */
  readonly fields?: Fields;
}

/** What was said of a finding so far, as typed. */
export interface Seen {
  readonly spot: string;
  readonly side: string;
  readonly view: FigureView;
  readonly kind: string;
  readonly place: Place | null;
}

/** A spot chosen by name is shown on a view it can be seen from; the tapped place no longer counts. */
export function viewFor(spot: SpotId, { view }: Seen): Pick<Seen, "view" | "place"> {
  const views = viewsOf(spot);
  return { view: views.includes(view) ? view : (views[0] ?? view), place: null };
}

/** What a tap on the figure says of a finding. */
export function tapped(place: Place, spots: readonly Spot[]): Pick<Seen, "spot" | "side" | "view" | "place"> {
  return { spot: spotsNear(place, spots)[0]?.id ?? "", side: sideAt(place), view: place.view, place };
}

/** What the form of a finding starts from. */
export const startOf = (finding: Finding, unit: "mm" | "in"): Fields => ({
  amount: withoutUnit(finding.amountText, unit),
  folded: finding.folded ? "yes" : "",
  note: finding.note,
  ...Object.fromEntries(
    Object.entries(finding.detail).map(([id, value]) => [
      detailField(id),
      typeof value === "number" ? String(unit === "mm" ? value : Number((value / 25.4).toFixed(4))) : value,
    ]),
  ),
});

/** What is seen where the form is opened. */
export function seenAtFirst(
  kept: Fields | undefined,
  finding: Finding | null,
  place: Place | null,
  spots: readonly Spot[],
): Seen {
  const blank: Seen = { spot: "", side: "both", view: "front", kind: "", place: null };
  if (place) return { ...blank, ...tapped(place, spots) };
  if (kept) {
    const view: FigureView = kept.view === "back" || kept.view === "side" ? kept.view : "front";
    const x = Number(kept.x);
    const y = Number(kept.y);
    const there = kept.x && kept.y && Number.isFinite(x) && Number.isFinite(y) ? { view, x, y } : null;
    return { spot: kept.spot ?? "", side: kept.side ?? "both", view, kind: kept.kind ?? "", place: there };
  }
  if (!finding) return blank;
  const { spot, side, view, kind, x, y } = finding;
  return { spot, side, view, kind, place: { view, x, y } };
}
