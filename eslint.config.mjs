import js from "@eslint/js";
import next from "@next/eslint-plugin-next";
import a11y from "eslint-plugin-jsx-a11y";
import hooks from "eslint-plugin-react-hooks";
import ts from "typescript-eslint";

export default ts.config(
  {
    ignores: [
      ".next/**",
      "node_modules/**",
      "coverage/**",
      "next-env.d.ts",
      "test-results/**",
      "public/finder/**",
    ],
  },
  js.configs.recommended,
  ...ts.configs.strict,
  {
    files: ["**/*.ts", "**/*.tsx", "**/*.mts"],
    extends: [...ts.configs.strictTypeChecked, a11y.flatConfigs.recommended],
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      // A number in a sentence is a number in a sentence; how it is rounded is core/text's matter.
      "@typescript-eslint/restrict-template-expressions": ["error", { allowNumber: true }],
      // () => setOpen(true) is how a handler is written.
      "@typescript-eslint/no-confusing-void-expression": ["error", { ignoreArrowShorthand: true }],
      // What answers "later" by its interface may answer at once; what it throws is then still a refusal.
      "@typescript-eslint/require-await": "off",
      // row<Person>(query) says what a query of ours reads; nothing could infer it.
      "@typescript-eslint/no-unnecessary-type-parameters": "off",
      // What scrolls must be reached by the keyboard.
      "jsx-a11y/no-noninteractive-tabindex": ["error", { roles: ["group"], tags: ["section"] }],
      // Our labels hold their control, some through a component.
      "jsx-a11y/label-has-associated-control": [
        "error",
        { depth: 4, controlComponents: ["NumberInput", "Select"] },
      ],
    },
  },
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
      "no-restricted-syntax": [
        "error",
        { selector: "TSEnumDeclaration", message: "use a union" },
        {
          selector:
            "TSAsExpression > MemberExpression[property.name='value'][object.property.name='target']",
          message: "ui/Select knows the type of what is chosen",
        },
      ],
    },
  },
  {
    // A mesh, or a picture, is read by numbers that the loop beside it wrote: there is no entry that could be missing.
    files: [
      "src/core/anatomy/surface/**/*.ts",
      "src/core/photograph/{asSeen,paintOver}.ts",
      "src/core/inspect/{flatChart,shapesSeen}.ts",
      "scripts/body/*.ts",
    ],
    rules: { "@typescript-eslint/no-non-null-assertion": "off" },
  },
  {
    // expect.stringContaining() is typed as any.
    files: ["**/*.test.ts"],
    rules: { "@typescript-eslint/no-unsafe-assignment": "off" },
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
        DOMPoint: "readonly",
        AbortSignal: "readonly",
        Buffer: "readonly",
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
