import { useTranslation } from "react-i18next";
import type { Body } from "../api/query";
import FieldProblem from "../kit/FieldProblem";

export type SchoolAnswers = Pick<
  Body<"put", "/api/school">,
  "time_zone" | "language" | "spelling" | "decimal_sign" | "standard"
>;
type Props = {
  draft: SchoolAnswers;
  change: (part: Partial<SchoolAnswers>) => void;
  at: (field: string) => string | undefined;
};

const ZONES: readonly string[] =
  (Intl as unknown as { supportedValuesOf?: (what: string) => string[] }).supportedValuesOf?.("timeZone") ?? [];
const CHOICES = {
  language: ["en", "es"],
  spelling: ["us", "british"],
  decimal_sign: ["device", "point", "comma"],
} as const;

/** Where the school is, and how it writes. */
export default function SchoolQuestions({ draft, change, at }: Props) {
  const { t } = useTranslation();
  const zones = ZONES.includes(draft.time_zone) ? ZONES : [draft.time_zone, ...ZONES];
  return (
    <>
      <label className="field">
        <span>{t("setUpSchool.zone")}</span>
        <select value={draft.time_zone} onChange={(event) => change({ time_zone: event.target.value })}>
          {zones.map((zone) => (
            <option key={zone} value={zone}>
              {zone.replaceAll("_", " ")}
            </option>
          ))}
        </select>
        <FieldProblem>{at("time_zone")}</FieldProblem>
      </label>
      {(["language", "spelling", "decimal_sign"] as const).map((what) => (
        <label key={what} className="field">
          <span>{t(`setUpSchool.${what}`)}</span>
          <select value={draft[what]} onChange={(event) => change({ [what]: event.target.value })}>
            {CHOICES[what].map((one) => (
              <option key={one} value={one}>
                {t(`setUpSchool.${what}-${one}`)}
              </option>
            ))}
          </select>
          <FieldProblem>{at(what)}</FieldProblem>
        </label>
      ))}
    </>
  );
}
