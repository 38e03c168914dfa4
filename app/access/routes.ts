import { type RouteConfigEntry, route } from "@react-router/dev/routes";

/** Who is let in from the network, and what a device that is for fittings begins with. */
export const accessRoutes: RouteConfigEntry[] = [
  route("sign-in", "access/sign-in/route.tsx"),
  route("measure/:secret", "access/measure/route.tsx"),
  route("certificate", "access/certificate/route.ts"),
  route("sign-out", "access/sign-out/route.ts"),
  route("fittings", "access/fittings/route.tsx"),
  route("settings/sharing", "access/settings-sharing/route.tsx"),
  route("settings/devices", "access/settings-devices/route.tsx"),
];
