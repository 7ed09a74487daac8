import js from "@eslint/js";
import hooks from "eslint-plugin-react-hooks";
import tseslint from "typescript-eslint";

// The page draws what the core returns. These are what a cut size, a yield or an area would be
// computed with; none of them is ever needed to draw.
const noCraft = [
  {
    selector: "MemberExpression[object.name='Math'][property.name=/^(SQRT2|SQRT1_2|sqrt|hypot|tan|sin|cos|ceil|pow)$/]",
    message: "The page computes no sizes: ask the core.",
  },
  {
    selector: "Literal[value=/^(0\\.25|0\\.875|1\\.25|0\\.8536|1\\.2071|2\\.414|1\\.414)/]",
    message: "An allowance in the page: ask the core.",
  },
];

export default tseslint.config(
  { ignores: ["src/api/contract.d.ts"] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  hooks.configs.flat["recommended-latest"],
  { rules: { "no-restricted-syntax": ["error", ...noCraft] } },
);
