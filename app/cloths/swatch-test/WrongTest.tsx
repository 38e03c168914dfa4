import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Form } from "react-router";
import { DIRECTION_NAMES, DIRECTIONS, type SwatchTest } from "../../../core/cloth/index.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import type { Fields, Unsaved } from "../../form/unsaved.ts";
import { strikeDraft } from "./strikeDraft.ts";

interface WrongProps {
  readonly test: SwatchTest;
  readonly draft: Fields | null;
  readonly unsaved: Unsaved | undefined;
}

/** Where a test was written down wrongly: under the wrong direction, or not to be trusted at all. */
export function Wrong({ test, draft, unsaved }: WrongProps) {
  const intent = unsaved?.fields.intent;
  const others = DIRECTIONS.filter((direction) => direction !== test.direction);
  return (
    <Box component="section" aria-label="Wrong?" className="no-print" sx={{ mt: 4, maxWidth: 720 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Wrong?
      </Typography>
      <Form method="post" preventScrollReset>
        <input type="hidden" name="intent" value="turn" />
        <Box sx={{ display: "flex", gap: 1, alignItems: "center", flexWrap: "wrap", mb: 2 }}>
          <span>It was not pulled {test.direction}, but</span>
          {others.map((direction) => (
            <Button key={direction} type="submit" name="direction" value={direction} variant="outlined">
              {DIRECTION_NAMES[direction].toLowerCase()}
            </Button>
          ))}
        </Box>
      </Form>
      {test.struck === null ? (
        <RecordForm
          draftForm={strikeDraft(test.id)}
          draft={draft}
          unsaved={intent === "strike" ? unsaved : undefined}
          hidden={{ intent: "strike" }}
          submitLabel="Strike this test out"
          quiet
        >
          <TextInput name="reason" label="Why it does not count" hint="It is kept, and no plan rests on it any more." />
        </RecordForm>
      ) : (
        <Form method="post" preventScrollReset>
          <Button type="submit" name="intent" value="restore" variant="outlined">
            Let it count again
          </Button>
        </Form>
      )}
    </Box>
  );
}
