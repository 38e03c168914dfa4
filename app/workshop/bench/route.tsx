import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { Form, redirect } from "react-router";
import { accessContext } from "../../.server/access/visitor.ts";
import { idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { styleNames } from "../../.server/read/styles.ts";
import { readFields } from "../../form/fields.server.ts";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { ListPage } from "../../frame/ListPage.tsx";
import { listQuery } from "../../frame/listQuery.ts";
import { TextLink } from "../../frame/TextLink.tsx";
import type { Route } from "./+types/route.ts";
import { JobCard } from "./JobCard.tsx";

export const meta = () => [{ title: "Bench · Stenz" }];

export const loader = guarded(async ({ request, context }: Route.LoaderArgs) => {
  const query = listQuery(request);
  const store = storeOf(context);
  const { rows, ...page } = await store.jobs.list(query);
  const names = await styleNames(store);
  return {
    backupFault: (await context.get(accessContext).backupRule.find()).fault,
    removed: await store.jobs.removed(),
    search: query.search,
    page,
    jobs: rows.map((job) => ({ ...job, styleName: names.get(job.styleId) ?? "" })),
  };
});

/** Brings a job back that was deleted within the last day. */
export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const fields = await readFields(request);
  const id = idFrom(fields.job, "job");
  const back = await storeOf(context).inTransaction(({ jobs }) => jobs.restore(id));
  return back ? redirect(`/jobs/${id}`) : redirect("/");
});

export default function Bench({ loaderData }: Route.ComponentProps) {
  const { page, jobs, search, removed, backupFault } = loaderData;
  return (
    <ListPage
      title="Bench"
      below="Jobs under way: one garment for one wearer, from the measures to the last prototype."
      actions={
        <>
          <LinkButton to="/jobs/import" variant="outlined">
            Import a job
          </LinkButton>
          <LinkButton to="/jobs/new" variant="contained">
            New job
          </LinkButton>
        </>
      }
      notices={
        backupFault ? (
          <Alert severity="warning" sx={{ mb: 2 }}>
            {backupFault} <TextLink to="/settings/backups">Backups</TextLink>
          </Alert>
        ) : null
      }
      searchLabel="Search jobs and wearers"
      search={search}
      page={page}
      what="job and no wearer"
      empty={{
        title: "The bench is empty",
        words:
          "A job needs a wearer with a sheet of measures, and a cloth that was pulled once by hand. Start with the wearer; the job then says what it still needs.",
        action: (
          <LinkButton to="/wearers/new" variant="contained">
            Add the first wearer
          </LinkButton>
        ),
      }}
      after={<BelowTheList removed={removed} />}
    >
      <Box component="ul" sx={cardsStyle}>
        {jobs.map((job) => (
          <JobCard key={job.id} job={job} />
        ))}
      </Box>
    </ListPage>
  );
}

const cardsStyle = {
  display: "grid",
  gridTemplateColumns: "repeat(auto-fill, minmax(320px, 1fr))",
  gap: 2,
  p: 0,
  m: 0,
  listStyle: "none",
} as const;

function BelowTheList({ removed }: Pick<Route.ComponentProps["loaderData"], "removed">) {
  return (
    <>
      <Removed jobs={removed} />
      <Alert severity="info" icon={false} sx={{ mt: 4, maxWidth: 760 }}>
        Stenz computes and remembers; you decide. It is no medical device.{" "}
        <TextLink to="/care">Where the work can hurt someone</TextLink>
      </Alert>
    </>
  );
}

/** Jobs deleted within the last day, to be brought back. */
function Removed({ jobs }: { jobs: Route.ComponentProps["loaderData"]["removed"] }) {
  if (jobs.length === 0) return null;
  return (
    <Alert severity="info" icon={false} sx={{ mt: 4, maxWidth: 760 }} aria-label="Deleted jobs">
      Deleted, and gone for good a day later:
      {jobs.map(({ id, name }) => (
        <Form method="post" action="/?index" key={id}>
          <strong>{name}</strong>{" "}
          <Button type="submit" name="job" value={id} size="small">
            Bring it back
          </Button>
        </Form>
      ))}
    </Alert>
  );
}
