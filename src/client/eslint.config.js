import { readdirSync } from "node:fs";
import jsxA11y from "eslint-plugin-jsx-a11y";
import reactHooks from "eslint-plugin-react-hooks";
import globals from "globals";
import tseslint from "typescript-eslint";

/** From the ground up: a folder may import only from folders before it. */
const floors = [
  "api",
  "ui",
  "document",
  "text",
  "competition",
  "standards",
  "drafting",
  "natural",
  "scoring",
  "dryrun",
  "checks",
  "publishing",
  "briefs",
  "writing",
  "reading",
  "day",
  "results",
  "desk",
  "access",
  "training",
  "frame",
];

const folders = readdirSync(new URL("src", import.meta.url), { withFileTypes: true }).filter((f) => f.isDirectory() && f.name !== "styles");
const unplaced = folders.map((f) => f.name).filter((name) => !floors.includes(name));
if (unplaced.length > 0) throw new Error(`No floor is given for ${unplaced.join(", ")}; see the floors in eslint.config.js.`);

const above = (folder) => floors.slice(floors.indexOf(folder) + 1).map((f) => `**/${f}/**`);

const held = floors.map((folder) => ({
  files: [`src/${folder}/**/*.{ts,tsx}`],
  rules: {
    "no-restricted-imports": [
      "error",
      { patterns: [{ group: [...above(folder), "../main"], message: `${folder}/ stands below; see the floors in eslint.config.js.` }] },
    ],
  },
}));

export default tseslint.config(
  { ignores: ["dist", "node_modules", "src/api/schema.ts"] },
  ...tseslint.configs.recommended,
  jsxA11y.flatConfigs.recommended,
  reactHooks.configs.flat["recommended-latest"] ?? reactHooks.configs["recommended-latest"],
  {
    languageOptions: { globals: globals.browser },
    rules: {
      // A scrolling table must be reachable by keyboard (WCAG 2.1.1), so such regions take focus on purpose.
      "jsx-a11y/no-noninteractive-tabindex": ["error", { tags: [], roles: ["region", "tabpanel"], allowExpressionValues: true }],
      // A key of a query stands once, beside what it asks for.
      "no-restricted-syntax": [
        "error",
        {
          selector: "Property[key.name='queryKey'][value.type='ArrayExpression']",
          message: "Add the query to one of the files of api/; keys stand there and nowhere else.",
        },
      ],
    },
  },
  {
    files: ["src/api/queries.ts", "src/api/dayQueries.ts", "src/api/resultQueries.ts", "src/api/trainingQueries.ts"],
    rules: { "no-restricted-syntax": "off" },
  },
  ...held,
);
