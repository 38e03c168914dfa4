import "@fontsource-variable/besley/wght.css";
import "@fontsource-variable/hanken-grotesk/wght.css";
import InitColorSchemeScript from "@mui/material/InitColorSchemeScript";
import { ThemeProvider } from "@mui/material/styles";
import { type ReactNode, useContext } from "react";
import { isRouteErrorResponse, Links, Meta, Outlet, Scripts, ScrollRestoration, useMatches } from "react-router";
import { letIn } from "./.server/access/letIn.ts";
import { shownVisitor } from "./.server/access/shownVisitor.ts";
import { visitorContext } from "./.server/access/visitor.ts";
import type { Route } from "./+types/root.ts";
import { SendQueueProvider } from "./form/queue/SendQueue.tsx";
import { BareShell } from "./frame/BareShell.tsx";
import { ErrorView } from "./frame/ErrorView.tsx";
import { shownLengths } from "./frame/preferences/preferences.ts";
import { Shell } from "./frame/Shell.tsx";
import { UnitContext } from "./frame/units/UnitContext.tsx";
import { useHydrated } from "./frame/useHydrated.ts";
import { VisitorContext } from "./frame/visitor/VisitorContext.ts";
import { WhyProvider } from "./frame/why/WhyDrawer.tsx";
import { isNetworkFailure, LostView } from "./offline/LostView.tsx";
import { useKeptPage } from "./offline/useKeptPage.ts";
import { NonceContext } from "./theme/NonceContext.ts";
import { theme } from "./theme/theme.ts";

export const meta: Route.MetaFunction = () => [{ title: "Stenz" }];

/** Above every route: whoever is not let in reaches none of them. */
export const middleware: Route.MiddlewareFunction[] = [letIn];

export const loader = async ({ request, context }: Route.LoaderArgs) => ({
  shown: await shownLengths(request),
  visitor: shownVisitor(context.get(visitorContext)),
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
  const keepsNone = useKeptPage(loaderData.visitor.role !== "nobody");
  const bare = useMatches().some(({ handle }) => (handle as { bare?: boolean } | undefined)?.bare);
  return (
    <UnitContext.Provider value={loaderData.shown}>
      <VisitorContext.Provider value={loaderData.visitor}>
        <WhyProvider>
          {bare ? (
            <BareShell>
              <Outlet />
            </BareShell>
          ) : (
            <SendQueueProvider>
              <Shell keepsNone={keepsNone}>
                <Outlet />
              </Shell>
            </SendQueueProvider>
          )}
        </WhyProvider>
      </VisitorContext.Provider>
    </UnitContext.Provider>
  );
}

export function ErrorBoundary({ error }: Route.ErrorBoundaryProps) {
  const response = isRouteErrorResponse(error) ? error : null;
  return (
    <Shell>
      {isNetworkFailure(error) ? <LostView /> : <ErrorView status={response?.status ?? 500} detail={response?.data} />}
    </Shell>
  );
}
