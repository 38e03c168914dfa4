import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import Typography from "@mui/material/Typography";
import { explainLiking, type LikingNumber, likingOf, ZONE_NAMES, type ZoneLiking } from "../../../core/ease/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { found, idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readLiked } from "../../.server/read/likedGarments.ts";
import { readWorkshopSettings } from "../../.server/read/workshopSettings.ts";
import { FavouriteChart } from "../../chart/charts.ts";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { percent } from "../../frame/units/percent.ts";
import { pressure } from "../../frame/units/pull.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import type { Route } from "./+types/route.ts";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `Garments that fit ${loaderData?.wearer.name ?? ""} · Stenz` },
];

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const wearer = found(await store.wearers.find(idFrom(params.wearerId, "wearer")), "wearer");
  const garments = await readLiked(store, wearer.id, await readWorkshopSettings(store));
  return {
    wearer: { id: wearer.id, name: wearer.name },
    garments: garments.map(({ garment, sheetOn, withoutBody }) => ({
      id: garment.id,
      name: garment.name,
      measuredOn: garment.measuredOn,
      sheetOn,
      notes: garment.notes,
      withoutBody,
    })),
    liking: likingOf(garments),
  };
});

export default function Garments({ loaderData }: Route.ComponentProps) {
  const { wearer, garments, liking } = loaderData;
  return (
    <>
      <PageHead
        title="Garments that fit"
        above={<TextLink to={`/wearers/${wearer.id}`}>{wearer.name}</TextLink>}
        below="Laid flat and measured, they tell how tight this wearer likes it; the fifth school carries that over to a new cloth."
        actions={
          <LinkButton to={`/wearers/${wearer.id}/garments/new`} variant="contained">
            Measure a garment
          </LinkButton>
        }
      />
      {garments.length === 0 ? (
        <EmptyState title="No garment measured yet">
          Lay a favourite flat on the table, without pulling, and measure it from edge to edge at the waist, the hip,
          the leg. With what its cloth stretches, the plan can be as tight as that one is.
        </EmptyState>
      ) : (
        <Box
          sx={{
            display: "grid",
            gap: 3,
            gridTemplateColumns: { xs: "minmax(0, 1fr)", lg: "minmax(0, 1.2fr) minmax(0, 1fr)" },
          }}
        >
          <Box>
            <Paper component="ol" aria-label="Garments" sx={{ m: 0, p: 0, listStyle: "none" }}>
              {garments.map(({ id, name, measuredOn, sheetOn, notes, withoutBody }, index) => (
                <Box
                  component="li"
                  key={id}
                  sx={{ px: 2, py: 1.25, "& + &": { borderTop: 1, borderColor: "divider" } }}
                >
                  <strong>{index + 1}.</strong> <TextLink to={`/garments/${id}`}>{name}</TextLink>
                  <Box sx={{ color: "text.secondary", fontSize: "0.9rem" }}>
                    measured {formatDay(measuredOn)}; body{" "}
                    {sheetOn ? `of the sheet of ${formatDay(sheetOn)}` : "not known: no sheet yet"}
                    {notes ? `. ${notes}` : ""}
                  </Box>
                  {withoutBody.length > 0 ? (
                    <Box sx={{ color: "warning.main", fontSize: "0.9rem" }}>
                      Not on that sheet, so of no use:{" "}
                      {withoutBody.map((zone) => ZONE_NAMES[zone].toLowerCase()).join(", ")}
                    </Box>
                  ) : null}
                </Box>
              ))}
            </Paper>
          </Box>
          <Paper sx={{ p: 1.5 }}>
            <Typography variant="h3">The strain this wearer likes</Typography>
            <FavouriteChart
              zones={liking.map(({ zone }) => ZONE_NAMES[zone])}
              favourites={liking.flatMap(({ zone, garments: worn }) =>
                worn.map(({ index, strain }) => ({
                  zone: ZONE_NAMES[zone],
                  mark: String(index + 1),
                  strain: strain * 100,
                })),
              )}
              label={`Strain by zone: ${liking.map(({ zone, median }) => `${ZONE_NAMES[zone]} ${percent(median)}`).join(", ")}`}
            />
          </Paper>
          <LikingTable liking={liking} names={garments.map(({ name }) => name)} />
        </Box>
      )}
    </>
  );
}

function LikingTable({ liking, names }: { liking: readonly ZoneLiking[]; names: readonly string[] }) {
  const lengths = useLengths();
  const opened = (number: LikingNumber, zone: ZoneLiking, text: string) => (
    <Why label={`${ZONE_NAMES[zone.zone]}, ${number}`} explain={() => explainLiking(number, zone, names)}>
      {text}
    </Why>
  );
  return (
    <Paper sx={{ overflowX: "auto", gridColumn: "1 / -1" }}>
      <Table size="small" aria-label="What they say about this wearer's liking">
        <TableHead>
          <TableRow>
            <TableCell>Zone</TableCell>
            <TableCell align="right">Garments</TableCell>
            <TableCell align="right">Strain, the middle one</TableCell>
            <TableCell align="right">From … to</TableCell>
            <TableCell align="right">Ease, the middle one</TableCell>
            <TableCell align="right">Share of stretch</TableCell>
            <TableCell align="right">Pressure</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {liking.map((one) => (
            <TableRow key={one.zone}>
              <TableCell component="th">{ZONE_NAMES[one.zone]}</TableCell>
              <TableCell align="right">{one.garments.length}</TableCell>
              <TableCell align="right" sx={{ fontWeight: 700 }}>
                {opened("strain", one, percent(one.median))}
              </TableCell>
              <TableCell align="right">
                {one.garments.length > 1 ? `${percent(one.least)} … ${percent(one.most)}` : "one only"}
              </TableCell>
              <TableCell align="right">{opened("ease", one, lengths.difference(one.easeMm))}</TableCell>
              <TableCell align="right">
                {one.share === null ? "cloth not known" : opened("share", one, percent(one.share))}
              </TableCell>
              <TableCell align="right">
                {one.pressureKpa === null ? "no ladder" : opened("pressure", one, pressure(one.pressureKpa))}
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Paper>
  );
}
