import Box from "@mui/material/Box";
import type { ReactNode } from "react";
import { bodyStyle } from "./bodyStyle.ts";

/** The chest from the front, close up, with the roots of both breasts: for the measures of one breast. */
export function ChestCloseUp({ label, over }: { label: string; over: ReactNode }) {
  return (
    <Box
      component="svg"
      role="img"
      aria-label={label}
      viewBox="0 0 220 170"
      sx={{ display: "block", width: "100%", aspectRatio: "220 / 170", ...bodyStyle }}
    >
      <path className="skin" d="M 14 2 C 8 50, 16 110, 30 168 H 190 C 204 110, 212 50, 206 2" />
      {[1, -1].map((out) => (
        <g key={out}>
          <path
            className="trait"
            d={`M ${110 + 12 * out} 104 C ${110 + 22 * out} 124, ${110 + 36 * out} 129, ${110 + 46 * out} 129 S ${110 + 76 * out} 122, ${110 + 82 * out} 100`}
            style={{ opacity: 1, strokeWidth: 1.3 }}
          />
          <path
            className="trait"
            strokeDasharray="3 4"
            d={`M ${110 + 12 * out} 104 C ${110 + 10 * out} 70, ${110 + 28 * out} 46, ${110 + 46 * out} 44 S ${110 + 84 * out} 66, ${110 + 82 * out} 100`}
          />
          <circle className="trait" cx={110 + 46 * out} cy={88} r={3} />
        </g>
      ))}
      {over}
    </Box>
  );
}
