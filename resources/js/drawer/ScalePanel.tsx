import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import TakeOut from "../kit/TakeOut";
import { type Scale, useDrawerRefresh } from "./drawer";
import PanelHead from "./PanelHead";
import { useScaleSaid } from "./useScaleSaid";

/** One scale: how it counts, when it was last right; out of order for a while, or out for good. */
export default function ScalePanel({ scale, close }: { scale: Scale; close: () => void }) {
  const { t } = useTranslation();
  const said = useScaleSaid(scale);
  const after = useDrawerRefresh();
  const changing = useSend("put", "/api/drawer/scales/{scale}", after);
  const dropping = useSend("delete", "/api/drawer/scales/{scale}", after);
  const path = { scale: scale.id };
  return (
    <section className="hung-panel" aria-label={scale.name}>
      <PanelHead name={scale.name} close={close} />
      <p>
        {t("drawer.scaleIs", said)}, {said.state}
      </p>
      <Link className="btn btn-primary min-h-11" to={`/drawer/scales/${scale.id}`}>
        {t("scaleCheck.open")}
      </Link>
      <button
        type="button"
        className="btn btn-outline min-h-11"
        aria-label={t("drawer.brokenThis", { name: scale.name })}
        aria-pressed={scale.out_of_order}
        onClick={() => changing.send({ params: { path }, body: { out_of_order: !scale.out_of_order } })}
      >
        {t(scale.out_of_order ? "drawer.mended" : "drawer.broken")}
      </button>
      <TakeOut
        className="quiet justify-self-start"
        label={t("drawer.dropScale", { name: scale.name })}
        question={t("lab.takeOutSure", { name: scale.name })}
        gone={t("lab.isOut", { name: scale.name })}
        may={() => dropping.may({ params: { path } })}
        take={() => dropping.send({ params: { path } })}
      >
        {t("lab.takeOut")}
      </TakeOut>
      <FieldProblem>{dropping.says ?? changing.says}</FieldProblem>
    </section>
  );
}
