import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import { shown } from "../kit/numbers";
import SendButton from "../kit/SendButton";
import { emptied } from "../kit/sent";
import TakeOut from "../kit/TakeOut";
import { useDay } from "../kit/useDay";
import { type Drawer, useDrawerRefresh } from "./drawer";

/** The kitchen's scales, with when each was last right. */
export default function DrawerScales({ drawer }: { drawer: Drawer }) {
  const { t, i18n } = useTranslation();
  const after = useDrawerRefresh();
  const adding = useSend("post", "/api/drawer/scales", after);
  const changing = useSend("put", "/api/drawer/scales/{scale}", after);
  const dropping = useSend("delete", "/api/drawer/scales/{scale}", after);
  const day = useDay();
  const [name, setName] = useState("");
  const [kind, setKind] = useState(drawer.scale_kinds[0]?.id ?? "");
  const step = (number: number, decimals: number) => shown(number, decimals, i18n.language);
  const add = (event: FormEvent) => {
    event.preventDefault();
    adding.send({ body: { name, catalogue_id: kind } }, () => setName(emptied(name)));
  };
  return (
    <section>
      <h2 className="h2rim">
        {t("drawer.scalesInOrder", {
          count: drawer.scales.filter((scale) => !scale.out_of_order).length,
          all: drawer.scales.length,
        })}
      </h2>
      <ul>
        {drawer.scales.map((scale) => (
          <li key={scale.id} className="note flex flex-wrap items-center gap-x-2">
            <span className="basis-full">
              <b>{scale.name}</b>
              <span className="soft block">
                {t("drawer.scaleIs", { step: step(scale.step, scale.decimals), capacity: scale.capacity })}
                {", "}
                {scale.out_of_order
                  ? t("drawer.isBroken")
                  : scale.checked_on
                    ? t("drawer.checked", { day: day(scale.checked_on) })
                    : t("drawer.unchecked")}
              </span>
            </span>
            <button
              type="button"
              className="quiet !min-h-8"
              aria-label={t("drawer.brokenThis", { name: scale.name })}
              aria-pressed={scale.out_of_order}
              onClick={() =>
                changing.send({ params: { path: { scale: scale.id } }, body: { out_of_order: !scale.out_of_order } })
              }
            >
              {t("drawer.broken")}
            </button>
            <TakeOut
              className="quiet !min-h-8"
              label={t("drawer.dropScale", { name: scale.name })}
              question={t("lab.takeOutSure", { name: scale.name })}
              gone={t("lab.isOut", { name: scale.name })}
              may={() => dropping.may({ params: { path: { scale: scale.id } } })}
              take={() => dropping.send({ params: { path: { scale: scale.id } } })}
            >
              {t("lab.takeOut")}
            </TakeOut>
          </li>
        ))}
      </ul>
      <FieldProblem>{dropping.says}</FieldProblem>
      <form className="grid gap-3 pt-3" onSubmit={add} noValidate>
        <Field
          label={t("drawer.scaleName")}
          value={name}
          maxLength={40}
          problem={adding.says}
          onChange={(event) => setName(event.target.value)}
        />
        <label className="field">
          <span>{t("drawer.scaleKind")}</span>
          <select value={kind} onChange={(event) => setKind(event.target.value)}>
            {drawer.scale_kinds.map((each) => (
              <option key={each.id} value={each.id}>
                {t("drawer.scaleIs", { step: step(each.step, each.decimals), capacity: each.capacity })}
              </option>
            ))}
          </select>
        </label>
        <SendButton className="btn btn-outline min-h-11" isPending={adding.isPending}>
          {t("drawer.addScale")}
        </SendButton>
      </form>
    </section>
  );
}
