import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import Typography from "@mui/material/Typography";
import { type EaseSources, explainDerived } from "../../../core/ease/index.ts";
import { type RingCourse, type RingStage, ringName } from "../../../core/fitting/index.ts";
import { CourseChart } from "../../chart/charts.ts";
import { SideBySide } from "../../frame/SideBySide.tsx";
import { percent } from "../../frame/units/percent.ts";
import { pressure, tension } from "../../frame/units/pull.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { PressureMark } from "../ease/PressureMark.tsx";

interface CourseOfZoneProps {
  readonly course: RingCourse;
  readonly prototypeCount: number;
  readonly sources: EaseSources;
}

/** One zone over the prototypes: a table of its stages and, once there is something to see, charts. */
export function CourseOfZone({ course, prototypeCount, sources }: CourseOfZoneProps) {
  const name = ringName(course);
  return (
    <Box component="section" aria-label={name} sx={{ mb: 4 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        {name} <FindingsOpen course={course} />
      </Typography>
      {prototypeCount === 0 ? (
        <StageTable course={course} name={name} sources={sources} />
      ) : (
        <SideBySide left={1.5}>
          <StageTable course={course} name={name} sources={sources} />
          <Charts course={course} name={name} prototypeCount={prototypeCount} />
        </SideBySide>
      )}
    </Box>
  );
}

function FindingsOpen({ course: { findings } }: { course: RingCourse }) {
  const seen = findings.filter((one) => one.seen > 0);
  if (seen.length === 0) return null;
  return (
    <Box component="span" sx={{ fontSize: "0.9rem", color: "text.secondary", fontWeight: 400 }}>
      {seen
        .map(({ prototype, seen: count, open }) => `prototype ${prototype}: ${count} found, ${open} open`)
        .join(" · ")}
    </Box>
  );
}

const STAGE_WORDS: Readonly<Record<RingStage["stage"], string>> = { planned: "planned", sewn: "as sewn", next: "next" };

function StageTable({ course, name, sources }: Pick<CourseOfZoneProps, "course" | "sources"> & { name: string }) {
  const lengths = useLengths();
  return (
    <Paper sx={{ overflowX: "auto" }}>
      <Table aria-label={`${name} over the prototypes`} size="small">
        <TableHead>
          <TableRow>
            <TableCell>Prototype</TableCell>
            <TableCell align="right">Girth, {lengths.unit}</TableCell>
            <TableCell align="right">Changed</TableCell>
            <TableCell align="right">Strain</TableCell>
            <TableCell align="right">Tension</TableCell>
            <TableCell align="right">Pressure</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {course.stages.map((stage) => (
            <StageRow
              key={`${stage.prototype} ${stage.stage}`}
              stage={stage}
              course={course}
              name={name}
              sources={sources}
            />
          ))}
        </TableBody>
      </Table>
    </Paper>
  );
}

interface StageRowProps {
  readonly stage: RingStage;
  readonly course: RingCourse;
  readonly name: string;
  readonly sources: EaseSources;
}

function StageRow({ stage, course, name, sources }: StageRowProps) {
  const lengths = useLengths();
  const { prototype, consequences, changedMm } = stage;
  const words = `${prototype}, ${STAGE_WORDS[stage.stage]}`;
  const next = stage.stage === "next";
  const derived = {
    place: `${name}, prototype ${words}`,
    bodyMm: course.bodyMm,
    consequences,
    usable: sources.usable,
    recovery: sources.recovery,
    sources: { body: sources.sheet, garment: STAGE_WORDS[stage.stage], cloth: sources.test },
  };
  return (
    <TableRow sx={next ? { "& td, & th": { fontWeight: 750 } } : {}}>
      <TableCell component="th">{words}</TableCell>
      <TableCell align="right">{lengths.bare(consequences.garmentMm)}</TableCell>
      <TableCell align="right">
        {stage.stage === "sewn" || changedMm === 0 ? "—" : lengths.difference(changedMm)}
      </TableCell>
      <TableCell align="right">
        <Why label={`${name}, strain, ${words}`} explain={() => explainDerived("strain", derived)}>
          {percent(consequences.strain)}
        </Why>
      </TableCell>
      {consequences.pull ? (
        <>
          <TableCell align="right">
            <Why label={`${name}, tension, ${words}`} explain={() => explainDerived("tension", derived)}>
              {tension(consequences.pull.tensionNPerM)}
            </Why>
          </TableCell>
          <TableCell align="right" sx={{ whiteSpace: "nowrap" }}>
            <Why label={`${name}, pressure, ${words}`} explain={() => explainDerived("pressure", derived)}>
              {pressure(consequences.pull.pressureKpa)}
            </Why>{" "}
            <PressureMark band={consequences.pull.band} />
          </TableCell>
        </>
      ) : (
        <TableCell align="center" colSpan={2} sx={{ color: "text.secondary" }}>
          no ladder
        </TableCell>
      )}
    </TableRow>
  );
}

function Charts({ course, name, prototypeCount }: { course: RingCourse; name: string; prototypeCount: number }) {
  const { unit } = useLengths();
  const perUnit = unit === "in" ? 25.4 : 10;
  const numbers = Array.from({ length: prototypeCount }, (_, index) => index + 1);
  const places = [...numbers.map(String), "next"];
  const girth = (stage: RingStage["stage"]) =>
    [...numbers, prototypeCount + 1].map((number) => {
      const there = course.stages.find(
        (one) => one.prototype === number && (one.stage === stage || (stage === "planned" && one.stage === "next")),
      );
      return there ? Number((there.consequences.garmentMm / perUnit).toFixed(2)) : null;
    });
  const mean = (read: "measuredN" | "predictedN") =>
    numbers.map((number) => {
      const pulls = course.pulls.filter(({ prototype }) => prototype === number);
      return pulls.length === 0
        ? null
        : Number((pulls.reduce((sum, pull) => sum + pull[read], 0) / pulls.length).toFixed(2));
    });
  return (
    <Box>
      <CourseChart
        label={`${name}: girth planned and sewn, prototype by prototype`}
        unit={unit}
        places={places}
        lines={[
          { words: "planned", values: girth("planned") },
          { words: "as sewn", values: girth("sewn") },
        ]}
      />
      {course.findings.some(({ seen }) => seen > 0) ? (
        <CourseChart
          label={`${name}: findings, prototype by prototype`}
          unit="findings"
          places={numbers.map(String)}
          lines={[
            { words: "found", values: course.findings.map(({ seen }) => seen) },
            { words: "still open", values: course.findings.map(({ open }) => open) },
          ]}
        />
      ) : null}
      {course.pulls.length > 0 ? (
        <CourseChart
          label={`${name}: closure pull read and predicted, prototype by prototype`}
          unit="N"
          places={numbers.map(String)}
          lines={[
            { words: "read", values: mean("measuredN") },
            { words: "predicted", values: mean("predictedN") },
          ]}
        />
      ) : null}
    </Box>
  );
}
