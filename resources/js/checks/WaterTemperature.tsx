import { useTranslation } from "react-i18next";
import FieldProblem from "../kit/FieldProblem";
import Keypad from "../kit/Keypad";
import { useDigits } from "../kit/useDigits";
import type { Draft } from "./checks";

type Props = { draft: Draft; change: (change: Partial<Draft>) => void; problem?: string | undefined };

/** How warm the water is: never taken for granted. The same keypad, and a thermometer that shows how it is held. */
export default function WaterTemperature({ draft, change, problem }: Props) {
  const { t } = useTranslation();
  const type = (next: (before: string) => string) => change({ water: next(draft.water) });
  useDigits(type, 5);
  return (
    <main className="weigh w-weigh">
      <section>
        <h1 className="h2rim">{t("water.warm")}</h1>
        <ol className="w-how">
          <li>{t("water.dip")}</li>
          <li>{t("water.waitStill")}</li>
          <li>{t("water.readIn")}</li>
        </ol>
        <svg viewBox="0 0 220 230" width={220} height={230} fill="none" aria-hidden="true" className="w-thermo">
          <path d="M20 90H200L192 190Q190 214 168 214H52Q30 214 28 190Z" className="w-water" />
          <path
            d="M14 60H206M20 60L28 190Q30 214 52 214H168Q190 214 192 190L200 60"
            stroke="currentColor"
            strokeWidth={4}
          />
          <path
            d="M104 10H124V150A16 16 0 1 1 104 150Z"
            fill="var(--color-base-100)"
            stroke="currentColor"
            strokeWidth={3.5}
          />
          <path d="M114 90V160" stroke="currentColor" strokeWidth={7} strokeLinecap="round" />
          {[26, 42, 58, 74].map((y) => (
            <path key={y} d={`M112 ${y}H122`} stroke="currentColor" strokeWidth={2} />
          ))}
        </svg>
        <p className="soft">{t("water.why")}</p>
      </section>
      <section className="weigh-hand">
        <div className="choices weigh-source">
          {(["C", "F"] as const).map((degrees) => (
            <button
              key={degrees}
              type="button"
              className="name"
              aria-pressed={draft.degrees === degrees}
              onClick={() => change({ degrees })}
            >
              {t(`water.degrees.${degrees}`)}
            </button>
          ))}
        </div>
        <div className="screen">
          <input
            className="readout w-full bg-transparent text-right outline-offset-4"
            aria-label={t("water.temperature")}
            aria-invalid={problem !== undefined}
            inputMode="none"
            autoComplete="off"
            maxLength={5}
            placeholder="0"
            value={draft.water}
            onChange={(event) => type(() => event.target.value)}
          />
          <span className="unit">°{draft.degrees}</span>
        </div>
        <FieldProblem>{problem}</FieldProblem>
        <Keypad onChange={type} decimals={1} longest={5} />
      </section>
    </main>
  );
}
