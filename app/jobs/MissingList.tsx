import Alert from "@mui/material/Alert";
import { nameOf } from "../../core/body/index.ts";
import { ZONE_NAMES } from "../../core/ease/index.ts";
import type { MissingThing } from "../../core/job/index.ts";
import { TextLink } from "../frame/TextLink.tsx";
import { useLengths } from "../frame/units/UnitContext.tsx";

interface MissingListProps {
  readonly missing: readonly MissingThing[];
  readonly jobId: number;
  readonly wearerId: number;
  readonly sheetId: number | null;
}

/** What a job still lacks, each with the way to it. */
export function MissingList({ missing, jobId, wearerId, sheetId }: MissingListProps) {
  const lengths = useLengths();
  if (missing.length === 0) return null;
  const measures = missing.filter((thing) => thing.what === "measure");
  const sheetAddress = `/wearers/${wearerId}/sheets/new?job=${jobId}${sheetId ? `&from=${sheetId}` : ""}`;
  return (
    <Alert severity="info" icon={false} sx={{ mb: 3 }}>
      <strong>Still missing for this job</strong>
      <ul style={{ margin: "4px 0 0", paddingLeft: 20 }}>
        {missing.some(({ what }) => what === "sheet") ? (
          <li>
            a sheet of measures:{" "}
            <TextLink to={sheetAddress} next>
              take one
            </TextLink>
          </li>
        ) : null}
        {measures.length > 0 ? (
          <li>
            {measures.map(({ code, side }) => nameOf(code, side)).join("; ")}:{" "}
            <TextLink to={sheetAddress} next>
              take them
            </TextLink>
          </li>
        ) : null}
        {missing.some(({ what }) => what === "cloth") ? (
          <li>
            a cloth:{" "}
            <TextLink to={`/jobs/${jobId}/cloth`} next>
              choose one
            </TextLink>
          </li>
        ) : null}
        {missing.map((thing) =>
          thing.what === "test" ? (
            <li key={`${thing.clothId} ${thing.direction}`}>
              a swatch test {thing.direction} of {thing.clothName}:{" "}
              <TextLink to={`/cloths/${thing.clothId}?job=${jobId}`}>pull one</TextLink>
            </li>
          ) : null,
        )}
        {missing.map((thing) =>
          thing.what === "girth" ? (
            <li key={`girth ${thing.zone}`}>
              a girth at the {ZONE_NAMES[thing.zone].toLowerCase()}: {lengths.told(thing.why)}{" "}
              <TextLink to={`/jobs/${jobId}/ease`}>ease plan</TextLink>
            </li>
          ) : null,
        )}
        {missing.some(({ what }) => what === "reduction") ? (
          <li>
            how much smaller than the body it closes:{" "}
            <TextLink to={`/jobs/${jobId}/corset`} next>
              decide the reduction
            </TextLink>
          </li>
        ) : null}
        {missing.some(({ what }) => what === "school") ? (
          <li>
            a school of ease: <TextLink to={`/jobs/${jobId}/ease`}>compare and choose</TextLink>
          </li>
        ) : null}
      </ul>
    </Alert>
  );
}
