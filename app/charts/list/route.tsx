import { storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { listQuery } from "../../frame/listQuery.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { Pages } from "../../frame/Pages.tsx";
import { PlainList } from "../../frame/PlainList.tsx";
import { SearchBox } from "../../frame/SearchBox.tsx";
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
    <>
      <PageHead
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
      />
      {charts.total > 0 || search ? <SearchBox label="Search by name" search={search} /> : null}
      {charts.total > 0 ? (
        <PlainList
          label="Size charts"
          rows={charts.rows.map(({ id, name, sizes, ease, notes }) => ({
            key: id,
            main: <TextLink to={`/charts/${id}`}>{name}</TextLink>,
            side: `${sizes[0]?.name} to ${sizes.at(-1)?.name}, ${ease === "stretch" ? "for stretch" : "loose"}`,
            more: notes,
          }))}
        />
      ) : (
        <EmptyState title={search ? "Nothing found" : "No size chart yet"}>
          {search
            ? `No size chart has “${search}” in the name.`
            : "Type the chart of a pattern you use, or import it as CSV or JSON. Stenz then chooses a size for each zone, says what it costs and where the lines blend."}
        </EmptyState>
      )}
      <Pages page={charts.page} pageCount={charts.pageCount} search={search} />
    </>
  );
}
