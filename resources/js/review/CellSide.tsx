import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { $api } from "../api/query";
import ProblemNote from "../shell/ProblemNote";
import ReviewRows from "./ReviewRows";
import type { Chosen } from "./TermGrid";

/** The weigh-ins behind a cell. */
export default function CellSide({ section, chosen, name }: { section: number; chosen: Chosen; name: string }) {
  const { t } = useTranslation();
  const student = $api.useQuery("get", "/api/sections/{section}/students/{student}/review", {
    params: { path: { section, student: chosen.student } },
  });
  if (student.isError) return <ProblemNote error={student.error} retry={student.refetch} />;
  const story = student.data?.families.find((one) => one.family === chosen.family);
  const rows = student.data?.weighings.filter((one) => one.family === chosen.family && !one.weighed_out) ?? [];
  return (
    <section aria-live="polite">
      <h2 className="h2rim">
        {name} <span className="soft">{t(`family.${chosen.family}`)}</span>
      </h2>
      {student.isPending && <p className="soft">{t("loading")}</p>}
      {story?.cell.said && <p className="cell-said">{story.cell.said}</p>}
      {story?.helped && <p>{story.helped}</p>}
      {story?.growth && <p>{story.growth}</p>}
      {student.data && rows.length === 0 && <p className="soft">{t("term2.none")}</p>}
      <ReviewRows rows={rows} short />
      <p>
        <Link className="quiet" to={`/review/students/${chosen.student}`}>
          {t("term2.open", { name })}
        </Link>
      </p>
    </section>
  );
}
