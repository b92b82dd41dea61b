import { useState } from "react";
import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import KitchenFraction from "../kit/KitchenFraction";
import { shown, signed } from "../kit/numbers";
import { type Drawer, useDrawerRefresh } from "./drawer";

/** Checks by students that wait for a yes: one tap each. */
export default function WaitingChecks({ waiting }: { waiting: Drawer["waiting"] }) {
  const { t, i18n } = useTranslation();
  const after = useDrawerRefresh();
  const accepting = useSend("post", "/api/drawer/checks/{check}/accept", after);
  const refusing = useSend("delete", "/api/drawer/checks/{check}", after);
  const undoing = useSend("delete", "/api/drawer/checks/{check}/accept", after);
  const [accepted, setAccepted] = useState<{ id: string; name: string }>();
  if (waiting.length === 0 && !accepted) return null;
  return (
    <section>
      {waiting.length > 0 && <h2 className="h2rim">{t("drawer.named.waiting", { count: waiting.length })}</h2>}
      {accepted && (
        <p role="status" className="waiting-do py-2">
          {t("drawer.named.accepted", { name: accepted.name })}
          <button
            type="button"
            className="quiet underline"
            onClick={() => undoing.send({ params: { path: { check: accepted.id } } }, () => setAccepted(undefined))}
          >
            {t("drawer.named.undo")}
          </button>
        </p>
      )}
      <ul className="waiting-checks">
        {waiting.map((one) => (
          <li key={one.id}>
            <p>
              <b>
                <KitchenFraction>{one.name}</KitchenFraction>
              </b>{" "}
              {one.mark && <span>{one.mark}</span>}
              <span className="soft block">{[one.by, one.scale, ...one.faults].filter(Boolean).join(", ")}</span>
            </p>
            <p className="num">
              <b>{t(`toolVerdict.${one.verdict}`)}</b>
              <span className="block">
                {shown(one.true_ml, one.true_ml < 10 ? 2 : 1, i18n.language)} mL,{" "}
                {signed(one.deviation_pct, 1, i18n.language)}% ±{shown(one.u_pct, 1, i18n.language)}
              </span>
            </p>
            <p className="waiting-do">
              <button
                type="button"
                className="btn btn-outline min-h-11"
                onClick={() => accepting.send({ params: { path: { check: one.id } } }, () => setAccepted(one))}
              >
                {t("drawer.named.accept")}
              </button>
              <button
                type="button"
                className="quiet"
                onClick={() => refusing.send({ params: { path: { check: one.id } } })}
              >
                {t("drawer.named.refuse")}
              </button>
            </p>
          </li>
        ))}
      </ul>
      <FieldProblem>{accepting.says ?? refusing.says ?? undoing.says}</FieldProblem>
    </section>
  );
}
