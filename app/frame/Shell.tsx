import Box from "@mui/material/Box";
import type { ReactNode } from "react";
import { Link, NavLink } from "react-router";
import { TimerBar } from "../jobs/fitting/timers/TimerBar.tsx";
import { ConnectionNotice } from "../offline/ConnectionNotice.tsx";
import { BrandName } from "./BrandName.tsx";
import { ModeSwitch } from "./ModeSwitch.tsx";
import { Shortcuts } from "./Shortcuts.tsx";
import { UnitSwitch } from "./UnitSwitch.tsx";
import { useFocusOn } from "./useFocusOn.ts";
import { useVisitor } from "./visitor/VisitorContext.ts";
import { VisitorMark } from "./visitor/VisitorMark.tsx";

const PLACES = [
  { to: "/", label: "Bench", end: true },
  { to: "/wearers", label: "Wearers", end: false },
  { to: "/cloths", label: "Cloths", end: false },
  { to: "/days", label: "Days", end: false },
  { to: "/findings", label: "Findings", end: false },
] as const;

/** What a device that is for fittings sees of the workshop. */
const FITTING_PLACES = [{ to: "/fittings", label: "Fittings", end: false }] as const;

/** The frame of every page: name, places, unit, light, keys, care. `keepsNone` where this browser keeps no page for use without a network. */
export function Shell({ keepsNone = false, children }: { keepsNone?: boolean; children: ReactNode }) {
  useFocusOn();
  const fittings = useVisitor().role === "fittings";
  return (
    <Box sx={{ minHeight: "100vh", display: "flex", flexDirection: "column" }}>
      <Box component="a" href="#content" sx={skipStyle}>
        Skip to the content
      </Box>
      <Box component="nav" aria-label="Main" className="no-print" sx={barStyle}>
        <Box component={Link} to="/" sx={nameStyle}>
          <BrandName />
        </Box>
        {(fittings ? FITTING_PLACES : PLACES).map(({ to, label, end }) => (
          <Box key={to} component={NavLink} to={to} end={end} sx={placeStyle}>
            {label}
          </Box>
        ))}
        <Box sx={{ flex: 1 }} />
        <UnitSwitch />
        <ModeSwitch />
        <Shortcuts />
        {fittings ? null : (
          <Box component={NavLink} to="/settings" sx={placeStyle}>
            Settings
          </Box>
        )}
        <Box component={NavLink} to="/care" sx={placeStyle}>
          Care
        </Box>
      </Box>
      <VisitorMark keepsNone={keepsNone} />
      <ConnectionNotice />
      <TimerBar />
      <Box
        component="main"
        id="content"
        tabIndex={-1}
        sx={{ flex: 1, width: "100%", maxWidth: 1320, mx: "auto", px: { xs: 2, md: 3 }, py: 3, outline: 0 }}
      >
        {children}
      </Box>
    </Box>
  );
}

const skipStyle = {
  position: "absolute",
  left: -9999,
  "&:focus": { left: 8, top: 8, zIndex: 10, bgcolor: "background.paper", p: 1 },
} as const;

const barStyle = {
  display: "flex",
  alignItems: "center",
  gap: { xs: 0.75, md: 1.25 },
  px: { xs: 1.5, md: 3 },
  minHeight: 58,
  bgcolor: "background.paper",
  borderBottom: "1px solid",
  borderColor: "divider",
} as const;

const nameStyle = { color: "primary.main", textDecoration: "none", mr: 1.5, lineHeight: 1.1 } as const;

const placeStyle = {
  color: "text.primary",
  textDecoration: "none",
  px: 1.25,
  lineHeight: "56px",
  fontWeight: 600,
  borderBottom: "3px solid transparent",
  "&:hover": { color: "primary.main" },
  "&.active": { borderColor: "primary.main", color: "primary.main" },
} as const;
