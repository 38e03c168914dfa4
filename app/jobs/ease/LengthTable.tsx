import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import Typography from "@mui/material/Typography";
import {
  type EaseSources,
  LIKED_LENGTHS,
  type LikedLength,
  SCHOOLS,
  type SchoolId,
  type StylePlan,
} from "../../../core/ease/index.ts";
import { TextLink } from "../../frame/TextLink.tsx";
import { type LengthWriter, useLengths } from "../../frame/units/UnitContext.tsx";
import { columnClass, planTable } from "./columns.ts";
import { BodyCell, LengthCell, SHORT_REASONS } from "./LengthCells.tsx";

interface LengthTableProps {
  readonly lengths: StylePlan["lengths"];
  readonly schools: readonly SchoolId[];
  readonly chosen: SchoolId | null;
  readonly sources: EaseSources;
  /** φ of the settings. */
  readonly freedom: number;
  /** Lengths of the garments that fit, with their names. */
  readonly liked: readonly {
    readonly name: string;
    readonly lengthsMm: Readonly<Partial<Record<LikedLength, number>>>;
  }[];
  /** The outermost cloth, whose neck-in would be read. */
  readonly cloth: { readonly id: number; readonly name: string };
  readonly untestedAlong: readonly { readonly clothId: number; readonly name: string; readonly direction: string }[];
}

/** Every length by every school, stretch and draw-in told apart, beside the garments that fit. */
export function LengthTable({
  lengths,
  schools,
  chosen,
  sources,
  freedom,
  liked,
  cloth,
  untestedAlong,
}: LengthTableProps) {
  const write = useLengths();
  const shownSchools = SCHOOLS.filter(({ id }) => schools.includes(id));
  const first = lengths[shownSchools[0]?.id ?? "fixed"];
  if (first.length === 0) return null;
  const ids = first.map(({ id }) => id);
  const comparable = liked.filter(({ lengthsMm }) =>
    ids.some((id) => isLikedLength(id) && lengthsMm[id] !== undefined),
  );
  const drawInMissing = shownSchools.some(({ id }) =>
    lengths[id].some(({ answer }) => answer.ok && answer.value.drawIn === "notRead"),
  );
  return (
    <Box component="section" aria-label="Lengths" sx={{ mt: 4 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Lengths
      </Typography>
      <Paper sx={{ overflowX: "auto" }}>
        <Table
          size="small"
          aria-label="Lengths by school"
          sx={{ ...planTable, "& .liked": { fontStyle: "italic" }, "& .cut": { fontWeight: 750 } }}
        >
          <TableHead>
            <TableRow>
              <TableCell className="quiet">length, {write.unit}</TableCell>
              <TableCell align="right">Body</TableCell>
              {shownSchools.map(({ id, name }) => (
                <TableCell key={id} align="right" className={columnClass(id === chosen)}>
                  {name}
                </TableCell>
              ))}
              {comparable.map(({ name }) => (
                <TableCell key={name} align="right" className="liked quiet">
                  {name}
                </TableCell>
              ))}
            </TableRow>
          </TableHead>
          <TableBody>
            {first.map(({ id, name }, index) => (
              <TableRow key={id}>
                <TableCell component="th" sx={{ minWidth: 150 }}>
                  {name}
                </TableCell>
                <BodyCell answer={lengths[shownSchools[0]?.id ?? "fixed"][index]?.answer} write={write} />
                {shownSchools.map((school) => {
                  const answer = lengths[school.id][index]?.answer;
                  if (!answer) return <TableCell key={school.id} />;
                  return (
                    <TableCell key={school.id} align="right" className={columnClass(school.id === chosen)}>
                      {answer.ok ? (
                        <LengthCell
                          length={answer.value}
                          school={school.id}
                          {...{ write, freedom, sources }}
                          others={othersOf(lengths, index, school.id)}
                        />
                      ) : (
                        <span className="quiet" title={write.told(answer.problem.message)}>
                          {SHORT_REASONS[answer.problem.code] ?? "not known"}
                        </span>
                      )}
                    </TableCell>
                  );
                })}
                {comparable.map((garment) => (
                  <TableCell key={garment.name} align="right" className="liked">
                    {likedLength(garment.lengthsMm, id, write)}
                  </TableCell>
                ))}
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </Paper>
      {untestedAlong.length > 0 ? (
        <Typography sx={{ mt: 1, color: "warning.main", fontSize: "0.9rem" }}>
          How far it stretches along the body is not known:{" "}
          {untestedAlong.map(({ clothId, name, direction }, index) => (
            <span key={`${clothId} ${direction}`}>
              {index > 0 ? ", " : ""}
              <TextLink to={`/cloths/${clothId}`}>{name}</TextLink> was not tested {direction}
            </span>
          ))}
          .
        </Typography>
      ) : null}
      {drawInMissing ? (
        <Typography sx={{ mt: 1, color: "warning.main", fontSize: "0.9rem" }}>
          No draw-in is counted: the width of <TextLink to={`/cloths/${cloth.id}`}>{cloth.name}</TextLink> was not read
          while it was pulled round the body. A garment stretched round the body grows shorter than this says.
        </Typography>
      ) : null}
    </Box>
  );
}

function othersOf(lengths: StylePlan["lengths"], index: number, except: SchoolId) {
  return SCHOOLS.filter(({ id }) => id !== except).flatMap(({ id, name }) => {
    const answer = lengths[id][index]?.answer;
    return answer?.ok ? [{ name, value: answer.value.cutMm }] : [];
  });
}

const isLikedLength = (id: string): id is LikedLength => (LIKED_LENGTHS as readonly string[]).includes(id);

function likedLength(
  lengthsMm: Readonly<Partial<Record<LikedLength, number>>>,
  id: string,
  write: LengthWriter,
): string {
  const mm = isLikedLength(id) ? lengthsMm[id] : undefined;
  return mm === undefined ? "—" : write.bare(mm);
}
