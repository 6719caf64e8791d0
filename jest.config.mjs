/** Unit tests stand beside what they test. */
export default {
  // Every core: by itself Jest leaves one free, which on a machine of two is half of it.
  maxWorkers: "100%",
  testMatch: ["<rootDir>/src/**/*.test.ts"],
  testEnvironment: "node",
  // Five seconds are too few for a passphrase or a hundred random logs while the linter runs beside.
  testTimeout: 20_000,
  transform: {
    "^.+\\.(t|j)sx?$": [
      "<rootDir>/scripts/jestTransform.cjs",
      {
        jsc: {
          parser: { syntax: "typescript", tsx: true },
          target: "es2022",
          transform: { react: { runtime: "automatic" } },
        },
        module: { type: "commonjs" },
      },
    ],
  },
  transformIgnorePatterns: ["/node_modules/(?!culori|colorjs\\.io|jsthermalcomfort)"],
  moduleNameMapper: {
    "^@/(.*)$": "<rootDir>/src/$1",
    "^server-only$": "<rootDir>/node_modules/server-only/empty.js",
  },
  modulePathIgnorePatterns: ["<rootDir>/.next/"],
  collectCoverageFrom: [
    "src/core/**/*.ts",
    "src/store/**/*.ts",
    "src/server/**/*.ts",
    "!**/*.test.ts",
    "!**/index.ts",
  ],
  coverageReporters: ["text-summary"],
};
