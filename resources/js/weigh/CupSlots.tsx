import { useTranslation } from "react-i18next";
import { useDraft } from "./draft";
import type { Line } from "./kitchen";
import { type Slot, slotsOf } from "./readings";

type Props = { line: Line; at: Slot; choose: (key: string) => void };

/** Food that stays in its cups: how each is weighed, which one is read now, and whether it was weighed empty before it was filled. */
export default function CupSlots({ line, at, choose }: Props) {
  const { t } = useTranslation();
  const [draft, change] = useDraft(line.id);
  const emptyFirst = draft.emptyFirst ?? false;
  return (
    <section className="cup-slots">
      <p>
        {t(`weigh.short.${emptyFirst ? "emptyFirst" : "cup"}`)} {at.cup > 1 && t("weigh.sameCup")}
      </p>
      <div className="choices">
        {slotsOf(line.cups, emptyFirst).map((slot) => (
          <button
            key={slot.key}
            type="button"
            className="name"
            aria-pressed={slot.key === at.key}
            onClick={() => choose(slot.key)}
          >
            {t(line.cups === 1 ? `weigh.${slot.kind}` : `weigh.${slot.kind}N`, { n: slot.cup })}
            <small className="num">{draft.readings[slot.key] ? `${draft.readings[slot.key]} g` : "–"}</small>
          </button>
        ))}
        <button
          type="button"
          className="quiet"
          onClick={() => {
            change({ emptyFirst: !emptyFirst });
            choose(emptyFirst ? "full0" : "empty0");
          }}
        >
          {t(emptyFirst ? "weigh.tareFirst" : "weigh.emptyFirst")}
        </button>
      </div>
    </section>
  );
}
