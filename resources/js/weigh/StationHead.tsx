import type { ReactNode } from "react";
import { useTranslation } from "react-i18next";
import VerdictGlyph from "../kit/VerdictGlyph";
import KeptHere from "./KeptHere";
import { type Kitchen, type Line, latest } from "./kitchen";
import ReadAloud from "./ReadAloud";

type Props = { kitchen: Kitchen; line?: Line | undefined; children?: ReactNode };

/** The station's name, and its ingredients as cups hung from the rim of the page. */
export default function StationHead({ kitchen, line, children }: Props) {
  const { t } = useTranslation();
  const said = (one: Line) => `${one.name}: ${t(`verdict.${latest(one)?.verdict ?? "none"}`)}`;
  return (
    <header className="shead">
      <b>{kitchen.station ?? kitchen.name}</b>
      {children}
      <ReadAloud />
      <KeptHere />
      {/* One picture with one sentence: nobody listens to twice as many stops as there are cups. */}
      {kitchen.lines.length > 0 && (
        <span className="hcups" role="img" aria-label={kitchen.lines.map(said).join("; ")}>
          {kitchen.lines.map((one) => {
            const last = latest(one);
            return (
              <span key={one.id} className={one.id === line?.id ? "hcup is-now" : "hcup"}>
                <VerdictGlyph
                  verdict={last?.verdict ?? "none"}
                  tolerances={last?.tolerances ?? 0}
                  size={40}
                  edge={false}
                  hidden
                />
              </span>
            );
          })}
        </span>
      )}
    </header>
  );
}
