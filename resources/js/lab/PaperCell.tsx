import type { KeyboardEvent } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import FieldProblem from "../kit/FieldProblem";
import { shown } from "../kit/numbers";
import VerdictGlyph from "../kit/VerdictGlyph";
import type { Weighing } from "./board";

type Props = {
  at: string;
  id: string;
  station: string;
  line: string;
  text: string;
  judged: Schemas["PaperVerdict"][];
  /** who measured it, where the letters say so */
  student: string | undefined;
  unclear: string | undefined;
  /** what is stored already */
  stored: Weighing | undefined;
  onWrite: (id: string, text: string) => void;
  onKeys: (event: KeyboardEvent<HTMLInputElement>, at: string) => void;
};

/** One station's one ingredient on the sheet: what is typed, and at once what it is. */
export default function PaperCell(props: Props) {
  const { t, i18n } = useTranslation();
  const { id, text, judged, stored } = props;
  const problem = props.unclear ?? judged.find((one) => one.problem !== null)?.problem ?? undefined;
  const last = judged.at(-1);
  return (
    <td>
      <input
        data-at={props.at}
        aria-label={t("paper.cell", { station: props.station, line: props.line })}
        aria-invalid={problem !== undefined}
        aria-describedby={`said-${id}`}
        autoComplete="off"
        spellCheck={false}
        value={text}
        maxLength={40}
        onChange={(event) => props.onWrite(id, event.target.value)}
        onKeyDown={(event) => props.onKeys(event, props.at)}
      />
      <span id={`said-${id}`} className="paper-said">
        {text === "" && stored && (
          <span className="soft">
            {t("paper.stored", {
              grams: shown(stored.grams, stored.decimals, i18n.language),
              verdict: t(`verdict.${stored.verdict}`),
            })}
          </span>
        )}
        <FieldProblem>{problem}</FieldProblem>
        {!problem && last?.verdict && (
          <>
            {judged.map(
              (one, at) =>
                one.verdict && (
                  <VerdictGlyph
                    // biome-ignore lint/suspicious/noArrayIndexKey: tries stay in their order
                    key={at}
                    verdict={one.verdict}
                    tolerances={one.tolerances ?? 0}
                    size={28}
                    hidden
                  />
                ),
            )}
            <span>
              {t(`verdict.${last.verdict}`)}
              {props.student && <b className="block">{props.student}</b>}
            </span>
          </>
        )}
      </span>
    </td>
  );
}
