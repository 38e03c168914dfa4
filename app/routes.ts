import { index, type RouteConfig, route } from "@react-router/dev/routes";

export default [
  index("routes/bench/route.tsx"),
  route("wearers", "routes/wearers/route.tsx"),
  route("wearers/new", "routes/wearer-new/route.tsx"),
  route("wearers/:wearerId", "routes/wearer/route.tsx"),
  route("wearers/:wearerId/sheets/new", "routes/sheet-new/route.tsx"),
  route("sheets/:sheetId", "routes/sheet/route.tsx"),
  route("cloths", "routes/cloths/route.tsx"),
  route("cloths/new", "routes/cloth-new/route.tsx"),
  route("cloths/:clothId", "routes/cloth/route.tsx"),
  route("jobs/new", "routes/job-new/route.tsx"),
  route("jobs/:jobId", "routes/job/route.tsx", [
    index("routes/job-overview/route.tsx"),
    route("body", "routes/job-body/route.tsx"),
    route("cloth", "routes/job-cloth/route.tsx"),
    route("ease", "routes/job-ease/route.tsx"),
    route("prototypes", "routes/job-prototypes/route.tsx"),
    route("prototypes/:number", "routes/prototype/route.tsx"),
    route("prototypes/:number/fitting", "routes/fitting/route.tsx"),
  ]),
  route("care", "routes/care/route.tsx"),
  route("drafts", "routes/drafts/route.ts"),
  route("preferences", "routes/preferences/route.ts"),
  route("*", "routes/not-found/route.tsx"),
] satisfies RouteConfig;
