import { type ReactNode, useState } from "react";
import { useTranslation } from "react-i18next";
import { asProblem, type Schemas } from "../api/client";
import CauseRows from "../kit/CauseRows";
import FieldProblem from "../kit/FieldProblem";
import TechniqueLink from "../technique/TechniqueLink";
import type { Result } from "./kitchen";
import { useCauses } from "./useCauses";

type Cause = Schemas["CauseChoice"]["id"];

/** What a miss may come from. The student may say first what they believe; a class may ask for that. */
export default function Causes({ result, working }: { result: Result; working: ReactNode }) {
  const { t } = useTranslation();
  const { asked, guessing, guess: sendGuess } = useCauses(result.id);
  const [looked, look] = useState<Cause>();
  if (!asked.data) {
    return (
      <section className="why-it" aria-busy={asked.isPending}>
        <h2 className="h2rim">{t("causes.title")}</h2>
        {asked.isError && <FieldProblem>{asProblem(asked.error).message}</FieldProblem>}
      </section>
    );
  }
  const { asks_first, guess, choices, causes, none, consequence } = asked.data;
  const choose = (id: Cause) => {
    look(id);
    if (guess === null) sendGuess(id);
  };
  const shown = causes.find((one) => one.id === looked) ?? causes[0];
  const next = none?.next ?? shown?.next;

  return (
    <section className="why-it">
      <div className="why-head">
        <h2>{t(asks_first ? "causes.guess" : "causes.title")}</h2>
        <p className="soft">
          {none || asks_first
            ? null
            : guess === null
              ? (result.gain ?? t("causes.tap"))
              : t("causes.yours", { cause: choices.find((one) => one.id === guess)?.named })}
        </p>
        {!asks_first && <TechniqueLink family={result.family} />}
        {working}
      </div>
      {asks_first ? (
        <ul className="causes">
          {choices.map((one) => (
            <li key={one.id}>
              <button
                type="button"
                className="cause cause-guess"
                aria-busy={guessing.isPending}
                onClick={() => choose(one.id)}
              >
                <span className="c-said">{one.said}</span>
                <span className="c-tell">{one.tell}</span>
              </button>
            </li>
          ))}
        </ul>
      ) : none ? (
        <p className="cause-none">{none.said}</p>
      ) : (
        <CauseRows rows={causes} chosen={looked ?? guess ?? undefined} onChoose={choose} />
      )}
      <FieldProblem>{guessing.problem?.message}</FieldProblem>
      {!asks_first && (
        <p className="why-next" aria-live="polite">
          <strong>{t("causes.next", { next })}</strong> {consequence && <span className="soft">{consequence}</span>}
        </p>
      )}
    </section>
  );
}
