import { useTranslation } from "react-i18next";
import NamesToTap from "../kit/NamesToTap";
import { useDraft } from "./draft";
import type { Line } from "./kitchen";
import { USUAL } from "./ways";

/** Other ways to measure it, where there are any: an ordinary choice. What was ticked belongs to the way before. */
export default function WayChoice({ line }: { line: Line }) {
  const { t } = useTranslation();
  const [, change] = useDraft(line.id);
  if (line.others.length === 0) return null;
  return (
    <fieldset className="way-choice">
      <legend className="label">{t("way.choose")}</legend>
      <NamesToTap
        names={[USUAL, ...line.others.flatMap(({ way }) => way ?? [])].map((id) => ({ id, name: t(`way.${id}`) }))}
        chosen={line.way ?? USUAL}
        onChoose={(way) => change((before) => ({ ...before, way, ticked: [], answers: [] }))}
      />
      {line.way === "partner" && <p className="pt-2">{t("way.partnerHow")}</p>}
    </fieldset>
  );
}
