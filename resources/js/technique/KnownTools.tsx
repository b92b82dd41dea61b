import { useTranslation } from "react-i18next";
import ToolRow from "../kit/ToolRow";
import type { Library } from "./library";

/** Tools by picture, size and use; drawn to one scale within a kind. */
export default function KnownTools({ tools }: { tools: Library["tools"] }) {
  const { t } = useTranslation();
  return (
    <>
      <h1>{t("library.tools")}</h1>
      <p className="lib-because">{t("library.toolsHint")}</p>
      <ul className="lib-tools">
        {tools.map((tool) => (
          <li key={tool.kind}>
            <h2 className="h2rim">{tool.called}</h2>
            <div className="lib-tool">
              <div className="lib-drawn">
                <ToolRow
                  k={tool.kind === "measuring-spoon" ? 14 : 10}
                  label=""
                  fills={tool.sizes.map((size) => ({ ...size, count: 1, mark_ml: null }))}
                />
              </div>
              <div>
                <p>
                  <b>{tool.use}</b>
                </p>
                <p>{tool.mind}</p>
                {!tool.owned && <p className="soft">{t("library.notOwned")}</p>}
              </div>
            </div>
          </li>
        ))}
      </ul>
    </>
  );
}
