import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { Form } from "react-router";
import { BONE_KINDS, type BonesReckoning } from "../../../core/bones/index.ts";
import { plainTable } from "../../frame/plainTable.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { ReckonedValue } from "../calculation/NumberList.tsx";

interface BoneTableProps {
  readonly reckoning: BonesReckoning;
  readonly version: number;
}

/** Every bone with its channel; those the rules place can be left out, and put back. */
export function BoneTable({ reckoning: { bones, leftOut, numbers }, version }: BoneTableProps) {
  const lengths = useLengths();
  return (
    <>
      <Paper sx={{ overflowX: "auto", mb: 1.5 }}>
        <Box component="table" aria-label="Bones" sx={plainTable}>
          <thead>
            <tr>
              <th scope="col">Where</th>
              <th scope="col">Kind</th>
              <th scope="col" className="number">
                Both sides
              </th>
              <th scope="col" className="number">
                Channel
              </th>
              <th scope="col" className="number">
                Bone
              </th>
              <td className="no-print" />
            </tr>
          </thead>
          <tbody>
            {bones.map(({ id, name, kind, count, channelMm }) => {
              const number = numbers.find((one) => one.id === `bone.${id}`);
              return (
                <tr key={id}>
                  <th scope="row" className="words">
                    {name}
                  </th>
                  <td className="words">{BONE_KINDS[kind]}</td>
                  <td className="number">{count}</td>
                  <td className="number">{lengths.length(channelMm)}</td>
                  <td className="number strong">{number ? <ReckonedValue number={number} /> : "too short"}</td>
                  <td className="no-print">
                    {id.startsWith("own") ? null : <Toggle id={id} version={version} name={name} out />}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </Box>
      </Paper>
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
    <Form method="post" preventScrollReset>
      <input type="hidden" name="version" value={version} />
      <input type="hidden" name="bone" value={id} />
      <Button type="submit" name="intent" value={out ? "without" : "with"} size="small">
        {out ? "Leave out" : "Put back"}
        <span className="unseen">{`: ${name}`}</span>
      </Button>
    </Form>
  );
}
