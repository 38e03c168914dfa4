import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Form, redirect } from "react-router";
import {
  copyOf,
  isStyleId,
  type ShippedStyleId,
  STYLES,
  type Style,
  styleFromOwn,
  styleOf,
  ZONE_NAMES,
} from "../../../core/ease/index.ts";
import { notFound, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readFields } from "../../form/fields.server.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { PlainList } from "../../frame/PlainList.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { percent } from "../../frame/units/percent.ts";
import type { Route } from "./+types/route.ts";

export const meta = () => [{ title: "Styles · Stenz" }];

export const loader = guarded(async ({ context }: Route.LoaderArgs) => ({
  own: (await storeOf(context).styles.own()).map((style) => ({ number: style.id, style: styleFromOwn(style) })),
}));

export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const { copy = "" } = await readFields(request);
  if (!isStyleId(copy)) notFound("style");
  const style = styleOf(copy) as Style & { id: ShippedStyleId };
  const id = await storeOf(context).inTransaction(({ styles }) => styles.add(copyOf(style)));
  return redirect(`/styles/${id}`);
});

export default function Styles({ loaderData }: Route.ComponentProps) {
  const { own } = loaderData;
  return (
    <>
      <PageHead
        title="Styles"
        above={<TextLink to="/settings">Settings</TextLink>}
        below="What a garment is judged at, what it asks of its cloth, what it must pass. Copy one to change it."
      />
      {own.length > 0 ? (
        <>
          <Typography variant="h2" sx={{ mb: 1 }}>
            Your own
          </Typography>
          <PlainList
            label="Own styles"
            rows={own.map(({ number, style }) => ({
              key: style.id,
              main: <TextLink to={`/styles/${number}`}>{style.name}</TextLink>,
              side: zonesOf(style),
              more: asksOf(style),
            }))}
          />
        </>
      ) : null}
      <Typography variant="h2" sx={{ mb: 1, mt: own.length > 0 ? 4 : 0 }}>
        As shipped
      </Typography>
      <PlainList
        label="Shipped styles"
        rows={STYLES.map((style) => ({
          key: style.id,
          main: <strong>{style.name}</strong>,
          side: zonesOf(style),
          more: (
            <>
              {style.summary} {asksOf(style)}
              <Form method="post" style={{ display: "inline" }}>
                <Button
                  type="submit"
                  name="copy"
                  value={style.id}
                  size="small"
                  sx={{ ml: 1 }}
                  aria-label={`Copy ${style.name.toLowerCase()} to change it`}
                >
                  Copy to change
                </Button>
              </Form>
            </>
          ),
        }))}
      />
    </>
  );
}

const zonesOf = ({ zones }: Style): string => zones.map((zone) => ZONE_NAMES[zone].toLowerCase()).join(", ");

function asksOf({ limits }: Style): string {
  const along = limits.leastStretchAlong === null ? "" : ` and ${percent(limits.leastStretchAlong)} along it`;
  if (limits.mostStretch !== null) return `Asks for cloth that stretches less than ${percent(limits.mostStretch)}.`;
  return `Asks for ${percent(limits.leastStretch)} stretch round the body${along}.`;
}
