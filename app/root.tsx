import "@fontsource-variable/besley/wght.css";
import "@fontsource-variable/hanken-grotesk/wght.css";
import InitColorSchemeScript from "@mui/material/InitColorSchemeScript";
import { ThemeProvider } from "@mui/material/styles";
import { type ReactNode, useContext } from "react";
import { isRouteErrorResponse, Links, Meta, Outlet, Scripts, ScrollRestoration } from "react-router";
import type { Route } from "./+types/root.ts";
import { SendQueueProvider } from "./form/queue/SendQueue.tsx";
import { ErrorView } from "./frame/ErrorView.tsx";
import { shownLengths } from "./frame/preferences/preferences.ts";
import { Shell } from "./frame/Shell.tsx";
import { UnitContext } from "./frame/units/UnitContext.tsx";
import { useHydrated } from "./frame/useHydrated.ts";
import { WhyProvider } from "./frame/why/WhyDrawer.tsx";
import { NonceContext } from "./theme/NonceContext.ts";
import { theme } from "./theme/theme.ts";

export const meta: Route.MetaFunction = () => [{ title: "Stenz" }];

export const loader = async ({ request }: Route.LoaderArgs) => ({
  shown: await shownLengths(request),
});

export function Layout({ children }: { children: ReactNode }) {
  const nonce = useContext(NonceContext);
  return (
    <html lang="en" suppressHydrationWarning>
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <link rel="icon" href="/favicon.svg" type="image/svg+xml" />
        <Meta />
        <Links />
      </head>
      <body data-hydrated={useHydrated() || undefined}>
        <InitColorSchemeScript attribute="data-bench-light" defaultMode="light" nonce={nonce} />
        {/* Its variables and the base of every page are served as one file, made once: `theme/baseStyles.server.tsx`. */}
        <ThemeProvider theme={theme} defaultMode="light" disableStyleSheetGeneration>
          {children}
        </ThemeProvider>
        <ScrollRestoration nonce={nonce} />
        <Scripts nonce={nonce} />
      </body>
    </html>
  );
}

export default function App({ loaderData }: Route.ComponentProps) {
  return (
    <UnitContext.Provider value={loaderData.shown}>
      <WhyProvider>
        <SendQueueProvider>
          <Shell>
            <Outlet />
          </Shell>
        </SendQueueProvider>
      </WhyProvider>
    </UnitContext.Provider>
  );
}

export function ErrorBoundary({ error }: Route.ErrorBoundaryProps) {
  const response = isRouteErrorResponse(error) ? error : null;
  return (
    <Shell>
      <ErrorView status={response?.status ?? 500} detail={response?.data} />
    </Shell>
  );
}
