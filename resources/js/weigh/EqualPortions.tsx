import "../../css/student/portions.css";
import { type FormEvent, useEffect, useEffectEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { useSend } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import { Back } from "../kit/icons";
import NamesToTap from "../kit/NamesToTap";
import { shown } from "../kit/numbers";
import VerdictGlyph from "../kit/VerdictGlyph";
import { useChosenId } from "./draft";
import { useKitchen } from "./kitchen";
import { usePortions } from "./usePortions";

/** A batch shared out in pieces of one weight: what each should weigh, piece by piece how it is, and what is left for the rest. */
export default function EqualPortions() {
  const { t, i18n } = useTranslation();
  const kitchen = useKitchen();
  const [{ total, count, pieces }, keep] = usePortions(kitchen.lab?.id);
  const [usual, choose] = useChosenId("scale");
  const scale = kitchen.scales.find((one) => one.id === usual) ?? kitchen.scales[0];
  const [piece, setPiece] = useState("");
  const working = useSend("post", "/api/work/portions");
  const work = (weighed: string[], on: number | undefined, done?: () => void) =>
    working.send(
      { body: { total_g: total, count: Number(count), scale_id: on ?? 0, pieces: weighed.map(Number) } },
      done,
    );
  // A page that was loaded again goes on where it was.
  const again = useEffectEvent(() => total !== "" && pieces.length > 0 && work(pieces, scale?.id));
  useEffect(() => void again(), []);
  const begin = (event: FormEvent) => {
    event.preventDefault();
    keep({ pieces: [] });
    work([], scale?.id);
  };
  const add = (event: FormEvent) => {
    event.preventDefault();
    const weighed = [...pieces, piece.trim().replace(",", ".")];
    work(weighed, scale?.id, () => {
      keep({ pieces: weighed });
      setPiece("");
    });
  };
  const grams = (number: number, decimals: number) => `${shown(number, decimals, i18n.language)} g`;
  const { data } = working;
  return (
    <div className="student">
      <header className="shead">
        <Link to="/kitchen" className="quiet bench-back">
          <Back size={22} />
          {t("result.all")}
        </Link>
      </header>
      <main className="portions">
        <h1>{t("portions.title")}</h1>
        <form onSubmit={begin} noValidate>
          <Field
            label={t("portions.total")}
            inputMode="decimal"
            maxLength={8}
            value={total}
            problem={working.at("total_g")}
            onChange={(event) => keep({ total: event.target.value })}
          />
          <Field
            label={t("portions.count")}
            inputMode="numeric"
            maxLength={2}
            value={count}
            problem={working.at("count")}
            onChange={(event) => keep({ count: event.target.value })}
          />
          {kitchen.scales.length > 1 && (
            <fieldset>
              <legend className="label">{t("weigh.which")}</legend>
              <NamesToTap
                names={kitchen.scales.map(({ id, name, step, decimals }) => ({
                  id,
                  name,
                  under: t("weigh.step", { step: shown(step, decimals, i18n.language) }),
                }))}
                chosen={scale?.id}
                onChoose={(id) => {
                  choose(id);
                  if (working.data) work(pieces, id);
                }}
              />
            </fieldset>
          )}
          <button type="submit" className="btn btn-primary">
            {t("portions.work")}
          </button>
        </form>
        <div aria-live="polite">
          {data && (
            <p className="portions-each">
              {t("portions.each", {
                grams: grams(data.each_g, data.decimals),
                low: shown(data.low_g, data.band_decimals, i18n.language),
                high: grams(data.high_g, data.band_decimals),
              })}
            </p>
          )}
          {data?.rest_g != null && <p>{t("portions.rest", { grams: grams(data.rest_g, data.rest_decimals) })}</p>}
        </div>
        {data && (
          <>
            <ol>
              {data.pieces.map((one, i) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: pieces in the order weighed, only ever added
                <li key={i}>
                  <VerdictGlyph verdict={one.verdict} tolerances={0} size={36} hidden />
                  <b className="num">{grams(one.grams, Number.isInteger(one.grams) ? 0 : 1)}</b>
                  <span>{t(`portions.${one.verdict}`)}</span>
                </li>
              ))}
            </ol>
            {data.pieces.length < Number(count) && (
              <form onSubmit={add} noValidate>
                <Field
                  label={t("portions.piece", { number: data.pieces.length + 1 })}
                  inputMode="decimal"
                  maxLength={7}
                  value={piece}
                  onChange={(event) => setPiece(event.target.value)}
                />
                <button type="submit" className="btn btn-outline" disabled={piece.trim() === ""}>
                  {t("portions.add")}
                </button>
              </form>
            )}
          </>
        )}
        <FieldProblem>{working.at("total_g") || working.at("count") ? undefined : working.says}</FieldProblem>
      </main>
    </div>
  );
}
