import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { memo } from "react";
import { capital } from "../../../core/capital.ts";
import {
  type EdgeElastic,
  ELASTIC_NUMBERS,
  type ElasticNumber,
  type SchoolAnswer,
} from "../../../core/elastics/index.ts";
import { plainTable } from "../../frame/plainTable.ts";
import { type LengthWriter, useLengths } from "../../frame/units/UnitContext.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { writeNumber } from "../../frame/why/writeNumber.ts";
import { PressureMark } from "../ease/PressureMark.tsx";
import { ElasticMarks } from "./ElasticMarks.tsx";

/** An edge with its elastic by every school, the chosen one marked, and drawn with its marks. */
export const EdgeCard = memo(function EdgeCard({ edge, chosen }: { edge: EdgeElastic; chosen: string }) {
  const lengths = useLengths();
  const { ring, elastic, schools, notes } = edge;
  const told = ELASTIC_NUMBERS.filter(({ explain }) =>
    schools.some(({ answer }) => answer.ok && explain(ring, answer.value, edge.cut, sourcesOf(edge)) !== null),
  );
  const title = capital(ring.name);
  return (
    <Paper component="section" aria-label={title} sx={{ p: 2, mb: 2, overflowX: "auto" }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 3, alignItems: "baseline", mb: 0.5 }}>
        <Typography variant="h3">{ring.count > 1 ? `${title}, ${ring.count} of it` : title}</Typography>
        <Typography sx={{ color: "text.secondary" }}>
          {`${lengths.length(ring.edgeMm)} at rest`}
          {ring.bodyMm === null ? ", on the body not known" : `, ${lengths.length(ring.bodyMm)} on the body`}
          {elastic ? ` · “${elastic.name}”` : " · no elastic chosen"}
        </Typography>
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 2, alignItems: "center", mb: 1 }}>
        <Box component="table" aria-label={`${title}, by four schools`} sx={{ ...plainTable, flex: "1 1 460px" }}>
          <thead>
            <tr>
              <th />
              {schools.map(({ school, name }) => (
                <th key={school} scope="col" className="number">
                  {school === chosen ? `${name} ✓` : name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {told.map((number) => (
              <tr key={number.id}>
                <th scope="row" className="words">
                  {number.id === "cut" ? `${number.name}, ${lengths.unit}` : number.name}
                </th>
                {schools.map((school) => (
                  <NumberOf
                    key={school.school}
                    edge={edge}
                    school={school}
                    number={number}
                    strong={school.school === chosen}
                  />
                ))}
              </tr>
            ))}
          </tbody>
        </Box>
        {edge.chosen ? <ElasticMarks name={ring.name} ring={isRing(ring)} elastic={edge.chosen} /> : null}
      </Box>
      {notes.map((note) => (
        <Typography key={note} sx={{ fontSize: "0.92rem", color: "text.secondary" }}>
          {note}
        </Typography>
      ))}
      {schools.map(({ school, answer, name }) =>
        answer.ok ? null : (
          <Typography key={school} sx={{ fontSize: "0.88rem", color: "text.secondary" }}>
            {`${name}: ${lengths.told(answer.problem.message)}`}
          </Typography>
        ),
      )}
    </Paper>
  );
});

/** Edges that do not close on themselves. */
const OPEN_EDGES: readonly EdgeElastic["ring"]["edge"][] = ["neckDeep", "own"];

const isRing = ({ edge }: EdgeElastic["ring"]): boolean => !OPEN_EDGES.includes(edge);

const sourcesOf = ({ elastic, chart }: EdgeElastic) => ({ elasticName: elastic?.name ?? "", chart });

function NumberOf({
  edge,
  school: { answer, school },
  number,
  strong,
}: {
  edge: EdgeElastic;
  school: SchoolAnswer;
  number: ElasticNumber;
  strong: boolean;
}) {
  const lengths = useLengths();
  const explanation = answer.ok ? number.explain(edge.ring, answer.value, edge.cut, sourcesOf(edge)) : null;
  if (!answer.ok || !explanation)
    return (
      <td className="number" aria-label="not known">
        —
      </td>
    );
  const off = offWords(number.id, answer.value);
  return (
    <td className={`number words${strong ? " strong" : ""}${off ? " off" : ""}`}>
      <Why label={explanation.title} explain={() => explanation}>
        {written(number.id, explanation.result, lengths)}
      </Why>
      {off ? `, ${off}` : ""}
      {number.id === "press" && answer.value.load ? (
        <>
          {" "}
          <PressureMark band={answer.value.load.band} withWord={school !== "feel"} />
        </>
      ) : null}
    </td>
  );
}

/** A cut stands in the unit of its row's heading. */
const written = (
  id: ElasticNumber["id"],
  { value, unit }: { readonly value: number; readonly unit: Parameters<typeof writeNumber>[1] },
  lengths: LengthWriter,
): string => (id === "cut" ? lengths.bare(value) : writeNumber(value, unit, lengths));

/** What of a number is to be looked at, in a word. */
function offWords(
  id: ElasticNumber["id"],
  { verdict, grips, putOn }: { verdict: string; grips: boolean | null; putOn: { readonly verdict: string } | null },
): string {
  if (id === "part" && verdict !== "sits") return verdict;
  if (id === "worn" && grips === false) return "no grip";
  if (id === "pass" && putOn && putOn.verdict !== "goes") return putOn.verdict === "hard" ? "hard" : "needs an opening";
  return "";
}
