import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import client, { asProblem, body } from "../api/client";
import Loading from "../app/Loading";
import ProblemNote from "../app/ProblemNote";
import FieldProblem from "../kit/FieldProblem";
import { Back } from "../kit/icons";
import VerdictGlyph from "../kit/VerdictGlyph";

const KEY = ["bake"];

/** From how it came out of the oven back to the weights that could have led there. */
export default function Bake() {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const bake = useQuery({ queryKey: KEY, queryFn: () => body(client.GET("/api/bake")) });
  const logging = useMutation({
    mutationFn: ({ id, chosen }: { id: string; chosen: boolean }) => {
      const path = { params: { path: { fault: id } } };
      return body(chosen ? client.DELETE("/api/bake/{fault}", path) : client.PUT("/api/bake/{fault}", path));
    },
    onSuccess: (now) => queries.setQueryData(KEY, now),
  });
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
              aria-busy={logging.isPending && logging.variables.id === fault.id}
              onClick={() => logging.mutate(fault)}
            >
              {fault.said}
            </button>
          ))}
        </fieldset>
        {logging.isError && <FieldProblem>{asProblem(logging.error).message}</FieldProblem>}
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
