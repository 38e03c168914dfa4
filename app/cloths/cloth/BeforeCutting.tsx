import Typography from "@mui/material/Typography";
import { type Cloth, cutForShrinkage } from "../../../core/cloth/index.ts";
import { percent } from "../../frame/units/percent.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";

/** Length the rule is shown on, mm. */
const SHOWN_MM = 1000;

/** What to do with a cloth before it is cut: rest it, and cut longer what will shrink. */
export function BeforeCutting({ cloth }: { cloth: Pick<Cloth, "kind" | "shrinkageAlong" | "shrinkageAcross"> }) {
  const lengths = useLengths();
  if (cloth.kind === "elastic") return null;
  const ways = [
    { way: "along", shrinkage: cloth.shrinkageAlong },
    { way: "across", shrinkage: cloth.shrinkageAcross },
  ].flatMap(({ way, shrinkage }) => (shrinkage ? [{ way, shrinkage }] : []));
  return (
    <Typography sx={{ mt: 1.5 }} color="text.secondary">
      {cloth.kind === "woven" ? "" : "Let it rest 24 h unrolled before cutting. "}
      {ways.map(
        ({ way, shrinkage }) =>
          `Cut unwashed, ${lengths.length(SHOWN_MM)} ${way} becomes ${lengths.length(cutForShrinkage(SHOWN_MM, shrinkage))} (shrinks ${percent(shrinkage)}). `,
      )}
    </Typography>
  );
}
