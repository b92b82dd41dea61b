import { type KeyboardEvent, memo } from "react";
import { useTranslation } from "react-i18next";
import { shown } from "../kit/numbers";
import VerdictGlyph, { type Verdict } from "../kit/VerdictGlyph";
import Tally from "./Tally";
import WaitedFor from "./WaitedFor";

export type Place = { row: number; column: number };
export type CellActs = {
  keys: (event: KeyboardEvent) => void;
  focus: (place: Place) => void;
  open: (place: Place) => void;
};
type Props = Place & {
  station: string;
  line: string;
  verdict: Verdict | undefined;
  tolerances: number;
  grams: number;
  decimals: number;
  /** Weighings ever, and those that count. */
  times: number;
  counting: number;
  isBack: boolean;
  /** The station measures something else instead, or nothing. */
  isNotHere: boolean;
  isChecked: boolean;
  isHere: boolean;
  isOpened: boolean;
  isLarge: boolean;
  /** Somebody measures it now: since when, in s since 1970, and who. */
  since: number | undefined;
  who: string | undefined;
  acts: CellActs;
};

/** One station's one ingredient: a cup by its latest verdict. Plain values in, so a board of hundreds draws only what changed. */
export default memo(function Cell(props: Props) {
  const { t, i18n } = useTranslation();
  const { row, column, station, line, verdict, acts } = props;
  const said = t(`verdict.${verdict ?? "none"}`);
  const grams = shown(props.grams, props.decimals, i18n.language);
  const label = props.isNotHere
    ? t("board.notHere", { station, line })
    : verdict
      ? t("board.cellWeighed", { station, line, verdict: said, grams, count: props.times })
      : t("board.cell", { station, line, verdict: said });
  return (
    <button
      type="button"
      className={`cell ${props.isBack ? "is-back" : ""} ${props.isChecked ? "is-checked" : ""}`}
      data-cell={`${row}/${column}`}
      tabIndex={props.isHere ? 0 : -1}
      aria-label={label}
      aria-pressed={props.isOpened}
      onFocus={() => acts.focus({ row, column })}
      onKeyDown={acts.keys}
      aria-disabled={props.isNotHere}
      onClick={() => !props.isNotHere && acts.open({ row, column })}
    >
      {props.isNotHere && <span className="not-here">–</span>}
      {props.since !== undefined && !verdict && (
        <span className="now">
          <VerdictGlyph verdict="now" size={props.isLarge ? 66 : 54} hidden />
          <span className="g">
            {props.who ?? t("board.measuringNow")} <WaitedFor since={props.since} />
          </span>
        </span>
      )}
      {verdict && (
        <>
          <VerdictGlyph verdict={verdict} tolerances={props.tolerances} size={props.isLarge ? 66 : 54} hidden />
          <span className="g num">
            {grams}
            <Tally count={props.counting} />
          </span>
        </>
      )}
    </button>
  );
});
