import Alert from "@mui/material/Alert";
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

export const meta = () => [{ title: "Wearers · Stenz" }];

export const loader = guarded(async ({ request, context }: Route.LoaderArgs) => {
  const query = listQuery(request);
  const erased = new URL(request.url).searchParams.get("erased");
  return { erased, search: query.search, wearers: await storeOf(context).wearers.list(query) };
});

export default function Wearers({ loaderData }: Route.ComponentProps) {
  const { wearers, search, erased } = loaderData;
  return (
    <>
      <PageHead
        title="Wearers"
        below="The people, and the dress forms, that garments are fitted to."
        actions={
          <>
            <LinkButton to="/wearers/import" variant="outlined">
              Import a wearer
            </LinkButton>
            <LinkButton to="/wearers/new" variant="contained">
              Add a wearer
            </LinkButton>
          </>
        }
      />
      {erased === "whole" ? (
        <Alert severity="success" icon={false} sx={{ mb: 2 }}>
          Erased. No trace is left in the data file; backups made before keep what they hold.
        </Alert>
      ) : null}
      {erased === "later" ? (
        <Alert severity="warning" sx={{ mb: 2 }}>
          Erased from every page, but another program is reading the data file, so older pages of it may still hold
          traces. Close that program: Stenz takes the rest away within a minute, or when it starts next.
        </Alert>
      ) : null}
      {wearers.total > 0 || search ? <SearchBox label="Search by name" search={search} /> : null}
      {wearers.total > 0 ? (
        <PlainList
          label="Wearers"
          rows={wearers.rows.map(({ id, name, kind, notes }) => ({
            key: id,
            main: <TextLink to={`/wearers/${id}`}>{name}</TextLink>,
            side: kind === "form" ? "dress form" : "person",
            more: notes,
          }))}
        />
      ) : (
        <EmptyState title={search ? "Nothing found" : "Nobody here yet"}>
          {search
            ? `No wearer has “${search}” in the name.`
            : "Add the person you sew for. Their measures come next, one dated sheet at a time, and no sheet is ever overwritten."}
        </EmptyState>
      )}
      <Pages page={wearers.page} pageCount={wearers.pageCount} search={search} />
    </>
  );
}
