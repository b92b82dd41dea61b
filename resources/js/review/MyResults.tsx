import "../../css/student/results.css";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { $api } from "../api/query";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import { useDay } from "../kit/useDay";
import VerdictGlyph from "../kit/VerdictGlyph";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import { useKitchen } from "../weigh/kitchen";
import StationHead from "../weigh/StationHead";
import type { Row } from "./ReviewRows";
import TermLine from "./TermLine";

/** A student's own results: their work only, the newest lab first, and one thing to do next. */
export default function MyResults() {
  const { t } = useTranslation();
  const kitchen = useKitchen();
  const mine = $api.useQuery("get", "/api/results");
  if (mine.isPending) return <Loading />;
  if (mine.isError) return <ProblemNote error={mine.error} retry={mine.refetch} />;
  const { weighings, marks } = mine.data;
  const labs = [...new Map([...weighings].reverse().map((row) => [row.lab_id, row])).values()];
  return (
    <div className="student">
      <StationHead kitchen={kitchen}>
        <span className="h-line running">
          <strong>{t("results.title")}</strong>
        </span>
      </StationHead>
      <main className="my-results">
        <h1>{mine.data.name}</h1>
        {weighings.length === 0 && <p className="my-empty">{t("results.empty")}</p>}
        {weighings.length > 0 && (
          <section>
            <p className="my-level">{mine.data.level}</p>
            <TermLine rows={weighings.filter((row) => !row.weighed_out)} names={false} />
            {mine.data.said.map((one) => (
              <p key={one}>{one}</p>
            ))}
          </section>
        )}
        {labs.map((lab) => (
          <Lab
            key={lab.lab_id}
            rows={weighings.filter((row) => row.lab_id === lab.lab_id)}
            mark={marks.find((one) => one.lab_id === lab.lab_id)}
          />
        ))}
      </main>
      <footer className="bench my-next">
        <p>
          <b>{t("results.next")}</b> {mine.data.next ?? t("results.keepOn")}
        </p>
        <Link className="btn btn-outline btn-second" to="/kitchen">
          {t("results.back")}
        </Link>
        <Link className="btn btn-primary btn-main" to="/kitchen/practice">
          {t("results.practise")}
        </Link>
      </footer>
    </div>
  );
}

type Mark = {
  score: number | null;
  attendance: string;
  parts: { id: string; name: string; points: number | null; of: number; reason: string | null }[];
};

function Lab({ rows, mark }: { rows: Row[]; mark: Mark | undefined }) {
  const { t, i18n } = useTranslation();
  const day = useDay();
  const lines = [...new Set(rows.map((row) => row.line_id))];
  return (
    <section className="my-lab">
      <h2>{rows[0]?.lab}</h2>
      <p className="soft">
        {rows[0] && day(rows[0].day)} · {t("results.measured", { count: lines.length })}
      </p>
      <ul>
        {lines.map((line) => {
          const tries = rows.filter((row) => row.line_id === line);
          const [first] = tries;
          const last = tries.at(-1);
          if (!first || !last) return null;
          return (
            <li key={line}>
              <VerdictGlyph verdict={first.verdict} tolerances={first.tolerances} size={56} />
              <div>
                <span>
                  <b>{first.food}</b> <KitchenFraction>{first.amount}</KitchenFraction>
                </span>
                <span className={`my-verdict v-${first.verdict}`}>
                  {t(`verdict.${first.verdict}`)} <b>{shown(first.grams, first.decimals, i18n.language)} g</b>
                </span>
                {last !== first && (
                  <span>
                    {t("results.then", {
                      verdict: t(`verdict.${last.verdict}`),
                      grams: shown(last.grams, last.decimals, i18n.language),
                    })}
                  </span>
                )}
                {last.verdict !== "level" && last.cause && <span className="soft">{last.cause}</span>}
              </div>
            </li>
          );
        })}
      </ul>
      {mark && (
        <p className="my-mark">
          <b>{mark.score ?? t(`results.attendance.${mark.attendance}`)}</b> {mark.score !== null && t("results.of100")}
          {mark.parts.map((part) => (
            <span key={part.id}>
              {`${part.name} ${part.points ?? "–"} / ${part.of}`}
              {part.reason && ` (${part.reason})`}
            </span>
          ))}
        </p>
      )}
    </section>
  );
}
