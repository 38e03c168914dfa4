import { FIGURE_VIEWS, type FigureView } from "../../../core/figure/index.ts";
import type { Unsaved } from "../../form/unsaved.ts";
import type { LoadedFitting } from "./loadFitting.server.ts";

/** A fitting that was begun, with what its page loaded. */
export interface FittingSheetProps extends Omit<LoadedFitting, "fitting"> {
  readonly fitting: NonNullable<LoadedFitting["fitting"]>;
  readonly unsaved: Unsaved | undefined;
}

/** Forms that show what is wrong with them themselves. */
export const OWN_ERRORS = ["head", "finding"];

/** The view most findings stand on; the front before there are any. */
export function fullest(views: readonly FigureView[]): FigureView {
  const count = (view: FigureView) => views.filter((one) => one === view).length;
  return FIGURE_VIEWS.reduce<FigureView>((most, view) => (count(view) > count(most) ? view : most), "front");
}
