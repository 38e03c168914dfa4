import Box from "@mui/material/Box";
import { type ComponentType, type LazyExoticComponent, lazy, Suspense } from "react";
import { useHydrated } from "../frame/useHydrated.ts";

/**
 * A chart that is loaded when it is first shown, in a place kept free for it: the chart package is heavy and draws
 * nothing on the server. Where a screen is turned, it is never wider than its place while it draws itself anew.
 */
export function lazyChart<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
  height: number,
): ComponentType<Props> {
  const Chart: LazyExoticComponent<ComponentType<Props>> = lazy(async () => ({ default: await load() }));
  return function LazyChart(props: Props) {
    const inBrowser = useHydrated();
    return (
      <Box sx={{ minHeight: height, overflowX: "clip" }}>
        {inBrowser ? (
          <Suspense fallback={null}>
            <Chart {...props} />
          </Suspense>
        ) : null}
      </Box>
    );
  };
}
