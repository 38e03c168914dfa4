import { lazyChart } from "./LazyChart.tsx";

/** Charts, each loaded when first shown. */
export const CurveChart = lazyChart(async () => (await import("./CurveChart.tsx")).CurveChart, 330);
export const LayupChart = lazyChart(async () => (await import("./LayupChart.tsx")).LayupChart, 330);
export const LiveChart = lazyChart(async () => (await import("./LiveChart.tsx")).LiveChart, 300);
export const TimeChart = lazyChart(async () => (await import("./TimeChart.tsx")).TimeChart, 250);
export const SchoolChart = lazyChart(async () => (await import("./SchoolChart.tsx")).SchoolChart, 330);
export const FavouriteChart = lazyChart(async () => (await import("./FavouriteChart.tsx")).FavouriteChart, 150);
export const CourseChart = lazyChart(async () => (await import("./CourseChart.tsx")).CourseChart, 220);

export const SeamChart = lazyChart(async () => (await import("./SeamChart.tsx")).SeamChart, 240);

export const ZigzagChart = lazyChart(async () => (await import("./ZigzagChart.tsx")).ZigzagChart, 260);

export const WearChart = lazyChart(async () => (await import("./WearChart.tsx")).WearChart, 240);
