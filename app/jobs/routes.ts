import { index, type RouteConfigEntry, route } from "@react-router/dev/routes";

/** Jobs, a folder a step. */
export const jobsRoutes: RouteConfigEntry[] = [
  route("jobs/new", "jobs/new/route.tsx"),
  route("jobs/:jobId/prototypes/:number/send", "jobs/fitting-send/route.ts"),
  route("jobs/:jobId/changes/pdf", "jobs/changes-pdf/route.ts"),
  route("jobs/:jobId/record/:layout", "jobs/record/route.ts"),
  route("jobs/:jobId/pieces/:recipe/:file", "jobs/pieces-file/route.ts"),
  route("jobs/:jobId/prototypes/:number/pieces/:recipe/:file", "jobs/prototype-pieces-file/route.ts"),
  route("jobs/import", "jobs/import/route.tsx"),
  route("findings", "jobs/findings/route.tsx"),
  route("jobs/:jobId/photos/:photoId", "jobs/fitting-photo/route.ts"),
  route("jobs/:jobId", "jobs/job/route.tsx", [
    index("jobs/overview/route.tsx"),
    route("body", "jobs/body/route.tsx"),
    route("cloth", "jobs/cloth/route.tsx"),
    route("ease", "jobs/ease/route.tsx"),
    route("pattern", "jobs/pattern/route.tsx"),
    route("torso", "jobs/torso/route.tsx"),
    route("cups", "jobs/cups/route.tsx"),
    route("band", "jobs/band/route.tsx"),
    route("pieces", "jobs/pieces/route.tsx"),
    route("prototypes", "jobs/prototypes/route.tsx"),
    route("changes", "jobs/changes/route.tsx"),
    route("zones", "jobs/zones/route.tsx"),
    route("compare", "jobs/compare/route.tsx"),
    route("history", "jobs/history/route.tsx"),
    route("sign-off", "jobs/sign-off/route.tsx"),
    route("prototypes/:number", "jobs/prototype/route.tsx"),
    route("prototypes/:number/pieces", "jobs/prototype-pieces/route.tsx"),
    route("prototypes/:number/fitting", "jobs/fitting/route.tsx"),
  ]),
];
