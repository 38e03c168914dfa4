import Box from "@mui/material/Box";
import { type ComponentType, type LazyExoticComponent, lazy, Suspense } from "react";
import { useHydrated } from "../frame/useHydrated.ts";

/**
 * A chart that is loaded when it is first shown, in a place kept free for it: the chart package is heavy and draws
 * nothing on the server.
 */
export function lazyChart<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
  height: number,
): ComponentType<Props> {
  const Chart: LazyExoticComponent<ComponentType<Props>> = lazy(async () => ({ default: await load() }));
  return function LazyChart(props: Props) {
    const inBrowser = useHydrated();
    return (
      <Box sx={{ minHeight: height }}>
        {inBrowser ? (
          <Suspense fallback={null}>
            <Chart {...props} />
          </Suspense>
        ) : null}
      </Box>
    );
  };
}
