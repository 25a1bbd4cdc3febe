import js from "@eslint/js";
import reactHooks from "eslint-plugin-react-hooks";
import globals from "globals";
import tseslint from "typescript-eslint";

// A place is built of what several share; it knows no other place.
const places = ["bench", "board", "cords", "findings", "jobs", "log", "run", "shelf", "splices"];
// What several share, from the ground up: each may use those before it.
const floors = [
  "shared",
  "ui",
  "drawing",
  "shown",
  "people",
  "house",
  "landing",
  "recording",
  "rework",
  "job",
  "dead",
];
const controls = [
  "Alert",
  "Button",
  "Checkbox",
  "Collapsible",
  "Dialog",
  "Drawer",
  "EmptyState",
  "Field",
  "FileUpload",
  "Input",
  "Kbd",
  "Link",
  "Menu",
  "NativeSelect",
  "NumberInput",
  "Popover",
  "Progress",
  "RadioCard",
  "RadioGroup",
  "SegmentGroup",
  "Select",
  "Skeleton",
  "Slider",
  "Table",
  "Tabs",
  "Textarea",
  "Toast",
  "Tooltip",
];
const kit = { name: "@chakra-ui/react", importNames: controls, message: "Use the one of ui/." };
const shut = (folder, closed) => ({
  files: [`src/${folder}/**`],
  rules: {
    "no-restricted-imports": [
      "error",
      {
        ...(folder === "ui" ? {} : { paths: [kit] }),
        patterns: [
          { group: closed.map((other) => `**/${other}/**`), message: "That stands above, or beside." },
        ],
      },
    ],
  },
});

export default tseslint.config(
  { ignores: ["node_modules", "src/api", "test-results", "playwright-report"] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  reactHooks.configs.flat.recommended,
  { languageOptions: { globals: globals.browser } },
  // A component, or a hook, that is longer than this is several.
  {
    files: ["src/**"],
    ignores: ["**/*.test.ts"],
    rules: { "max-lines-per-function": ["error", { max: 120 }] },
  },
  // Controls, sizes of print and colours are the kit's: a page composes.
  {
    files: ["src/**/*.tsx", "src/**/*.ts"],
    ignores: ["src/ui/**", "src/api/**"],
    rules: {
      "no-restricted-syntax": [
        "error",
        ...[
          [
            "JSXOpeningElement[name.name=/^(button|input|select|textarea|option|table|thead|tbody|tr|td|th|details|summary|dialog|label|progress|kbd|a|form)$/]",
            "A raw control: use the one of ui/.",
          ],
          [
            "JSXOpeningElement > JSXMemberExpression[object.name='chakra'][property.name=/^(button|input|select|textarea|table|td|th|tr|details|summary|dialog|label|kbd|a|legend|fieldset)$/]",
            "A hand-styled control: use the one of ui/.",
          ],
          [
            "CallExpression[callee.name='chakra'][arguments.0.value=/^(button|input|select|textarea|table|td|th|details|summary|dialog|label|kbd|a)$/]",
            "A hand-styled control: use the one of ui/.",
          ],
          [
            "CallExpression[callee.name='chakra'][arguments.0.name=/^(Link|NavLink)$/]",
            "A hand-styled link: use the one of ui/.",
          ],
          [
            "JSXAttribute[name.name='as'] > Literal[value=/^(button|input|select|textarea|table|label|a|details)$/]",
            "A control by another name: use the one of ui/.",
          ],
          ["JSXAttribute[name.name='fontSize']", "A size of print: use a textStyle."],
          [
            "Property[key.name='fontSize']:not(JSXAttribute[name.name='style'] *)",
            "A size of print: use a textStyle.",
          ],
          ["Literal[value=/^#([0-9a-f]{3}|[0-9a-f]{6}|[0-9a-f]{8})$/i]", "A colour: name it in ui/theme."],
        ].map(([selector, message]) => ({ selector, message })),
      ],
    },
  },
  ...places.map((place) =>
    shut(
      place,
      places.filter((other) => other !== place),
    ),
  ),
  ...floors.map((floor, i) => shut(floor, [...floors.slice(i + 1), ...places, "shell"])),
  shut("shell", places),
  { files: ["e2e/**", "bench/**", "*.config.*"], languageOptions: { globals: globals.node } },
);
