import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Form } from "react-router";
import { BONE_KINDS, type BonesReckoning } from "../../../core/bones/index.ts";
import { RowTable } from "../../frame/RowTable.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { numberCells } from "../calculation/numberCells.tsx";

interface BoneTableProps {
  readonly reckoning: BonesReckoning;
  readonly version: number;
}

/** Every bone with its channel; those the rules place can be left out, and put back. */
export function BoneTable({ reckoning: { bones, leftOut, numbers }, version }: BoneTableProps) {
  const lengths = useLengths();
  const cell = numberCells(numbers);
  return (
    <>
      <RowTable
        label="Bones"
        columns={[
          { head: "Where" },
          { head: "Kind", as: "words" },
          { head: "Both sides", as: "number" },
          { head: "Channel", as: "number" },
          { head: "Bone", as: "number" },
          { head: "Change" },
        ]}
        rows={bones.map(({ id, name, kind, count, channelMm, lengthMm }) => ({
          key: id,
          head: name,
          cells: [
            BONE_KINDS[kind],
            count,
            lengths.length(channelMm),
            { show: lengthMm === null ? "too short" : cell(`bone.${id}`), look: lengthMm === null ? "off" : "strong" },
            id.startsWith("own") ? null : <Toggle key={id} id={id} version={version} name={name} out />,
          ],
        }))}
      />
      {leftOut.length > 0 ? (
        <Box className="no-print" sx={{ mb: 2 }}>
          <Typography sx={{ fontWeight: 600 }}>Left out</Typography>
          {leftOut.map(({ id, name }) => (
            <Box key={id} sx={{ display: "flex", gap: 1, alignItems: "center" }}>
              {name}
              <Toggle id={id} version={version} name={name} out={false} />
            </Box>
          ))}
        </Box>
      ) : null}
    </>
  );
}

function Toggle({ id, name, version, out }: { id: string; name: string; version: number; out: boolean }) {
  return (
    <Form method="post" preventScrollReset className="no-print">
      <input type="hidden" name="version" value={version} />
      <input type="hidden" name="bone" value={id} />
      <Button type="submit" name="intent" value={out ? "without" : "with"} size="small">
        {out ? "Leave out" : "Put back"}
        <span className="unseen">{`: ${name}`}</span>
      </Button>
    </Form>
  );
}
