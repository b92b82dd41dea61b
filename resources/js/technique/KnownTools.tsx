import { useState } from "react";
import { useTranslation } from "react-i18next";
import Field from "../kit/Field";
import { finds } from "../kit/search";
import ToolRow from "../kit/ToolRow";
import HelperDrawing from "./HelperDrawing";
import type { Library } from "./library";

/** Tools by picture, names, size and use, drawn to one scale within a kind; found by any of their names. */
export default function KnownTools({ tools }: { tools: Library["tools"] }) {
  const { t, i18n } = useTranslation();
  const [sought, seek] = useState("");
  const isSought = finds(sought);
  const shown = tools.filter((tool) => isSought([tool.called, ...tool.also]));
  const list = new Intl.ListFormat(i18n.language, { type: "conjunction" });
  return (
    <>
      <h1>{t("library.tools")}</h1>
      <p className="lib-because">{t("library.toolsHint")}</p>
      <Field
        label={t("library.findTool")}
        type="search"
        value={sought}
        maxLength={40}
        onChange={(event) => seek(event.target.value)}
      />
      <p role="status" className="unseen">
        {t("library.toolsFound", { count: shown.length })}
      </p>
      {shown.length === 0 && <p className="soft py-3">{t("library.noTool")}</p>}
      <ul className="lib-tools">
        {shown.map((tool) => (
          <li key={tool.id}>
            <h2 className="h2rim">{tool.called}</h2>
            <div className="lib-tool">
              <div className="lib-drawn">
                {tool.sizes.length === 0 ? (
                  <HelperDrawing id={tool.id} />
                ) : (
                  <ToolRow
                    k={tool.id === "measuring-spoon" ? 14 : 10}
                    label=""
                    fills={tool.sizes.map((size) => ({ ...size, count: 1, mark_ml: null }))}
                  />
                )}
              </div>
              <div>
                <p>
                  <b>{tool.use}</b>
                </p>
                <p>{tool.mind}</p>
                <p className="soft">{t("library.also", { names: list.format(tool.also) })}</p>
                {!tool.owned && <p className="soft">{t("library.notOwned")}</p>}
              </div>
            </div>
          </li>
        ))}
      </ul>
    </>
  );
}
