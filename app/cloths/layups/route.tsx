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

export const meta = () => [{ title: "Layups · Stenz" }];

export const loader = guarded(async ({ request, context }: Route.LoaderArgs) => {
  const query = listQuery(request);
  return { search: query.search, layups: await storeOf(context).layups.list(query) };
});

export default function Layups({ loaderData }: Route.ComponentProps) {
  const { search, layups } = loaderData;
  return (
    <>
      <PageHead
        title="Layups"
        above={<TextLink to="/cloths">Cloths</TextLink>}
        below="Layers that act together in one zone: they share the strain, and their tensions add."
        actions={
          <LinkButton to="/layups/new" variant="contained">
            New layup
          </LinkButton>
        }
      />
      {layups.total > 0 || search ? <SearchBox label="Search by name" search={search} /> : null}
      {layups.total > 0 ? (
        <PlainList
          label="Layups"
          rows={layups.rows.map(({ id, name, layers, notes }) => ({
            key: id,
            main: <TextLink to={`/layups/${id}`}>{name}</TextLink>,
            side: `${layers.length} layers`,
            more: notes,
          }))}
        />
      ) : (
        <EmptyState title={search ? "Nothing found" : "No layup yet"}>
          {search
            ? `No layup has “${search}” in the name.`
            : "Put together what is worn together: shell, lining, power net. Stenz adds up how hard they pull and finds the layer that gives out first."}
        </EmptyState>
      )}
      <Pages page={layups.page} pageCount={layups.pageCount} search={search} />
    </>
  );
}
