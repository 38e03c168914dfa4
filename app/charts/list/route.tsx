import { storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { ListPage } from "../../frame/ListPage.tsx";
import { listQuery } from "../../frame/listQuery.ts";
import { PlainList } from "../../frame/PlainList.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import type { Route } from "./+types/route.ts";

export const meta = () => [{ title: "Size charts · Stenz" }];

export const loader = guarded(async ({ request, context }: Route.LoaderArgs) => {
  const query = listQuery(request);
  return { search: query.search, charts: await storeOf(context).charts.list(query) };
});

export default function Charts({ loaderData }: Route.ComponentProps) {
  const { search, charts } = loaderData;
  return (
    <ListPage
      title="Size charts"
      above={<TextLink to="/settings">Settings</TextLink>}
      below="Of graded patterns: the body each size is drawn for and, where the pattern says so, the garment as finished."
      actions={
        <>
          <LinkButton to="/charts/import" variant="outlined">
            Import a chart
          </LinkButton>
          <LinkButton to="/charts/new" variant="contained">
            Type a chart
          </LinkButton>
        </>
      }
      search={search}
      page={charts}
      what="size chart"
      empty={{
        title: "No size chart yet",
        words:
          "Type the chart of a pattern you use, or import it as CSV or JSON. Stenz then chooses a size for each zone, says what it costs and where the lines blend.",
      }}
    >
      <PlainList
        label="Size charts"
        rows={charts.rows.map(({ id, name, sizes, ease, notes }) => ({
          key: id,
          main: <TextLink to={`/charts/${id}`}>{name}</TextLink>,
          side: `${sizes[0]?.name} to ${sizes.at(-1)?.name}, ${ease === "stretch" ? "for stretch" : "loose"}`,
          more: notes,
        }))}
      />
    </ListPage>
  );
}
