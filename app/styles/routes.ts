import { type RouteConfigEntry, route } from "@react-router/dev/routes";

/** Styles. */
export const stylesRoutes: RouteConfigEntry[] = [
  route("styles", "styles/list/route.tsx"),
  route("styles/:styleId", "styles/style/route.tsx"),
];
