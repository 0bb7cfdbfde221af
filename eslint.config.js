import js from "@eslint/js";
import jsxA11y from "eslint-plugin-jsx-a11y";
import reactHooks from "eslint-plugin-react-hooks";
import tseslint from "typescript-eslint";

export default tseslint.config(
    { ignores: ["resources/js/types/samples.check.ts"] },
    js.configs.recommended,
    ...tseslint.configs.strict,
    jsxA11y.flatConfigs.strict,
    {
        plugins: { "react-hooks": reactHooks },
        rules: {
            ...reactHooks.configs.recommended.rules,
            // A label that wraps its control is enough; the plug-in would ask for both.
            "jsx-a11y/label-has-associated-control": ["error", { assert: "either" }],
        },
    },
);
