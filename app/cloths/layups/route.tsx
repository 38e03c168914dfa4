import { storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { ListPage } from "../../frame/ListPage.tsx";
import { listQuery } from "../../frame/listQuery.ts";
import { PlainList } from "../../frame/PlainList.tsx";
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
    <ListPage
      title="Layups"
      above={<TextLink to="/cloths">Cloths</TextLink>}
      below="Layers that act together in one zone: they share the strain, and their tensions add."
      actions={
        <LinkButton to="/layups/new" variant="contained">
          New layup
        </LinkButton>
      }
      search={search}
      page={layups}
      what="layup"
      empty={{
        title: "No layup yet",
        words:
          "Put together what is worn together: shell, lining, power net. Stenz adds up how hard they pull and finds the layer that gives out first.",
      }}
    >
      <PlainList
        label="Layups"
        rows={layups.rows.map(({ id, name, layers, notes }) => ({
          key: id,
          main: <TextLink to={`/layups/${id}`}>{name}</TextLink>,
          side: `${layers.length} layers`,
          more: notes,
        }))}
      />
    </ListPage>
  );
}
