export { type SizeChartRepository, sizeChartRepository } from "./sizeCharts.ts";
export { type StyleRepository, styleRepository } from "./styles.ts";
