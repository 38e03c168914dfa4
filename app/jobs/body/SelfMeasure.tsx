import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { Form } from "react-router";
import { TextLink } from "../../frame/TextLink.tsx";

interface SelfMeasureProps {
  /** True while the workshop is shared: a link has to be reached. */
  readonly shared: boolean;
  /** Until when a link is good (ISO); null where there is none. */
  readonly until: string | null;
  /** A link that was made just now, at each address. */
  readonly made: readonly { readonly link: string; readonly picture: string }[] | null;
}

/** The wearer measures themselves: a link for one sheet and one day, which shows nothing else of the workshop. */
export function SelfMeasure({ shared, until, made }: SelfMeasureProps) {
  const [first] = made ?? [];
  return (
    <Paper component="section" aria-labelledby="self-measure" className="no-print" sx={{ p: 2, mt: 3 }}>
      <Typography variant="h3" id="self-measure" sx={{ mb: 0.5 }}>
        They measure themselves
      </Typography>
      <Typography sx={{ mb: 1.5, color: "text.secondary" }}>
        A link that is good for one sheet and one day. It shows the measures of this job and how to take them, no name
        and nothing else; the sheet comes in beside the others, and you decide whether to plan from it.
      </Typography>
      {first ? (
        <Box sx={{ display: "flex", gap: 2, flexWrap: "wrap", mb: 1.5 }}>
          <Box component="img" src={first.picture} alt="QR picture of the link" sx={pictureStyle} />
          <Box sx={{ flex: "1 1 220px", minWidth: 0 }}>
            <Typography component="output" sx={{ overflowWrap: "anywhere", fontWeight: 600 }}>
              {first.link}
            </Typography>
            <Typography sx={{ mt: 1, color: "text.secondary", fontSize: "0.92rem" }}>
              It stands here once. Whoever has it can send the one sheet.
            </Typography>
          </Box>
        </Box>
      ) : null}
      {shared ? (
        <Form method="post" preventScrollReset>
          <Button type="submit" name="intent" value="link" variant="outlined">
            {until ? "Make another link" : "Make a link"}
          </Button>
          {until ? (
            <Button type="submit" name="intent" value="unlink">
              Shut the one that is out
            </Button>
          ) : null}
        </Form>
      ) : (
        <Typography>
          The workshop is not shared now: <TextLink to="/settings/sharing">share it</TextLink> first, so that a link can
          be reached.
        </Typography>
      )}
    </Paper>
  );
}

const pictureStyle = { width: 160, height: 160, bgcolor: "#fff", borderRadius: 1 } as const;
