import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { Form } from "react-router";
import { classRange, stretchClassOf } from "../../../core/cloth/index.ts";
import { FINDING_KINDS, isFindingKindId, isSpotId, SPOTS } from "../../../core/fitting/index.ts";
import { storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { listQuery } from "../../frame/listQuery.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { Pages } from "../../frame/Pages.tsx";
import type { Route } from "./+types/route.ts";
import { FindingTable } from "./FindingTable.tsx";
import { orderOf } from "./findingOrder.ts";

/** A usable stretch in the middle of each class, to name the class by. */
const CLASSES = [
  { id: "stable", usable: 0.1 },
  { id: "light", usable: 0.2 },
  { id: "moderate", usable: 0.4 },
  { id: "high", usable: 0.6 },
  { id: "power", usable: 0.9 },
] as const;

export const meta = () => [{ title: "Findings · Stenz" }];

export const loader = guarded(async ({ request, context }: Route.LoaderArgs) => {
  const asked = new URL(request.url).searchParams;
  const words = (asked.get("q") ?? "").slice(0, 120);
  const kind = asked.get("kind") ?? "";
  const spot = asked.get("spot") ?? "";
  const stretch = CLASSES.find(({ id }) => id === asked.get("stretch")) ?? null;
  const order = orderOf(asked.get("order"));
  const { page } = listQuery(request);
  const found = await storeOf(context).searchFindings({
    words,
    kind: isFindingKindId(kind) ? kind : null,
    spot: isSpotId(spot) ? spot : null,
    usable: stretch ? classRange(stretch.usable) : null,
    order,
    page,
  });
  return { asked: { words, kind, spot, stretch: stretch?.id ?? "" }, order, found };
});

export default function Findings({ loaderData }: Route.ComponentProps) {
  const { asked, order, found } = loaderData;
  const query = Object.fromEntries(
    Object.entries({ q: asked.words, kind: asked.kind, spot: asked.spot, stretch: asked.stretch }).filter(
      ([, value]) => value !== "",
    ),
  );
  return (
    <>
      <PageHead
        title="Findings"
        below="Everything ever found in this workshop: what was seen, what was taken, what it did. “Sway back”, in soft knits …"
      />
      <Form method="get" role="search">
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, mb: 2, alignItems: "center" }}>
          <Box sx={{ width: 260 }}>
            <TextField name="q" type="search" label="Words" defaultValue={asked.words} />
          </Box>
          <Choice
            name="kind"
            label="Seen"
            value={asked.kind}
            options={FINDING_KINDS.map(({ id, name }) => [id, name])}
          />
          <Choice name="spot" label="Where" value={asked.spot} options={SPOTS.map(({ id, name }) => [id, name])} />
          <Choice
            name="stretch"
            label="Stretch"
            value={asked.stretch}
            options={CLASSES.map(({ id, usable }) => [id, stretchClassOf(usable)])}
          />
          <Button type="submit" variant="outlined">
            Search
          </Button>
        </Box>
      </Form>
      {found.rows.length === 0 ? (
        <EmptyState title="Nothing like that">
          Findings come from fittings: tap the figure where something is seen. Try fewer words, or another place.
        </EmptyState>
      ) : (
        <>
          <Typography sx={{ mb: 1 }}>
            {found.more ? `more than ${found.total}` : found.total} found
            {found.more ? `; the ${order === "oldest" ? "oldest" : "newest"} ${found.total} are listed` : ""}.
          </Typography>
          <FindingTable rows={found.rows} order={order} query={query} />
          <Pages page={found.page} pageCount={found.pageCount} query={{ ...query, order }} />
        </>
      )}
    </>
  );
}

interface ChoiceProps {
  readonly name: string;
  readonly label: string;
  readonly value: string;
  readonly options: readonly (readonly [string, string])[];
}

function Choice({ name, label, value, options }: ChoiceProps) {
  return (
    <TextField
      select
      hiddenLabel
      name={name}
      key={value}
      defaultValue={value}
      slotProps={{ select: { native: true }, htmlInput: { "aria-label": label } }}
      sx={{ width: "auto", maxWidth: 220 }}
    >
      <option value="">{label}: any</option>
      {options.map(([id, words]) => (
        <option key={id} value={id}>
          {words}
        </option>
      ))}
    </TextField>
  );
}
