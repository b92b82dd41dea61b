import { useTranslation } from "react-i18next";
import { $api } from "../api/query";
import CauseRows from "../kit/CauseRows";
import type { Weighing } from "./board";

/** What is likely behind the last weighing. */
export default function LastCauses({ lab, weighing }: { lab: number; weighing: Weighing }) {
  const { t } = useTranslation();
  const asked = $api.useQuery(
    "get",
    "/api/labs/{lab}/weighings/{weighing}/causes",
    { params: { path: { lab, weighing: weighing.id } } },
    { staleTime: Number.POSITIVE_INFINITY }, // what was said stays said
  );
  if (!asked.data) return null;
  return (
    <section className="panel-causes">
      <h3 className="side-h">{t("causes.title")}</h3>
      {asked.data.none ? <p>{asked.data.none.said}</p> : <CauseRows rows={asked.data.causes} />}
      {asked.data.consequence && <p className="soft pt-2">{asked.data.consequence}</p>}
    </section>
  );
}
