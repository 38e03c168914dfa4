import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useEffect, useRef, useState } from "react";
import type { CupSurface } from "../../../../core/drafting/index.ts";

/** The cups in space, where the browser can: fetched when they are asked for, not before. */
export function Turnable({ surfaces }: { surfaces: readonly CupSurface[] }) {
  const [asked, setAsked] = useState(false);
  const [refused, setRefused] = useState(false);
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const own = canvas.current;
    if (!asked || !own) return;
    let gone = false;
    let takeAway = () => {};
    void import("./turnable.ts")
      .then(({ drawTurnable }) => {
        if (!gone) takeAway = drawTurnable(own, surfaces, coloursOf(own));
      })
      .catch(() => setRefused(true));
    return () => {
      gone = true;
      takeAway();
    };
  }, [asked, surfaces]);
  if (refused)
    return (
      <Typography role="status" sx={{ mb: 1.5, color: "text.secondary" }}>
        This browser draws nothing in space: the three drawings below tell the same.
      </Typography>
    );
  if (!asked)
    return (
      <Button
        variant="outlined"
        size="small"
        sx={{ mb: 1.5 }}
        onClick={() => (canDraw() ? setAsked(true) : setRefused(true))}
      >
        Turn it in space
      </Button>
    );
  return (
    <Box
      component="canvas"
      ref={canvas}
      role="img"
      aria-label="The cups in space: drag or use the arrow keys to turn them"
      sx={{
        display: "block",
        width: "100%",
        height: 340,
        mb: 2,
        cursor: "grab",
        bgcolor: "background.paper",
        borderRadius: 1,
      }}
    />
  );
}

/** True where a browser can draw in space. */
const canDraw = (): boolean => document.createElement("canvas").getContext("webgl2") !== null;

/** The colours of the scheme that is shown. */
function coloursOf(element: HTMLElement) {
  const style = getComputedStyle(element);
  const of = (name: string) => style.getPropertyValue(`--stz-palette-${name}`).trim();
  return {
    gives: of("primary-main"),
    long: of("bench-thread"),
    none: of("background-paper"),
    line: of("bench-ink"),
  };
}
