import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import Typography from "@mui/material/Typography";
import { explainPoint, LIKED_LENGTH_NAMES, LIKED_LENGTHS, type LikedLength } from "../../../core/ease/index.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { NumberCell } from "../../form/NumberTable.tsx";
import { RecordForm } from "../../form/RecordForm.tsx";
import type { Fields, Unsaved } from "../../form/unsaved.ts";
import { TextLink } from "../../frame/TextLink.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { useFormUnit } from "../../frame/units/useFormUnit.ts";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { likedLengthField, likedLengthFields } from "../../wearers/garment/likedFields.ts";

type Lengths = Readonly<Partial<Record<LikedLength, number>>>;

interface PointByPointProps {
  readonly job: { readonly id: number; readonly version: number; readonly patternLengthsMm: Lengths };
  readonly wearerId: number;
  readonly liked: readonly { readonly name: string; readonly lengthsMm: Lengths }[];
  readonly draft: Fields | null;
  readonly unsaved: Unsaved | undefined;
}

/** The pattern held against the garments that fit, point by point, before anything is cut. */
export function PointByPoint({ job, wearerId, liked, draft, unsaved }: PointByPointProps) {
  const lengths = useLengths();
  const unit = useFormUnit(unsaved?.fields, draft);
  const points = LIKED_LENGTHS.filter((length) => liked.some(({ lengthsMm }) => lengthsMm[length] !== undefined));
  const worn = liked.filter(({ lengthsMm }) => points.some((length) => lengthsMm[length] !== undefined));
  return (
    <Box component="section" aria-label="Point by point" sx={{ mt: 4 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Point by point against what fits
      </Typography>
      {points.length === 0 ? (
        <Typography color="text.secondary">
          No length of a garment that fits was measured.{" "}
          <TextLink to={`/wearers/${wearerId}/garments`}>Measure one</TextLink>: neck depth, strap, rise, armhole; and a
          pattern can be compared with it before it is cut.
        </Typography>
      ) : (
        <RecordForm
          key={job.version}
          draftForm={draftName("points", job.id)}
          draft={draft}
          start={likedLengthFields(job.patternLengthsMm)}
          unsaved={unsaved}
          hidden={{ intent: "points", version: job.version, unit }}
          submitLabel="Compare"
          quiet
        >
          <Paper sx={{ overflowX: "auto", width: "fit-content", maxWidth: "100%", mb: 1 }}>
            <Table size="small" aria-label="The pattern against garments that fit" sx={{ width: "auto" }}>
              <TableHead>
                <TableRow>
                  <TableCell>Point</TableCell>
                  <TableCell>This pattern, {unit}</TableCell>
                  {worn.map(({ name }) => (
                    <TableCell key={name} align="right">
                      {name}
                    </TableCell>
                  ))}
                </TableRow>
              </TableHead>
              <TableBody>
                {points.map((point) => (
                  <TableRow key={point}>
                    <TableCell component="th">{LIKED_LENGTH_NAMES[point]}</TableCell>
                    <TableCell>
                      <NumberCell name={likedLengthField(point)} label={`Pattern, ${LIKED_LENGTH_NAMES[point]}`} wide />
                    </TableCell>
                    {worn.map(({ name, lengthsMm }) => {
                      const [own, ours] = [lengthsMm[point], job.patternLengthsMm[point]];
                      return (
                        <TableCell key={name} align="right">
                          {own === undefined ? "—" : lengths.bare(own)}
                          {own !== undefined && ours !== undefined ? (
                            <Box sx={{ fontSize: "0.85rem", fontWeight: 650 }}>
                              <Why
                                label={`${LIKED_LENGTH_NAMES[point]}, against ${name}`}
                                explain={() => explainPoint(point, { patternMm: ours, likedMm: own, name })}
                              >
                                {lengths.difference(ours - own)}
                              </Why>
                            </Box>
                          ) : null}
                        </TableCell>
                      );
                    })}
                  </TableRow>
                ))}
              </TableBody>
            </Table>
          </Paper>
        </RecordForm>
      )}
    </Box>
  );
}
