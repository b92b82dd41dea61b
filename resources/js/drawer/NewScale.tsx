import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import Field from "../kit/Field";
import { shown } from "../kit/numbers";
import SendButton from "../kit/SendButton";
import { emptied } from "../kit/sent";
import { type Drawer, useDrawerRefresh } from "./drawer";

/** One more scale. */
export default function NewScale({ kinds, close }: { kinds: Drawer["scale_kinds"]; close: () => void }) {
  const { t, i18n } = useTranslation();
  const adding = useSend("post", "/api/drawer/scales", useDrawerRefresh());
  const [name, setName] = useState("");
  const [kind, setKind] = useState(kinds[0]?.id ?? "");
  const add = (event: FormEvent) => {
    event.preventDefault();
    adding.send({ body: { name, catalogue_id: kind } }, () => setName(emptied(name)));
  };
  return (
    <section className="hung-panel" aria-label={t("drawer.newScale")}>
      <header>
        <h2>{t("drawer.newScale")}</h2>
        <button type="button" className="quiet underline" onClick={close}>
          {t("recipe.close")}
        </button>
      </header>
      <form className="grid gap-3" onSubmit={add} noValidate>
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
            {kinds.map((each) => (
              <option key={each.id} value={each.id}>
                {t("drawer.scaleIs", { step: shown(each.step, each.decimals, i18n.language), capacity: each.capacity })}
              </option>
            ))}
          </select>
        </label>
        <SendButton className="btn btn-primary min-h-11" isPending={adding.isPending}>
          {t("drawer.addScale")}
        </SendButton>
      </form>
    </section>
  );
}
