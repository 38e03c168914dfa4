import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import type { CupReckoning, CupWorking } from "../../../core/cups/index.ts";
import { ReckonedValue } from "../calculation/NumberList.tsx";

/** What to do where the sides differ: both remedies with their numbers, the chosen one marked. */
export function Remedies({ cup, remedy }: { cup: CupReckoning; remedy: CupWorking["remedy"] }) {
  const { asymmetry } = cup;
  if (!asymmetry?.acts) return null;
  const { larger } = asymmetry;
  const smaller = larger === "left" ? "right" : "left";
  const value = (id: string) => {
    const number = cup.numbers.find((one) => one.id === id);
    return number ? <ReckonedValue number={number} /> : null;
  };
  const frame = (mine: CupWorking["remedy"]) => ({
    p: 1.5,
    border: remedy === mine ? 2 : 1,
    borderColor: remedy === mine ? "primary.main" : "divider",
  });
  const mark = (mine: CupWorking["remedy"]) =>
    remedy === mine ? (
      <Box component="span" sx={{ color: "primary.main", fontWeight: 600 }}>
        {" "}
        · chosen
      </Box>
    ) : null;
  return (
    <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fit, minmax(220px, 1fr))", gap: 1.5, mb: 1.5 }}>
      <Paper component="section" aria-label="Two cups" sx={frame("twoCups")}>
        <Box sx={{ fontWeight: 700 }}>Two cups{mark("twoCups")}</Box>
        Each side to its own seams, {value(`volume-${larger}`)} and {value(`volume-${smaller}`)}. Keep the pieces as
        left and right from now on; wires may differ too.
      </Paper>
      <Paper component="section" aria-label="Cut the larger, pad the smaller" sx={frame("padSmaller")}>
        <Box sx={{ fontWeight: 700 }}>Cut the larger, pad the smaller{mark("padSmaller")}</Box>
        Both to the {larger} side; a pad of {value("pad")} in the {smaller} one, {value("padDepth")} at the apex,
        running out to nothing at the root.
      </Paper>
    </Box>
  );
}
