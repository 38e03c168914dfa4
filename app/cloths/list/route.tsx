import Box from "@mui/material/Box";
import { summariseTests } from "../../../core/cloth/index.ts";
import { storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readWorkshopSettings } from "../../.server/read/workshopSettings.ts";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { ListPage } from "../../frame/ListPage.tsx";
import { listQuery } from "../../frame/listQuery.ts";
import { PlainList } from "../../frame/PlainList.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { percent } from "../../frame/units/percent.ts";
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
    <ListPage
      title="Cloths"
      below="What is on the shelf, and how far each cloth goes and comes back."
      actions={
        <>
          <LinkButton to="/shelf" variant="outlined">
            Shelf stock
          </LinkButton>
          <LinkButton to="/layups" variant="outlined">
            Layups
          </LinkButton>
          <LinkButton to="/cloths/new" variant="contained">
            Add a cloth
          </LinkButton>
        </>
      }
      search={search}
      page={page}
      what="cloth"
      empty={{
        title: "The shelf is empty",
        words:
          "Add a cloth and pull a swatch of it once by hand: mark 100 mm, pull to the comfortable limit, let go, wait a minute. Those three lengths are all the plan needs.",
      }}
    >
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
    </ListPage>
  );
}
