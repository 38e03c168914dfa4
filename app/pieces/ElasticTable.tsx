import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { memo } from "react";
import type { Draft } from "../../core/drafting/index.ts";
import { bandWords } from "../../core/ease/index.ts";
import type { NamedElastic } from "../../core/elastic/index.ts";
import {
  type ElasticRing,
  elasticRings,
  explainCut,
  explainPress,
  explainWorn,
  ringBySchools,
  type StretchOnBody,
} from "../../core/pieces/index.ts";
import { plainTable } from "../frame/plainTable.ts";
import { useLengths } from "../frame/units/UnitContext.tsx";
import { Why } from "../frame/why/WhyDrawer.tsx";
import { ElasticMarks } from "./ElasticMarks.tsx";

/** What the elastic of each ring is cut to by the schools that need no test of it, with the marks it is sewn in by. */
export const ElasticTable = memo(function ElasticTable({
  draft,
  stretch,
  elastic,
}: {
  draft: Draft;
  stretch: StretchOnBody;
  /** The job's edge elastic as it was tested; null where none was chosen. */
  elastic: NamedElastic | null;
}) {
  const lengths = useLengths();
  const rings = elasticRings(draft, stretch);
  if (rings.length === 0) return null;
  return (
    <Box component="section" aria-labelledby="elastics" sx={{ mb: 2 }}>
      <Typography variant="h3" id="elastics" sx={{ mb: 0.5 }}>
        Elastics
      </Typography>
      <Paper sx={{ overflowX: "auto", mb: 1 }}>
        <Box
          component="table"
          aria-label="Elastics of the pieces"
          sx={{ ...plainTable, "& th, & td": { ...plainTable["& th, & td"], px: 1.25 } }}
        >
          <thead>
            <tr>
              <th scope="col">Edge, {lengths.unit}</th>
              <th scope="col" className="number">
                At rest
              </th>
              <th scope="col" className="number">
                On the body
              </th>
              <th scope="col" className="number">
                Cut by feel
              </th>
              <th scope="col" className="number">
                Cut by ratio
              </th>
              <th scope="col" className="number">
                Of the edge
              </th>
              <th scope="col" className="number">
                Worn
              </th>
              {elastic ? (
                <th scope="col" className="number">
                  Presses, kPa
                </th>
              ) : null}
              <th scope="col">Marks, by ratio</th>
            </tr>
          </thead>
          <tbody>
            {rings.map((ring) => (
              <RingRow key={ring.name} ring={ring} elastic={elastic} />
            ))}
          </tbody>
        </Box>
      </Paper>
      <Typography sx={{ fontSize: "0.92rem", color: "text.secondary" }}>
        {`One join is counted. Where an edge may be one of two, choose by how it is cut. ${pressWords(elastic)}`}
      </Typography>
    </Box>
  );
});

/** Whose pressure is told, or what it takes to tell one. */
function pressWords(elastic: NamedElastic | null): string {
  if (!elastic) return "With an edge elastic chosen in the ease plan it is told how hard each presses.";
  return elastic.tested.forceN
    ? `It presses as “${elastic.name}” was tested, by ratio; a mean, and no medicine.`
    : `How hard it presses is told once “${elastic.name}” is tested with loads.`;
}

function RingRow({ ring, elastic }: { ring: ElasticRing; elastic: NamedElastic | null }) {
  const lengths = useLengths();
  const { name, edgeMm, bodyMm } = ring;
  const [feel, ratio] = ringBySchools(ring, elastic);
  if (!feel || !ratio) return null;
  return (
    <tr>
      <th scope="row" className="words">
        {name}
      </th>
      <td className="number">{lengths.bare(edgeMm)}</td>
      <td className="number">{bodyMm === null ? "—" : lengths.bare(bodyMm)}</td>
      {[feel, ratio].map((one) => (
        <td key={one.school} className="number strong">
          <Why label={`Elastic of the ${name}, ${one.words}`} explain={() => explainCut(ring, one)}>
            {lengths.bare(one.cutMm)}
          </Why>
        </td>
      ))}
      <td className={ratio.verdict === "sits" ? "number words" : "number words off"}>
        {`${Math.round(ratio.partOfEdge * 100)} %${ratio.verdict === "sits" ? "" : `, ${ratio.verdict}`}`}
      </td>
      <td className="number words">
        {ratio.wornStrain === null ? (
          "—"
        ) : (
          <>
            <Why label={`Elastic of the ${name} as worn, ${ratio.words}`} explain={() => explainWorn(ring, ratio)}>
              {`${ratio.wornStrain < 0 ? "−" : "+"}${Math.abs(ratio.wornStrain * 100).toFixed(0)} %`}
            </Why>
            {ratio.grips ? "" : ", no grip"}
          </>
        )}
      </td>
      {elastic ? (
        <td className={ratio.load?.band === "stop" ? "number words off" : "number words"}>
          {ratio.load ? (
            <Why
              label={`Pressure under the elastic of the ${name}, ${ratio.words}`}
              explain={() => explainPress(ring, ratio, elastic)}
            >
              {`${ratio.load.pressureKpa.toFixed(1)}, ${bandWords(ratio.load.band).word}`}
            </Why>
          ) : (
            "—"
          )}
        </td>
      ) : null}
      <td>
        <ElasticMarks name={name} elastic={ratio} />
      </td>
    </tr>
  );
}
