import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { Form } from "react-router";
import type { Draft } from "../../../../core/drafting/index.ts";
import type { LikedGarment } from "../../../../core/ease/index.ts";
import { explainBeside, type MeasureBeside, measuresBeside, type PiecesId } from "../../../../core/pieces/index.ts";
import type { Unsaved } from "../../../form/unsaved.ts";
import { plainTable } from "../../../frame/plainTable.ts";
import { TextLink } from "../../../frame/TextLink.tsx";
import { useLengths } from "../../../frame/units/UnitContext.tsx";
import { Why } from "../../../frame/why/WhyDrawer.tsx";

/** A garment that fits, as far as it is laid over pieces. */
export type LaidGarment = Pick<LikedGarment, "id" | "name" | "widthsMm" | "lengthsMm">;

interface LikedBesideProps {
  readonly id: PiecesId;
  readonly version: number;
  /** The pieces as they are kept. */
  readonly draft: Draft;
  readonly garments: readonly LaidGarment[];
  readonly at: { readonly jobId: number; readonly wearerId: number };
  readonly unsaved: Unsaved | undefined;
}

/** Garments that fit laid over the pieces, measure by measure, before anything is cut; what differs can be taken over. */
export function LikedBeside({ id, version, draft, garments, at, unsaved }: LikedBesideProps) {
  const lengths = useLengths();
  const laid = garments.flatMap((garment) => {
    const measures = measuresBeside(draft, garment);
    return measures.some(({ drawn }) => drawn) ? [{ garment, measures }] : [];
  });
  const error = unsaved?.errors.liked;
  return (
    <Box component="section" aria-labelledby="liked" sx={{ mb: 5 }}>
      <Typography variant="h2" id="liked" sx={{ mb: 0.5 }}>
        Against what fits
      </Typography>
      {laid.length === 0 ? (
        <Typography sx={{ maxWidth: 760, color: "text.secondary" }}>
          Nothing of these pieces was measured on a garment that fits.{" "}
          <TextLink to={`/wearers/${at.wearerId}/garments`}>Measure one</TextLink>: widths, rise, armhole, neck depth,
          strap; and it is laid over them here.
        </Typography>
      ) : (
        <>
          <Typography sx={{ mb: 1.5, maxWidth: 760, color: "text.secondary" }}>
            A garment that fits, laid flat over these pieces. What you take over is drawn as a step; girths are decided
            in the <TextLink to={`/jobs/${at.jobId}/ease`}>ease plan</TextLink>.
          </Typography>
          {error ? (
            <Alert severity="error" sx={{ mb: 1.5 }}>
              {lengths.told(error)}
            </Alert>
          ) : null}
          <Paper sx={{ overflowX: "auto" }}>
            <Box component="table" aria-label="Garments that fit over these pieces" sx={plainTable}>
              <thead>
                <tr>
                  <th scope="col">Measure</th>
                  <th scope="col" className="number">
                    Garment, {lengths.unit}
                  </th>
                  <th scope="col" className="number">
                    Pieces, {lengths.unit}
                  </th>
                  <th scope="col" className="number">
                    Pieces − garment
                  </th>
                  <th scope="col" aria-label="Take over" />
                </tr>
              </thead>
              {laid.map(({ garment, measures }) => (
                <tbody key={garment.id}>
                  <tr>
                    <th scope="rowgroup" colSpan={5} className="group">
                      {garment.name}
                    </th>
                  </tr>
                  {measures.map((measure) => (
                    <MeasureRow key={measure.name} {...{ measure, garment, id, version }} />
                  ))}
                </tbody>
              ))}
            </Box>
          </Paper>
        </>
      )}
    </Box>
  );
}

/** A difference below this is none at a bench, mm. */
const SAME_MM = 0.5;

interface MeasureRowProps extends Pick<LikedBesideProps, "id" | "version"> {
  readonly measure: MeasureBeside;
  readonly garment: LaidGarment;
}

function MeasureRow({ measure, garment, id, version }: MeasureRowProps) {
  const lengths = useLengths();
  const { of, name, drawn, likedMm } = measure;
  const offMm = drawn ? drawn.result.value - likedMm : 0;
  return (
    <tr>
      <th scope="row">{name}</th>
      <td className="number">{lengths.bare(likedMm)}</td>
      <td className="number strong">
        {drawn ? (
          <Why label={`${name} of these pieces, beside ${garment.name}`} explain={() => drawn}>
            {lengths.bare(drawn.result.value)}
          </Why>
        ) : (
          "none"
        )}
      </td>
      <td className={Math.abs(offMm) >= SAME_MM ? "number off" : "number"}>
        {drawn ? (
          <Why label={`${name}, against ${garment.name}`} explain={() => explainBeside(measure, drawn, garment.name)}>
            {lengths.difference(offMm)}
          </Why>
        ) : (
          "—"
        )}
      </td>
      <td>
        {drawn && "length" in of && Math.abs(offMm) >= SAME_MM ? (
          <Form method="post" preventScrollReset>
            <input type="hidden" name="intent" value="liked" />
            <input type="hidden" name="of" value={id} />
            <input type="hidden" name="version" value={version} />
            <input type="hidden" name="garment" value={garment.id} />
            <Button
              type="submit"
              size="small"
              sx={{ my: -0.75 }}
              name="point"
              value={of.length}
              aria-label={`Take over ${name.toLowerCase()} of ${garment.name}`}
            >
              Take it over
            </Button>
          </Form>
        ) : null}
      </td>
    </tr>
  );
}
