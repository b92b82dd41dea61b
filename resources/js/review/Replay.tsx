import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";

type Peg = Schemas["LabPeg"];

/** The lab on its minute line, a line a station; a slider plays it again. */
export default function Replay({ lanes, minutes }: { lanes: Schemas["LabLane"][]; minutes: number }) {
  const { t } = useTranslation();
  const end = Math.max(minutes, 1, ...lanes.flatMap((lane) => lane.pegs.map((peg) => peg.minute)));
  const [now, setNow] = useState(end);
  const x = (minute: number) => 8 + (minute / end) * 984;
  const latest = (lane: Schemas["LabLane"]) => lane.pegs.filter((peg) => peg.minute <= now).at(-1);
  const said = (peg: Peg | undefined) =>
    peg === undefined
      ? t("lab2.nothingYet")
      : peg.what === "weighed"
        ? `${peg.food}: ${t(`verdict.${peg.verdict ?? "none"}`)}`
        : t(`lab2.event.${peg.what}`);
  return (
    <div className="replay">
      <label className="replay-at">
        <span>{t("lab2.minute", { minute: now, end })}</span>
        <input type="range" min={0} max={end} value={now} onChange={(event) => setNow(Number(event.target.value))} />
      </label>
      <ul>
        {lanes.map((lane) => (
          <li key={lane.station_id}>
            <b>{lane.station}</b>
            <svg viewBox="0 0 1000 30" width="100%" height={30} preserveAspectRatio="none" aria-hidden="true">
              <path d="M0 15H1000" stroke="currentColor" strokeWidth={2} />
              {lane.released !== null && lane.released <= now && (
                <path d={`M${x(lane.released)} 15H1000`} stroke="var(--level)" strokeWidth={7} />
              )}
              <path d={`M${x(now)} 0V30`} stroke="currentColor" strokeDasharray="3 3" />
              {lane.pegs
                .filter((peg) => peg.minute <= now)
                .map((peg, i) =>
                  peg.what === "weighed" ? (
                    <rect
                      // biome-ignore lint/suspicious/noArrayIndexKey: pegs keep their order
                      key={i}
                      x={x(peg.minute) - 4}
                      y={peg.verdict === "heaped" ? 2 : peg.verdict === "shy" ? 16 : 10}
                      width={8}
                      height={peg.verdict === "level" ? 10 : 12}
                      fill={peg.verdict === "too-close" ? "var(--close)" : `var(--${peg.verdict})`}
                    />
                  ) : (
                    // biome-ignore lint/suspicious/noArrayIndexKey: pegs keep their order
                    <path key={i} d={`M${x(peg.minute)} 8V22`} stroke="currentColor" strokeWidth={2.5} />
                  ),
                )}
            </svg>
            <span>{said(latest(lane))}</span>
            <small className="soft">{lane.stuck > 0 && t("lab2.stuck", { count: lane.stuck })}</small>
          </li>
        ))}
      </ul>
    </div>
  );
}
