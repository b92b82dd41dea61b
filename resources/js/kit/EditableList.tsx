import { type FormEvent, useId, useState } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import FieldProblem from "./FieldProblem";

type Point = Schemas["EditedPoint"];
type Edited = { own: string[]; without: string[] };
type Props = { points: Point[]; keep: (edited: Edited) => void; problem: string | undefined };

/** A list that is proposed and changed: what does not fit goes out and can come back, what is missing is written in. */
export default function EditableList({ points, keep, problem }: Props) {
  const { t } = useTranslation();
  const id = useId();
  const [text, type] = useState("");
  const own = points.filter((point) => point.own).map((point) => point.text);
  const without = points.filter((point) => point.out).map((point) => point.key);
  const takeOut = (point: Point) =>
    keep(
      point.own
        ? { own: own.filter((one) => one !== point.text), without }
        : { own, without: point.out ? without.filter((key) => key !== point.key) : [...without, point.key] },
    );
  const add = (event: FormEvent) => {
    event.preventDefault();
    if (text.trim() === "") return;
    keep({ own: [...own, text.trim()], without });
    type("");
  };
  return (
    <>
      <ul className="edited">
        {points.map((point) => (
          <li key={point.key} className="note">
            {point.out ? <s className="soft">{point.text}</s> : <span>{point.text}</span>}
            <button
              type="button"
              className="quiet"
              aria-label={t(point.out ? "edited.putBackThis" : "edited.takeOutThis", { text: point.text })}
              onClick={() => takeOut(point)}
            >
              {t(point.out ? "edited.putBack" : "edited.takeOut")}
            </button>
          </li>
        ))}
      </ul>
      <form className="edited-add" onSubmit={add}>
        <label className="unseen" htmlFor={id}>
          {t("edited.more")}
        </label>
        <input
          id={id}
          value={text}
          maxLength={160}
          placeholder={t("edited.more")}
          onChange={(event) => type(event.target.value)}
        />
        <button type="submit" className="btn btn-outline">
          {t("edited.add")}
        </button>
      </form>
      <FieldProblem>{problem}</FieldProblem>
    </>
  );
}
