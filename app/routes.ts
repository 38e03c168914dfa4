import { type RouteConfig, route } from "@react-router/dev/routes";
import { accessRoutes } from "./access/routes.ts";
import { chartsRoutes } from "./charts/routes.ts";
import { clothsRoutes } from "./cloths/routes.ts";
import { jobsRoutes } from "./jobs/routes.ts";
import { stylesRoutes } from "./styles/routes.ts";
import { wearersRoutes } from "./wearers/routes.ts";
import { workshopRoutes } from "./workshop/routes.ts";

/** Every address, joined from the areas; files are named from this folder. */
export default [
  ...wearersRoutes,
  ...clothsRoutes,
  ...chartsRoutes,
  ...stylesRoutes,
  ...workshopRoutes,
  ...accessRoutes,
  ...jobsRoutes,
  route("care", "care/route.tsx"),
  route("drafts", "form/drafts/route.ts"),
  route("without-network", "offline/without-network/route.tsx"),
  route("preferences", "frame/preferences/route.ts"),
  route("*", "frame/not-found/route.tsx"),
] satisfies RouteConfig;
