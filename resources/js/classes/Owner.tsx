import { useState } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import { $api, useRefresh, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import type { Class } from "./class";

/** Hand a class over to another teacher of its kitchen. */
export default function Owner({ one }: { one: Class }) {
  const { t } = useTranslation();
  const go = useNavigate();
  const refresh = useRefresh();
  const path = { section: one.id };
  const heirs = $api.useQuery("get", "/api/sections/{section}/owner", { params: { path } });
  const handing = useSend("put", "/api/sections/{section}/owner", { onSuccess: () => refresh.all() });
  const [heir, setHeir] = useState("");
  if (!heirs.data || heirs.data.teachers.length === 0) return null;
  return (
    <section className="grid gap-3">
      <h2 className="h2rim">{t("class.handOver")}</h2>
      <p className="soft">{t("class.handOverHint", { name: heirs.data.owner })}</p>
      <label className="field">
        <span>{t("class.heir")}</span>
        <select value={heir} onChange={(event) => setHeir(event.target.value)}>
          <option value="" />
          {heirs.data.teachers.map((teacher) => (
            <option key={teacher.id} value={teacher.id}>
              {teacher.name}
            </option>
          ))}
        </select>
      </label>
      <FieldProblem>{handing.says}</FieldProblem>
      {heir !== "" && (
        <SendButton
          type="button"
          className="btn btn-outline min-h-11"
          isPending={handing.isPending}
          onClick={() => handing.send({ params: { path }, body: { teacher_id: Number(heir) } }, () => go("/today"))}
        >
          {t("class.handOverNow")}
        </SendButton>
      )}
    </section>
  );
}
