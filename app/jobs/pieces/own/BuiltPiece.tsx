import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { type SyntheticEvent, useState } from "react";
import { Form } from "react-router";
import { builtPiece, outlineOfBuilt, pathData } from "../../../../core/drafting/index.ts";
import { readDiagonals, readEdgeLengths } from "../../../../formats/drafts/builtText.ts";
import { PlainFields } from "../../../form/FormFields.tsx";
import { TextInput } from "../../../form/TextInput.tsx";
import { textsOf, type Unsaved } from "../../../form/unsaved.ts";
import { useLengths } from "../../../frame/units/UnitContext.tsx";
import { drawingStyle } from "../../calculation/drawing.ts";

/** A piece of a wrap as a tape measures it: edge by edge round it, and across it from corner to corner; drawn as it is typed. */
export function BuiltPiece({ version, unsaved }: { version: number; unsaved: Unsaved | undefined }) {
  const own = unsaved?.fields.intent === "built" ? unsaved : undefined;
  const [typed, setTyped] = useState({
    edges: own?.fields.builtEdges ?? "",
    across: own?.fields.builtAcross ?? "",
  });
  const look = ({ target }: SyntheticEvent<HTMLElement>) => {
    const { form } = target as HTMLInputElement;
    const { builtEdges = "", builtAcross = "" } = form ? textsOf(new FormData(form)) : {};
    setTyped({ edges: builtEdges, across: builtAcross });
  };
  return (
    <Paper component="section" aria-label="A piece by its lengths" sx={{ p: 2, gridColumn: "1 / -1" }}>
      <Typography variant="h3" sx={{ mb: 1 }}>
        A piece by its lengths
      </Typography>
      <Typography sx={{ mb: 1.5, color: "text.secondary", fontSize: "0.92rem", maxWidth: 720 }}>
        Number its corners round it. A piece of four corners needs one line across, every further corner one more; with
        more than that it is seen whether they agree.
      </Typography>
      <Box
        sx={{ display: "grid", gap: 2, gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "repeat(2, minmax(0, 1fr))" } }}
      >
        <PlainFields {...(own ? { values: own.fields, errors: own.errors } : {})}>
          <Form method="post" onChange={look}>
            <input type="hidden" name="intent" value="built" />
            <input type="hidden" name="version" value={version} />
            <TextInput name="builtName" label="Piece" />
            <TextInput
              name="builtEdges"
              label="Edges round it, mm"
              hint="From corner 1 to 2, 2 to 3 … and back: 210 95 180 90."
            />
            <TextInput name="builtAcross" label="Lines across, mm" hint="A line each: 1-3 240." lines={3} />
            <Button type="submit" variant="outlined">
              Add this piece
            </Button>
          </Form>
        </PlainFields>
        <Drawn {...typed} />
      </Box>
    </Paper>
  );
}

/** Room round the drawing, as a part of it. */
const ROOM = 0.12;

function Drawn({ edges: edgesText, across }: { edges: string; across: string }) {
  const lengths = useLengths();
  if (edgesText.trim() === "") return null;
  const [edges, diagonals] = [readEdgeLengths(edgesText), readDiagonals(across)];
  const piece = !edges.ok ? edges : !diagonals.ok ? diagonals : builtPiece(edges.value, diagonals.value);
  if (!piece.ok) return <Typography sx={{ color: "text.secondary" }}>{piece.problem.message}</Typography>;
  const { corners, misfitMm } = piece.value;
  const [xs, ys] = [corners.map(({ x }) => x), corners.map(({ y }) => y)];
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  const [width, height] = [Math.max(...xs) - left, Math.max(...ys) - top];
  const room = ROOM * Math.max(width, height);
  return (
    <Box component="figure" sx={{ m: 0 }}>
      <Box
        component="svg"
        role="img"
        aria-label="The piece as it comes out"
        viewBox={`${left - room} ${top - room} ${width + 2 * room} ${height + 2 * room}`}
        sx={{ ...drawingStyle, width: "100%", maxHeight: 260 }}
      >
        <path
          d={pathData(outlineOfBuilt({ corners }))}
          fill="var(--stz-palette-background-paper)"
          stroke="var(--stz-palette-bench-ink)"
          strokeWidth={2}
          vectorEffect="non-scaling-stroke"
        />
        {diagonals.ok
          ? diagonals.value.map(({ from, to }) => (
              <line
                key={`${from} ${to}`}
                x1={corners[from - 1]?.x}
                y1={corners[from - 1]?.y}
                x2={corners[to - 1]?.x}
                y2={corners[to - 1]?.y}
                stroke="var(--stz-palette-bench-thread)"
                strokeDasharray="5 4"
                vectorEffect="non-scaling-stroke"
              />
            ))
          : null}
        {corners.map(({ x, y }, at) => (
          <text
            key={`${x} ${y}`}
            x={x + Math.sign(x - left - width / 2) * room * 0.5}
            y={y + Math.sign(y - top - height / 2) * room * 0.5}
            fontSize={room * 0.5}
            fontWeight={700}
            textAnchor="middle"
            dominantBaseline="central"
          >
            {at + 1}
          </text>
        ))}
      </Box>
      <Box component="figcaption" sx={{ color: "text.secondary", fontSize: "0.92rem" }}>
        {misfitMm < 0.5
          ? "The lengths agree."
          : `The lengths do not agree: the worst is missed by ${lengths.amount(misfitMm)}.`}
      </Box>
    </Box>
  );
}
