import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { capital } from "../../../core/capital.ts";
import { ZONE_NAMES } from "../../../core/ease/index.ts";
import { explainNeeded, type SeamNeed, type SeamsReckoning, VERDICT_WORDS } from "../../../core/seams/index.ts";
import { plainTable } from "../../frame/plainTable.ts";
import { percent } from "../../frame/units/percent.ts";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { verdictInk } from "./verdictInk.ts";

/** Every seam of the job: how far it is stretched, what it needs, and how the set-up in use does. */
export function SeamNeeds({ reckoning: { seams, inUse } }: { reckoning: SeamsReckoning }) {
  return (
    <Box component="section" aria-labelledby="seam-needs" sx={{ mb: 3 }}>
      <Typography variant="h2" id="seam-needs" sx={{ mb: 0.5 }}>
        What the seams need
      </Typography>
      <Typography sx={{ color: "text.secondary", mb: 1, maxWidth: 720 }}>
        {inUse
          ? `A quarter more than the garment is stretched there. Sewn with the set-up of trial ${inUse.trial.id}, which goes ${percent(inUse.stretch)}.`
          : "A quarter more than the garment is stretched there, worn or put on. No trial is chosen to sew with yet."}
      </Typography>
      <Paper sx={{ overflowX: "auto" }}>
        <Box component="table" aria-label="What the seams need" sx={plainTable}>
          <thead>
            <tr>
              <th scope="col">Seam</th>
              <th scope="col">In wear</th>
              <th scope="col">Put on</th>
              <th scope="col">Needed</th>
              <th scope="col">As it is sewn</th>
            </tr>
          </thead>
          <tbody>
            {seams.map((need) => (
              <OneSeam key={need.seam.id} need={need} />
            ))}
          </tbody>
        </Box>
      </Paper>
    </Box>
  );
}

function OneSeam({ need: { seam, needed, verdict } }: { need: SeamNeed }) {
  return (
    <tr>
      <th scope="row" className="words">
        {capital(seam.name)}
      </th>
      <td>{seam.worn ? `${percent(seam.worn.strain)} ${ZONE_NAMES[seam.worn.zone].toLowerCase()}` : "–"}</td>
      <td>{seam.pulled ? `${percent(seam.pulled.strain)} ${ZONE_NAMES[seam.pulled.zone].toLowerCase()}` : "–"}</td>
      <td>
        <Why label={`Needed at the ${seam.name}`} explain={() => explainNeeded(seam)}>
          {percent(needed)}
        </Why>
      </td>
      <td>
        {verdict ? (
          <Box component="strong" sx={{ color: verdictInk(verdict) }}>
            {VERDICT_WORDS[verdict]}
          </Box>
        ) : (
          "not tried"
        )}
      </td>
    </tr>
  );
}
