// Biome checks everything else; only React's rules about hooks are told by their own plug-in.
import parser from "@typescript-eslint/parser";
import hooks from "eslint-plugin-react-hooks";

export default [
  {
    files: ["resources/js/**/*.{ts,tsx}"],
    languageOptions: { parser },
    plugins: { "react-hooks": hooks },
    rules: { "react-hooks/rules-of-hooks": "error", "react-hooks/exhaustive-deps": "error" },
    linterOptions: { reportUnusedDisableDirectives: "error" },
  },
];
