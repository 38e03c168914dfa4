/** Where imports may go. `eslint.config.js` holds the layers; this holds that nothing runs in a circle, types included. */
module.exports = {
  forbidden: [
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
