import Typography from "@mui/material/Typography";
import {
  expectedLossMm,
  explainLoss,
  type Prototype,
  ringKey,
  ringName,
  usualSeams,
} from "../../../core/fitting/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";

/** What bulky seams are expected to take up of each girth, beside how far it was missed. */
export function ExpectedLoss({ prototype, thicknessMm }: { prototype: Prototype; thicknessMm: number | null }) {
  const lengths = useLengths();
  if (thicknessMm === null) {
    return (
      <Typography color="text.secondary" sx={{ mb: 2 }}>
        What the seams take up is not told: a layer's thickness was not measured on its cloth.
      </Typography>
    );
  }
  return (
    <Typography color="text.secondary" sx={{ mb: 2 }}>
      Expected of it, taken up by the seams:{" "}
      {prototype.frozen.rings.map((ring, index) => {
        const { count } = usualSeams({ zone: ring.zone, side: "both" }, prototype);
        const of = { seams: count, thicknessMm };
        return (
          <span key={ringKey(ring)}>
            {index > 0 ? ", " : ""}
            {ringName(ring).toLowerCase()}{" "}
            <Why label={`${ringName(ring)}, taken up by seams`} explain={() => explainLoss(of)}>
              {lengths.difference(-expectedLossMm(of))}
            </Why>
          </span>
        );
      })}
      . Thick layers also take room when worn, which flat measuring cannot show.
    </Typography>
  );
}
