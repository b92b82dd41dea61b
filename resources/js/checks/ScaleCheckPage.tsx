import "../../css/prepare.css";
import "../../css/checks.css";
import { type CSSProperties, useState } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import { useRefresh, useSend } from "../api/query";
import type { Scale } from "../drawer/drawer";
import FieldProblem from "../kit/FieldProblem";
import { shown } from "../kit/numbers";
import SendButton from "../kit/SendButton";
import { useKeptText } from "../kit/useKeptText";
import ScaleCorners from "./ScaleCorners";
import ScaleErrors from "./ScaleErrors";
import ScaleTilt from "./ScaleTilt";
import ScaleYear from "./ScaleYear";

const EVERY = ["lab", "term", "year"] as const;
const REPEATS = 6;
const CORNERS = 5;

/** Weights that a school has, as far as this scale goes. */
const weightsFor = (capacity: number) => [0, 50, 100, 200, 500, 1000, 2000].filter((one) => one <= capacity);

/** A scale from empty to full, one weight again and again, and its corners; what it means stands beside it as it is typed. */
export default function ScaleCheckPage({ scale }: { scale: Scale }) {
  const { t, i18n } = useTranslation();
  const go = useNavigate();
  const refresh = useRefresh();
  const usual = weightsFor(scale.capacity ?? 500);
  const [text, setText, drop] = useKeptText(
    `scale-check.${scale.id}`,
    JSON.stringify({
      weights: usual.map((one) => ({ nominal: String(one), up: "", down: "" })),
      repeats: Array(REPEATS).fill(""),
      corners: Array(CORNERS).fill(""),
    }),
  );
  type Typed = {
    weights: { nominal: string; up: string; down: string }[];
    repeats: string[];
    corners: string[];
  };
  const typed = JSON.parse(text) as Typed;
  const [every, setEvery] = useState<(typeof EVERY)[number]>(scale.every);
  const looking = useSend("post", "/api/drawer/scales/{scale}/checks");
  const accepting = useSend("post", "/api/drawer/scales/{scale}/checks", {
    onSuccess: () => refresh.of("/api/drawer"),
  });
  const rows = typed.weights.flatMap(({ nominal, up, down }) =>
    [up, down].filter((one) => one.trim() !== "").map((reading) => ({ nominal, reading })),
  );
  const filled = (list: string[]) => list.filter((one) => one.trim() !== "");
  const body = (accept: boolean, of: Typed = typed) => ({
    weights: of.weights.flatMap(({ nominal, up, down }) =>
      [up, down].filter((one) => one.trim() !== "").map((reading) => ({ nominal, reading })),
    ),
    repeats: filled(of.repeats),
    corners: filled(of.corners),
    every,
    accept,
  });
  const change = (to: Typed) => setText(JSON.stringify(to));
  const look = () => {
    if (rows.length > 0) looking.send({ params: { path: { scale: scale.id } }, body: body(false) as never });
  };
  const found = looking.data;
  const heavy = typed.weights[Math.min(typed.weights.length - 1, 3)]?.nominal ?? "";
  const problem = looking.problem ?? accepting.problem;
  return (
    <main className="sheet scale-check">
      <div>
        <header className="sheet-head">
          <h1>{t("scaleCheck.title", { name: scale.name })}</h1>
          <p className="soft">
            {t("drawer.scaleSteps", {
              step: shown(scale.step, scale.decimals, i18n.language),
              capacity: shown(scale.capacity ?? 0, 0, i18n.language),
            })}
          </p>
        </header>
        <ScaleTilt scale={scale} found={found} />
        <div className="scale-check-two">
          <section>
            <h2 className="h2rim">
              {t("scaleCheck.errors")} <small>{t("scaleCheck.errorsUnder")}</small>
            </h2>
            <ScaleErrors found={found} />
          </section>
          <section>
            <h2 className="h2rim">{t("scaleCheck.year")}</h2>
            <ScaleYear history={scale.history} />
          </section>
        </div>
        <section>
          <h2 className="h2rim">
            {t("scaleCheck.weights")} <small>{t("scaleCheck.type")}</small>
          </h2>
          <div className="scale-weights" style={{ "--weights": typed.weights.length } as CSSProperties}>
            <span>{t("scaleCheck.putOn")}</span>
            {typed.weights.map((one, i) => (
              <input
                // biome-ignore lint/suspicious/noArrayIndexKey: columns in order
                key={i}
                className="place"
                inputMode="decimal"
                maxLength={7}
                aria-label={t("scaleCheck.nominal", { n: i + 1 })}
                value={one.nominal}
                onChange={(event) =>
                  change({
                    ...typed,
                    weights: typed.weights.map((other, j) =>
                      j === i ? { ...other, nominal: event.target.value } : other,
                    ),
                  })
                }
                onBlur={look}
              />
            ))}
            {(["up", "down"] as const).map((way) => [
              <span key={way}>{t(`scaleCheck.${way}`)}</span>,
              ...typed.weights.map((one, i) => (
                <input
                  // biome-ignore lint/suspicious/noArrayIndexKey: columns in order
                  key={`${way}${i}`}
                  className="place"
                  inputMode="decimal"
                  maxLength={8}
                  aria-label={t("scaleCheck.shows", { way: t(`scaleCheck.${way}`), nominal: one.nominal })}
                  value={one[way]}
                  onChange={(event) =>
                    change({
                      ...typed,
                      weights: typed.weights.map((other, j) =>
                        j === i ? { ...other, [way]: event.target.value } : other,
                      ),
                    })
                  }
                  onBlur={look}
                />
              )),
            ])}
          </div>
        </section>
        <div className="scale-check-two">
          <section>
            <h2 className="h2rim">
              {t("scaleCheck.repeats", { count: REPEATS })} <small>{t("scaleCheck.sameWeight", { heavy })}</small>
            </h2>
            <div className="scale-six">
              {typed.repeats.map((one, i) => (
                <input
                  // biome-ignore lint/suspicious/noArrayIndexKey: boxes in order
                  key={i}
                  className="place"
                  inputMode="decimal"
                  maxLength={8}
                  aria-label={t("scaleCheck.repeat", { n: i + 1 })}
                  value={one}
                  onChange={(event) =>
                    change({
                      ...typed,
                      repeats: typed.repeats.map((other, j) => (j === i ? event.target.value : other)),
                    })
                  }
                  onBlur={look}
                />
              ))}
            </div>
          </section>
          <section>
            <h2 className="h2rim">{t("scaleCheck.corners", { heavy })}</h2>
            <ScaleCorners typed={typed.corners} change={(corners) => change({ ...typed, corners })} done={look} />
          </section>
        </div>
      </div>
      <aside className="sheet-side">
        <section aria-live="polite">
          <h2 className="h2rim">{t("scaleCheck.means")}</h2>
          {found ? (
            <>
              <p className="scale-verdict">
                <b>{t(`scaleVerdict.${found.verdict}`)}</b>
              </p>
              {found.said.map((one) => (
                <p key={one} className="py-1">
                  {one}
                </p>
              ))}
              <ul className="scale-doubts">
                {found.doubts.map((one) => (
                  <li key={one.grams}>
                    <span>{t("scaleCheck.at", { grams: one.grams })}</span>
                    <b className="num">±{shown(one.u_g, 2, i18n.language)} g</b>
                  </li>
                ))}
              </ul>
            </>
          ) : (
            <p>{t("scaleCheck.begin")}</p>
          )}
        </section>
        <fieldset className="choices">
          <legend className="h2rim">{t("scaleCheck.next")}</legend>
          {EVERY.map((one) => (
            <button key={one} type="button" className="name" aria-pressed={every === one} onClick={() => setEvery(one)}>
              {t(`scaleCheck.every.${one}`)}
            </button>
          ))}
        </fieldset>
        <p className="soft">{t("scaleCheck.old")}</p>
        <FieldProblem>{problem && (Object.values(problem.fields)[0]?.[0] ?? problem.message)}</FieldProblem>
        <SendButton
          type="button"
          className="btn btn-primary"
          isPending={accepting.isPending}
          disabled={rows.length === 0}
          onClick={() =>
            accepting.send({ params: { path: { scale: scale.id } }, body: body(true) as never }, () => {
              drop();
              go("/drawer");
            })
          }
        >
          {t("scaleCheck.accept")}
        </SendButton>
      </aside>
    </main>
  );
}
