import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import FieldProblem from "../kit/FieldProblem";
import { Back } from "../kit/icons";
import VerdictGlyph from "../kit/VerdictGlyph";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import { useBake } from "./useBake";

/** From how it came out of the oven back to the weights that could have led there. */
export default function Bake() {
  const { t } = useTranslation();
  const { bake, isPending, says, tap } = useBake();
  if (bake.isPending) return <Loading />;
  if (!bake.data) return <ProblemNote error={bake.error} retry={bake.refetch} />;
  const { faults, suspects, no_suspect, others, lab } = bake.data;
  const isLogged = faults.some((fault) => fault.chosen);
  return (
    <div className="student">
      <header className="shead">
        <Link to="/kitchen" className="quiet bench-back">
          <Back size={22} />
          {t("result.all")}
        </Link>
        <span className="h-line soft">{lab}</span>
      </header>
      <main className="bake">
        <h1>{t("bake.title")}</h1>
        <fieldset className="bake-faults">
          <legend className="soft">{t("bake.hint")}</legend>
          {faults.map((fault) => (
            <button
              key={fault.id}
              type="button"
              className="name"
              aria-pressed={fault.chosen}
              aria-busy={isPending}
              onClick={() => tap(fault.id, fault.chosen)}
            >
              {fault.said}
            </button>
          ))}
        </fieldset>
        <FieldProblem>{says}</FieldProblem>
        <div className="bake-why" aria-live="polite">
          <section>
            <h2 className="h2rim">{t("bake.weights")}</h2>
            {!isLogged && <p className="soft py-3">{t("bake.fine")}</p>}
            {no_suspect && <p className="py-3">{no_suspect}</p>}
            <ul>
              {suspects.map((suspect) => (
                <li key={suspect.weighing_id}>
                  <Link className="suspect" to={`/kitchen/weighings/${suspect.weighing_id}`}>
                    <VerdictGlyph
                      verdict={suspect.verdict}
                      tolerances={suspect.verdict === "shy" ? -2 : suspect.verdict === "heaped" ? 2 : 0}
                      size={40}
                      hidden
                    />
                    {suspect.said}
                  </Link>
                </li>
              ))}
            </ul>
          </section>
          {others.length > 0 && (
            <section>
              <h2 className="h2rim">{t("bake.others")}</h2>
              <ul>
                {others.map((other) => (
                  <li key={other} className="other">
                    {other}
                  </li>
                ))}
              </ul>
            </section>
          )}
        </div>
      </main>
    </div>
  );
}
