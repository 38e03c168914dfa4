import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { Form } from "react-router";
import { findingKindOf, type JobChange, type StandingChange, spotOf } from "../../../core/fitting/index.ts";
import type { Unsaved } from "../../form/unsaved.ts";
import { PlainList } from "../../frame/PlainList.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";

interface KeepForNextProps {
  readonly job: { readonly id: number; readonly hasChart: boolean };
  readonly wearer: { readonly id: number; readonly name: string };
  readonly kept: readonly JobChange[];
  readonly standing: readonly StandingChange[];
  readonly isLiked: boolean;
  readonly unsaved: Unsaved | undefined;
}

/** What a signed-off job leaves for the next: the garment as one that fits, and what wearer or pattern always needs. */
export function KeepForNext({ job, wearer, kept, standing, isLiked, unsaved }: KeepForNextProps) {
  return (
    <Box component="section" aria-label="For the next job" className="no-print" sx={{ mt: 4 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        For the next job
      </Typography>
      {isLiked ? (
        <Box sx={{ mb: 2 }}>
          It stands among the <TextLink to={`/wearers/${wearer.id}/garments`}>garments that fit {wearer.name}</TextLink>
          .
        </Box>
      ) : (
        <Form method="post">
          <Button type="submit" name="intent" value="garment" variant="outlined" sx={{ mb: 2 }}>
            Keep it as a garment that fits {wearer.name}
          </Button>
        </Form>
      )}
      {standing.length > 0 ? (
        <PlainList
          label="Standing changes"
          rows={standing.map(({ id, words, wearerId }) => ({
            key: id,
            main: words,
            side: wearerId === null ? "every job from this pattern" : wearer.name,
            more: (
              <Form method="post">
                <input type="hidden" name="standing" value={id} />
                <Button size="small" type="submit" name="intent" value="drop-standing">
                  Take off the list
                </Button>
              </Form>
            ),
          }))}
        />
      ) : null}
      {kept.map((one) => (
        <KeepChange key={one.change.id} kept={one} hasChart={job.hasChart} unsaved={unsaved} />
      ))}
    </Box>
  );
}

function KeepChange({
  kept: { change, finding },
  hasChart,
  unsaved,
}: {
  kept: JobChange;
  hasChart: boolean;
  unsaved: Unsaved | undefined;
}) {
  const lengths = useLengths();
  const amount = change.amountMm === null ? change.line : lengths.difference(change.amountMm);
  const words = `${spotOf(change.spot).name}${change.side === "both" ? "" : `, ${change.side}`}: ${amount}`;
  const error = unsaved?.errors[`words-${change.id}`];
  return (
    <Paper sx={{ p: 1.5, my: 1 }}>
      <Form method="post">
        <input type="hidden" name="intent" value="standing" />
        <input type="hidden" name="change" value={change.id} />
        <Box sx={{ display: "flex", gap: 1.5, flexWrap: "wrap", alignItems: "center" }}>
          <Box sx={{ minWidth: 170 }}>{finding ? findingKindOf(finding.kind).name : "Own change"}</Box>
          <TextField
            name="words"
            defaultValue={words}
            hiddenLabel
            error={error !== undefined}
            helperText={error}
            slotProps={{ htmlInput: { "aria-label": `What to remember of change ${change.id}`, maxLength: 220 } }}
            sx={{ flex: "1 1 240px", width: "auto" }}
          />
          <Button type="submit" name="of" value="wearer" variant="outlined">
            It is the wearer's
          </Button>
          {hasChart ? (
            <Button type="submit" name="of" value="pattern" variant="outlined">
              It is the pattern's
            </Button>
          ) : null}
        </Box>
      </Form>
    </Paper>
  );
}
