/**
 * Where imports may go. `eslint.config.js` holds the layers; this holds that nothing runs in a circle, types included, and
 * that a wing of core or data is used through its index only.
 */
const byIndex = (layer) => [
  {
    name: `${layer}-wing-by-index`,
    comment: "Another wing is used through its index.ts: what stands there is what it offers.",
    severity: "error",
    from: { path: `^${layer}/([^/]+)/.+` },
    to: { path: `^${layer}/[^/]+/.+`, pathNot: [`^${layer}/$1/`, `^${layer}/[^/]+/index\\.ts$`] },
  },
  {
    name: `${layer}-by-index`,
    comment: "Other layers, and files beside the wings, use a wing through its index.ts.",
    severity: "error",
    from: { pathNot: `^${layer}/[^/]+/.+` },
    to: { path: `^${layer}/[^/]+/.+`, pathNot: `^${layer}/[^/]+/index\\.ts$` },
  },
];

module.exports = {
  forbidden: [
    ...byIndex("core"),
    ...byIndex("data"),
    {
      name: "no-circle",
      comment: "Files that need one another are one thing, or need a third that both stand on.",
      severity: "error",
      from: {},
      to: { circular: true },
    },
  ],
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.json" },
    doNotFollow: { path: "node_modules" },
    exclude: { path: "\\.react-router/|\\+types/" },
    enhancedResolveOptions: { extensions: [".ts", ".tsx", ".mjs", ".js"] },
  },
};
