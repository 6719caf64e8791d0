import js from "@eslint/js";
import next from "@next/eslint-plugin-next";
import hooks from "eslint-plugin-react-hooks";
import ts from "typescript-eslint";

export default ts.config(
  { ignores: [".next/**", "node_modules/**", "coverage/**", "next-env.d.ts", "test-results/**"] },
  js.configs.recommended,
  ...ts.configs.strict,
  {
    plugins: { "react-hooks": hooks, "@next/next": next },
    rules: {
      ...hooks.configs.recommended.rules,
      ...next.configs.recommended.rules,
      ...next.configs["core-web-vitals"].rules,
      "@typescript-eslint/no-unused-vars": [
        "error",
        { argsIgnorePattern: "^_", varsIgnorePattern: "^_" },
      ],
      // Pictures come from the studio's own database, already at the size they are shown.
      "@next/next/no-img-element": "off",
      "no-empty-pattern": ["error", { allowObjectPatternsAsParameters: true }],
      eqeqeq: "error",
      "no-restricted-syntax": ["error", { selector: "TSEnumDeclaration", message: "use a union" }],
    },
  },
  {
    files: ["scripts/**", "*.mjs", "*.cjs"],
    languageOptions: {
      globals: {
        process: "readonly",
        console: "readonly",
        fetch: "readonly",
        setTimeout: "readonly",
        require: "readonly",
        __dirname: "readonly",
        URL: "readonly",
        module: "writable",
        performance: "readonly",
        document: "readonly",
        AbortSignal: "readonly",
      },
    },
    rules: { "no-console": "off" },
  },
  {
    files: ["public/**"],
    languageOptions: {
      globals: {
        self: "readonly",
        caches: "readonly",
        fetch: "readonly",
        URL: "readonly",
        Response: "readonly",
      },
    },
  },
  { files: ["**/*.cjs"], rules: { "@typescript-eslint/no-require-imports": "off" } },
);
