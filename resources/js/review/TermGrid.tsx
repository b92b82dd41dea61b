import { type KeyboardEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { shown, signed } from "../kit/numbers";
import HabitMark from "./HabitMark";

type Page = Schemas["ReviewPage"];
type Cell = Schemas["ReviewCell"];
export type Tries = "first" | "best";
export type Chosen = { student: number; family: string };

/** How a cell reads at the first try, or at the best. */
export const readsAs = (cell: Cell, tries: Tries) =>
  tries === "first" ? { habit: cell.habit, pct: cell.pct } : { habit: cell.best_habit, pct: cell.best_pct };

type Props = { page: Page; tries: Tries; chosen?: Chosen | undefined; onChoose: (chosen: Chosen) => void };

/** A line a student, a column a family of foods. Arrows move, Enter opens the weigh-ins behind a cell. */
export default function TermGrid({ page, tries, chosen, onChoose }: Props) {
  const { t, i18n } = useTranslation();
  const [at, setAt] = useState<[number, number]>([0, 0]);
  const move = (event: KeyboardEvent<HTMLTableElement>) => {
    const step = { ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] }[event.key];
    if (!step) return;
    event.preventDefault();
    const row = Math.min(Math.max(at[0] + Number(step[0]), 0), page.rows.length - 1);
    const column = Math.min(Math.max(at[1] + Number(step[1]), 0), page.families.length - 1);
    setAt([row, column]);
    event.currentTarget.querySelector<HTMLButtonElement>(`[data-cell="${row} ${column}"]`)?.focus();
  };
  const words = (cell: Cell) => {
    const { habit, pct } = readsAs(cell, tries);
    if (habit === "steady") return t("term2.steady");
    if (habit === "same-slip") return `${signed(pct, 0, i18n.language)}%`;
    if (habit === "not-yet") return cell.hint ?? t("term2.notYet");
    return t(habit === "scattered" ? "term2.scattered" : "term2.twoCamps");
  };
  return (
    <table className="term-grid" onKeyDown={move}>
      <caption className="sr-only">{t("term2.caption")}</caption>
      <thead>
        <tr>
          <th scope="col">{t("term2.student")}</th>
          {page.families.map((family) => (
            <th key={family.id} scope="col">
              {t(`family.${family.id}`)}
            </th>
          ))}
          <th scope="col">{t("term2.scale")}</th>
        </tr>
      </thead>
      <tbody>
        {page.rows.map((row, i) => (
          <tr key={row.id} className={chosen?.student === row.id ? "is-chosen" : ""}>
            <th scope="row">
              <Link to={`/review/students/${row.id}`}>{row.name}</Link>
            </th>
            {row.cells.map((cell, j) => {
              const { habit, pct } = readsAs(cell, tries);
              return (
                <td key={cell.family}>
                  <button
                    type="button"
                    data-cell={`${i} ${j}`}
                    tabIndex={at[0] === i && at[1] === j ? 0 : -1}
                    className={`term-cell is-${habit}`}
                    aria-label={`${row.name}, ${t(`family.${cell.family}`)}: ${words(cell)}`}
                    aria-pressed={chosen?.student === row.id && chosen.family === cell.family}
                    onFocus={() => setAt([i, j])}
                    onClick={() => onChoose({ student: row.id, family: cell.family })}
                  >
                    {habit !== "not-yet" && <HabitMark habit={habit} pct={pct} size={36} />}
                    {habit !== "steady" && <span>{words(cell)}</span>}
                  </button>
                </td>
              );
            })}
            <td>
              {row.scale_n === 0 ? (
                <span className="soft">{t("term2.notYet")}</span>
              ) : row.scale_slips === 0 ? (
                <span className="term-scale">
                  <HabitMark habit="steady" pct={0} />
                  <span className="sr-only">{t("term2.steady")}</span>
                </span>
              ) : (
                t("term2.slips", { count: row.scale_slips, n: shown(row.scale_n, 0, i18n.language) })
              )}
            </td>
          </tr>
        ))}
      </tbody>
      <tfoot>
        <tr>
          <th scope="row">{t("term2.level")}</th>
          {page.families.map((family) => (
            <td key={family.id} className="num">
              {family.first === null ? (
                "–"
              ) : (
                <>
                  {family.first} <span aria-hidden="true">→</span> <b>{family.best}</b>
                </>
              )}
            </td>
          ))}
          <td />
        </tr>
      </tfoot>
    </table>
  );
}
