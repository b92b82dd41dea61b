import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { shown, signed } from "../kit/numbers";
import { useWidth } from "../kit/useWidth";

type Page = Schemas["ExperimentPage"];

const ROW = 132;
const W = 16;

/** A line for each thing compared, every student's weighing standing on it; mean and spread under it, the difference as an arrow. */
export default function ArmLines({ page, named }: { page: Page; named: boolean }) {
  const { t, i18n } = useTranslation();
  const [box, width] = useWidth<HTMLElement>(260);
  const [rung, ring] = useState<number>();
  const all = page.students.flatMap((one) => one.grams.map((of) => of.grams));
  if (all.length === 0) return <p className="py-6">{t("experiment.nothing")}</p>;
  const [least, most] = [Math.min(...all), Math.max(...all)];
  const room = Math.max((most - least) * 0.08, 1);
  const left = width > 620 ? 220 : 0;
  const top = width > 620 ? 0 : 40;
  const x = (grams: number) => left + 16 + ((grams - least + room) / (most - least + 2 * room)) * (width - left - 32);
  const y = (i: number) => (i + 1) * (ROW + top) - 40;
  const height = page.arms.length * (ROW + top) + 40;
  const step = [1, 2, 5, 10, 20, 50].find((one) => (most - least + 2 * room) / one <= (width - left) / 70) ?? 100;
  const ticks = Array.from({ length: 60 }, (_, i) => (Math.ceil((least - room) / step) + i) * step).filter(
    (one) => one <= most + room,
  );
  const first = page.arms[0];
  return (
    <figure ref={box} className="arm-lines">
      <svg
        viewBox={`0 0 ${width} ${height}`}
        width={width}
        height={height}
        fill="none"
        role="img"
        aria-label={page.said.join(" ") || t("experiment.soFar", { count: all.length })}
      >
        {first?.mean_g != null && (
          <path
            d={`M${x(first.mean_g)} ${20 + top}V${height - 34}`}
            stroke="currentColor"
            strokeWidth={2}
            strokeDasharray="1 6"
            strokeLinecap="round"
          />
        )}
        {page.arms.map((arm, i) => {
          const columns = new Map<number, number>();
          return (
            <g key={arm.id}>
              <text x={0} y={left ? y(i) - 34 : y(i) - ROW + 48} className="arm-name">
                {arm.name.length > 22 ? `${arm.name.slice(0, 21)}…` : arm.name}
              </text>
              <text x={0} y={left ? y(i) - 6 : y(i) - ROW + 74} className="arm-mean">
                {arm.mean_g == null ? "–" : `${shown(arm.mean_g, 0, i18n.language)} g`}
              </text>
              <text x={left ? 100 : 110} y={left ? y(i) - 6 : y(i) - ROW + 74} className="history-t">
                {t("experiment.n", { count: arm.n })}
              </text>
              <path d={`M${left} ${y(i)}H${width}`} stroke="currentColor" strokeWidth={3.5} />
              {page.students.map((student) => {
                const of = student.grams.find((one) => one.arm === arm.id);
                if (!of) return null;
                const column = Math.round(x(of.grams) / W);
                const row = columns.get(column) ?? 0;
                columns.set(column, row + 1);
                const isRung = rung === student.id;
                return (
                  // biome-ignore lint/a11y/noStaticElementInteractions: the same is in the table below
                  <g key={student.id} onPointerEnter={() => ring(student.id)} onPointerLeave={() => ring(undefined)}>
                    <rect
                      x={column * W - W / 2 + 1}
                      y={y(i) - 15 - Math.min(row, 6) * 13}
                      width={W - 2}
                      height={11}
                      rx={2}
                      fill={isRung ? "var(--color-accent)" : "var(--color-primary)"}
                      stroke="currentColor"
                      strokeWidth={1.5}
                    />
                    {isRung && named && (
                      <text
                        x={column * W}
                        y={y(i) - 24 - Math.min(row, 6) * 13}
                        textAnchor="middle"
                        className="history-t"
                        fontWeight={700}
                      >
                        {`${student.name} ${shown(of.grams, 0, i18n.language)} g`}
                      </text>
                    )}
                  </g>
                );
              })}
              {arm.mean_g != null && (
                <>
                  <path
                    d={`M${x(arm.mean_g - (arm.sd_g ?? 0))} ${y(i) + 14}H${x(arm.mean_g + (arm.sd_g ?? 0))}`}
                    stroke="currentColor"
                    strokeWidth={2.5}
                  />
                  <path d={`M${x(arm.mean_g)} ${y(i) + 5}V${y(i) + 23}`} stroke="currentColor" strokeWidth={6} />
                  {i > 0 && first?.mean_g != null && Math.abs(x(arm.mean_g) - x(first.mean_g)) > 26 && (
                    <>
                      <path
                        d={`M${x(first.mean_g)} ${y(i) - ROW + 62}H${x(arm.mean_g)}m${arm.mean_g > first.mean_g ? -9 : 9} -7l${arm.mean_g > first.mean_g ? 9 : -9} 7l${arm.mean_g > first.mean_g ? -9 : 9} 7`}
                        stroke="currentColor"
                        strokeWidth={2.5}
                      />
                      <text
                        x={(x(first.mean_g) + x(arm.mean_g)) / 2}
                        y={y(i) - ROW + 54}
                        textAnchor="middle"
                        className="arm-diff"
                      >
                        {signed(differenceOf(page, first.name, arm.name) ?? 0, 0, i18n.language)} g
                      </text>
                    </>
                  )}
                </>
              )}
            </g>
          );
        })}
        {ticks.map((one) => (
          <text key={one} x={x(one)} y={height - 10} textAnchor="middle" className="history-t">
            {shown(one, 0, i18n.language)}
          </text>
        ))}
      </svg>
    </figure>
  );
}

/** The second's less the first's, as the server worked it out. */
function differenceOf(page: Page, first: string, second: string): number | undefined {
  const of = page.differences.find((one) => one.first === first && one.second === second);
  if (of) return of.mean_g;
  const turned = page.differences.find((one) => one.first === second && one.second === first);
  return turned && -turned.mean_g;
}
