import Box from "@mui/material/Box";
import { summariseTests } from "../../../core/cloth/summary.ts";
import { EmptyState } from "../../components/EmptyState.tsx";
import { LinkButton } from "../../components/LinkButton.tsx";
import { PageHead } from "../../components/PageHead.tsx";
import { Pages } from "../../components/Pages.tsx";
import { PlainList } from "../../components/PlainList.tsx";
import { SearchBox } from "../../components/SearchBox.tsx";
import { TextLink } from "../../components/TextLink.tsx";
import { percent } from "../../components/units/percent.ts";
import { listQuery } from "../../forms/listQuery.ts";
import { storeOf } from "../../server/answers.ts";
import { guarded } from "../../server/guarded.ts";
import { readWorkshopSettings } from "../../server/workshopSettings.ts";
import type { Route } from "./+types/route.ts";

export const meta = () => [{ title: "Cloths · Stenz" }];

export const loader = guarded(async ({ request, context }: Route.LoaderArgs) => {
  const query = listQuery(request);
  const store = storeOf(context);
  const { rows, ...page } = await store.cloths.list(query);
  const settings = (await readWorkshopSettings(store)).cloth;
  const cloths = rows.map(({ tests, ...cloth }) => ({
    ...cloth,
    directions: summariseTests(tests, cloth.kind, settings).map(({ direction, usable, willBag }) => ({
      direction,
      usable,
      willBag,
    })),
  }));
  return { search: query.search, page, cloths };
});

export default function Cloths({ loaderData }: Route.ComponentProps) {
  const { cloths, page, search } = loaderData;
  return (
    <>
      <PageHead
        title="Cloths"
        below="What is on the shelf, and how far each cloth goes and comes back."
        actions={
          <>
            <LinkButton to="/layups" variant="outlined">
              Layups
            </LinkButton>
            <LinkButton to="/cloths/new" variant="contained">
              Add a cloth
            </LinkButton>
          </>
        }
      />
      {cloths.length > 0 || search ? <SearchBox label="Search by name" search={search} /> : null}
      {cloths.length > 0 ? (
        <PlainList
          label="Cloths"
          rows={cloths.map(({ id, name, kind, composition, directions }) => ({
            key: id,
            main: <TextLink to={`/cloths/${id}`}>{name}</TextLink>,
            side: kind,
            more: (
              <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 3 }}>
                <Box sx={{ flex: "1 1 200px" }}>{composition}</Box>
                <Box sx={{ flex: "1 1 220px", color: "text.primary" }}>
                  {directions.length === 0
                    ? "not tested yet"
                    : directions
                        .map(
                          ({ direction, usable, willBag }) =>
                            `${direction} ${percent(usable)}${willBag ? " (will bag)" : ""}`,
                        )
                        .join(" · ")}
                </Box>
              </Box>
            ),
          }))}
        />
      ) : (
        <EmptyState title={search ? "Nothing found" : "The shelf is empty"}>
          {search
            ? `No cloth has “${search}” in the name.`
            : "Add a cloth and pull a swatch of it once by hand: mark 100 mm, pull to the comfortable limit, let go, wait a minute. Those three lengths are all the plan needs."}
        </EmptyState>
      )}
      <Pages page={page.page} pageCount={page.pageCount} search={search} />
    </>
  );
}
