import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { Screen } from "../kit/icons";
import VerdictGlyph from "../kit/VerdictGlyph";
import type { Board } from "./board";
import LabKeys from "./LabKeys";

const VERDICTS = ["level", "heaped", "shy", "too-close"] as const;

const totalOf = (totals: Board["totals"], verdict: (typeof VERDICTS)[number]) =>
  totals[verdict === "too-close" ? "too_close" : verdict];

type Props = { board: Board; live: "live" | "polling"; projected: boolean; project: () => void };

/** The lab, how its weighings stand, whether the board is live, and what can be done with the lab. */
export default function BoardHead({ board, live, projected, project }: Props) {
  const { t } = useTranslation();
  return (
    <div className="board-head">
      <h1>{board.lab.title}</h1>
      <ul className="tot">
        {VERDICTS.map((verdict) => (
          <li key={verdict}>
            <VerdictGlyph verdict={verdict} size={28} hidden />
            <b className="num">{totalOf(board.totals, verdict)}</b> {t(`verdict.${verdict}`)}
          </li>
        ))}
      </ul>
      {board.lab.state === "open" ? (
        <span className="live" role="status" data-live={live}>
          <i aria-hidden />
          {t(live === "live" ? "board.live" : "board.polling")}
        </span>
      ) : (
        <span className="tag-now">{t(board.lab.state === "closed" ? "board.closed" : "board.prepared")}</span>
      )}
      <span className="ml-auto flex flex-wrap gap-2">
        <button type="button" className="btn btn-outline" aria-pressed={projected} onClick={project}>
          <Screen /> {t(projected ? "board.projectOff" : "board.project")} <kbd className="kbd">P</kbd>
        </button>
        {board.runs && board.lab.state === "closed" && (
          <Link className="btn btn-outline" to={`/review/misses?lab=${board.lab.id}`}>
            {t("board.misses")}
          </Link>
        )}
        {board.runs && <LabKeys board={board} />}
      </span>
    </div>
  );
}
