import { formReader } from "../../../formats/form/formReader.ts";
import { group, number, record } from "../../../formats/form/index.ts";

/** Farthest a piece can be moved, mm. */
const FARTHEST_MM = 1000;

/** Reads the linked pieces of a trunk that are ticked: by their key, the amount (mm) they were ticked at. */
export const readTicks = formReader(
  group({ tick: record(number({ what: "an amount in mm", least: -FARTHEST_MM, most: FARTHEST_MM }), () => true) }),
);
