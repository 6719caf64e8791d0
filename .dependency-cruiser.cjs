/** The arrows of the house: app -> features -> shared -> (server | workers | ui) -> store -> core. */
const from = (path, to, name, comment) => ({
  name,
  comment,
  severity: "error",
  from: { path, pathNot: "\\.test\\.tsx?$" },
  to,
});

module.exports = {
  forbidden: [
    from(
      "^src/core/",
      {
        pathNot:
          "^src/core/|^node_modules/(culori|date-fns|fflate|papaparse|perfect-freehand|polygon-clipping|zod)/",
      },
      "core-knows-nobody",
      "core imports itself, culori for conversions, date-fns for days, zod for schemas, perfect-freehand for lines drawn by hand, polygon-clipping for what is left of an area, papaparse for tables, fflate for ZIP",
    ),
    from(
      "^src/(?!core/(design|shapes|checks|look)/)",
      { path: "^src/core/(design|shapes|checks)/" },
      "look-by-its-face",
      "a design, its shapes and its checks are asked by core/look alone",
    ),
    from(
      "^src/core/shapes/",
      { path: "^src/core/(design|checks|look)/" },
      "shapes-know-no-design",
      "a shape knows the face it lies on and nothing of looks",
    ),
    from(
      "^src/core/design/",
      { path: "^src/core/(checks|look)/" },
      "design-knows-no-check",
      "a design is the same whether anybody judges it",
    ),
    from(
      "^src/(?!core/testing)",
      { path: "^src/core/testing\\.ts$" },
      "testing-for-tests",
      "samples of tests are no part of the product",
    ),
    from(
      "^src/ui/",
      { path: "^src/(?!ui/)" },
      "ui-knows-nobody",
      "ui has no knowledge of the trade",
    ),
    from(
      "^src/store/",
      { path: "^src/(?!store/|core/)" },
      "store-on-core",
      "the store knows the core only",
    ),
    from(
      "^src/demo/",
      { path: "^src/(?!demo/|core/)" },
      "demo-is-data",
      "the demo is data in the core's types",
    ),
    from(
      "^src/simulated/",
      { path: "^src/(?!simulated/|core/)" },
      "simulated-on-core",
      "stand-ins for devices know the core only",
    ),
    from(
      "^src/server/",
      { path: "^src/(?!server/|store/|core/|demo/|simulated/)" },
      "server-downward",
      "use cases load from the store and call the core",
    ),
    from(
      "^src/workers/",
      { path: "^src/(?!workers/|core/)" },
      "workers-on-core",
      "workers wrap core functions",
    ),
    from(
      "^src/shared/",
      { path: "^src/(app|features|store|demo)/" },
      "shared-downward",
      "what several features share stands on core, workers and ui",
    ),
    from(
      "^src/(?!threads/)",
      { path: "^src/threads/" },
      "threads-by-their-bundle",
      "what is done in threads is asked through server/threads; the bundle is a program of its own",
    ),
    from(
      "^src/threads/",
      { path: "^src/(app|features|store|demo)/" },
      "threads-downward",
      "a thread draws with what features share",
    ),
    from(
      "^src/features/",
      { path: "^src/(app|store|demo)/" },
      "features-downward",
      "features reach the store through the server",
    ),
    from(
      "^src/features/([^/]+)/",
      { path: "^src/features/([^/]+)/", pathNot: "^src/features/$1/" },
      "features-apart",
      "a feature never imports another feature",
    ),
    from(
      "^src/(?!store/)",
      { path: "node_modules/(kysely|better-sqlite3)/" },
      "sql-in-store",
      "the store is the only place with SQL",
    ),
    {
      name: "no-circles",
      severity: "error",
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ["type-only"] } },
    },
    {
      name: "no-orphans",
      severity: "error",
      from: {
        orphan: true,
        pathNot: [
          "\\.d\\.ts$",
          "^src/app/",
          "^src/threads/entry\\.ts$",
          "^src/(instrumentation|proxy)\\.ts$",
          "\\.css$",
        ],
      },
      to: {},
    },
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.json" },
    enhancedResolveOptions: {
      exportsFields: ["exports"],
      conditionNames: ["import", "require", "node", "default", "types"],
    },
  },
};
