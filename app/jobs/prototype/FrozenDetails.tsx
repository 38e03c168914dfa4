import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { LAYER_ROLE_NAMES } from "../../../core/cloth/index.ts";
import { schoolOf, ZONE_NAMES, ZONES } from "../../../core/ease/index.ts";
import type { FrozenPartLayer, FrozenPlan } from "../../../core/fitting/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { percent } from "../../frame/units/percent.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";

/** What was frozen beside the girths: layers, choices by zone, openings, lengths. Prototypes of the first format have little of it. */
export function FrozenDetails({ frozen }: { frozen: FrozenPlan }) {
  const lengths = useLengths();
  const { layers, choice, openings } = frozen;
  const rows: readonly (readonly [string, string])[] = [
    ["Layers", layers.length > 1 ? layers.map(layerWords).join("; ") : ""],
    ["Of some pieces", (frozen.ofParts ?? []).map(partWords).join("; ")],
    [
      "By zone",
      ZONES.flatMap((zone) => {
        const own = choice.zones[zone];
        if (!own) return [];
        const by =
          own.by === "own" ? `${lengths.length(own.garmentMm)}, set by hand` : schoolOf(own.by).name.toLowerCase();
        return [`${ZONE_NAMES[zone].toLowerCase()} by ${by}`];
      }).join("; "),
    ],
    [
      "Opens",
      ZONES.flatMap((zone) =>
        openings[zone] ? [`${ZONE_NAMES[zone].toLowerCase()} with ${openings[zone]}`] : [],
      ).join("; "),
    ],
  ];
  const told = rows.filter(([, words]) => words !== "");
  if (told.length === 0) return null;
  return (
    <Box component="section" aria-label="Frozen with it" sx={{ mt: 2.5 }}>
      <Typography variant="h3" sx={{ mb: 0.5 }}>
        Frozen with it
      </Typography>
      <Box component="dl" sx={{ display: "grid", gridTemplateColumns: "auto 1fr", columnGap: 2, rowGap: 0.5, m: 0 }}>
        {told.map(([name, words]) => (
          <Box key={name} sx={{ display: "contents" }}>
            <Box component="dt" sx={{ color: "text.secondary" }}>
              {name}
            </Box>
            <Box component="dd" sx={{ m: 0 }}>
              {words}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

const partWords = ({ role, name, direction, testedOn, usable }: FrozenPartLayer): string =>
  `${LAYER_ROLE_NAMES[role]}: ${name}, ${direction}${usable !== null && testedOn ? `, ${percent(usable)} by the test of ${formatDay(testedOn)}` : ""}`;

const layerWords = ({ name, direction, testedOn, usable }: FrozenPlan["layers"][number]): string =>
  `${name}, ${direction}, ${percent(usable)} by the test of ${formatDay(testedOn)}`;
