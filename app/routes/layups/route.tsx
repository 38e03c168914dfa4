import { EmptyState } from "../../components/EmptyState.tsx";
import { LinkButton } from "../../components/LinkButton.tsx";
import { PageHead } from "../../components/PageHead.tsx";
import { Pages } from "../../components/Pages.tsx";
import { PlainList } from "../../components/PlainList.tsx";
import { SearchBox } from "../../components/SearchBox.tsx";
import { TextLink } from "../../components/TextLink.tsx";
import { listQuery } from "../../forms/listQuery.ts";
import { storeOf } from "../../server/answers.ts";
import { guarded } from "../../server/guarded.ts";
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
