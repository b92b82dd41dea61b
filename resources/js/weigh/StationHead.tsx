import type { ReactNode } from "react";
import VerdictGlyph from "../kit/VerdictGlyph";
import KeptHere from "./KeptHere";
import { type Kitchen, type Line, latest } from "./kitchen";

type Props = { kitchen: Kitchen; line?: Line | undefined; children?: ReactNode };

/** The station's name, and its ingredients as cups hung from the rim of the page. */
export default function StationHead({ kitchen, line, children }: Props) {
  return (
    <header className="shead">
      <b>{kitchen.station ?? kitchen.name}</b>
      {children}
      <KeptHere />
      <ol className="hcups">
        {kitchen.lines.map((one) => {
          const last = latest(one);
          return (
            <li key={one.id} className="hcup" aria-current={one.id === line?.id ? "step" : undefined}>
              <span className="unseen">{one.name}:</span>
              <VerdictGlyph
                verdict={last?.verdict ?? "none"}
                tolerances={last?.tolerances ?? 0}
                size={40}
                edge={false}
              />
            </li>
          );
        })}
      </ol>
    </header>
  );
}
