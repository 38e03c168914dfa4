import { asks, forbidden, type PartRule } from "./rule.ts";

/** Worn both ways round, nothing of a lining shows. */
export const reversible: PartRule = {
  id: "reversible",
  says: ({ lining, pocket, waist }) =>
    lining !== "reversible"
      ? []
      : [
          ...(pocket === "kept"
            ? forbidden("Worn both ways round there is no lining that could keep a pocket for cups.")
            : []),
          ...(waist === "elastic"
            ? forbidden(
                "An elastic that is turned to the inside shows on the other way round: choose a casing, ties or a hook.",
              )
            : []),
          ...asks(
            "Worn both ways round no lining seam may be visible, and it has its own order: gusset seams between both layers first, then sides of each layer for itself, legs and waist last, through both.",
          ),
        ],
};
