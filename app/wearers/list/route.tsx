import Alert from "@mui/material/Alert";
import { storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { ListPage } from "../../frame/ListPage.tsx";
import { listQuery } from "../../frame/listQuery.ts";
import { PlainList } from "../../frame/PlainList.tsx";
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
    <ListPage
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
      notices={<ErasedNotice erased={erased} />}
      search={search}
      page={wearers}
      what="wearer"
      empty={{
        title: "Nobody here yet",
        words:
          "Add the person you sew for. Their measures come next, one dated sheet at a time, and no sheet is ever overwritten.",
      }}
    >
      <PlainList
        label="Wearers"
        rows={wearers.rows.map(({ id, name, kind, notes }) => ({
          key: id,
          main: <TextLink to={`/wearers/${id}`}>{name}</TextLink>,
          side: kind === "form" ? "dress form" : "person",
          more: notes,
        }))}
      />
    </ListPage>
  );
}

/** Says how far an erasure that was just asked for has come. */
function ErasedNotice({ erased }: { erased: string | null }) {
  return (
    <>
      {erased === "whole" ? (
        <Alert severity="success" icon={false} sx={{ mb: 2 }}>
          Erased. No trace is left in the data file, and backups forget it too: open ones are written anew without it,
          sealed ones are dropped. A file that a restore kept aside beside the data file is left as it is: delete that
          yourself.
        </Alert>
      ) : null}
      {erased === "later" ? (
        <Alert severity="warning" sx={{ mb: 2 }}>
          Erased from every page, but another program is reading the data file, so older pages of it may still hold
          traces. Close that program: Stenz takes the rest away within a minute, or when it starts next.
        </Alert>
      ) : null}
    </>
  );
}
