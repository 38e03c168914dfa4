import { boned } from "./boned.ts";
import { BODICE, SKIRT } from "./parts.ts";

/** A dress that hangs from its boned bodice. */
export const bonedDress = boned({
  id: "bonedDress",
  name: "Boned dress",
  summary: "A boned bodice with a skirt from the hip, an inner corset and a lining.",
  zones: ["bust", "underbust", "waist", "highHip", "hip"],
  closes: "zip",
  more: ["waist_to_hip", "skirt_front", "skirt_side", "skirt_back"],
  lengths: [
    ...BODICE,
    ...SKIRT,
    { id: "sideToHip", name: "Side, waist to hip", segments: [{ code: "waist_to_hip", zones: ["waist", "hip"] }] },
  ],
});
