import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { type Body, useSend } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import { emptied } from "../kit/sent";
import TakeOut from "../kit/TakeOut";
import { type Class, useClassRefresh } from "./class";

type Role = Body<"post", "/api/sections/{section}/colleagues">["role"];

/** Who else teaches here or helps, by the address they sign in with. */
export default function Colleagues({ one }: { one: Class }) {
  const { t } = useTranslation();
  const after = useClassRefresh();
  const inviting = useSend("post", "/api/sections/{section}/colleagues", after);
  const leaving = useSend("delete", "/api/sections/{section}/colleagues/{colleague}", after);
  const [email, setEmail] = useState("");
  const [role, setRole] = useState<Role>("co-teacher");
  const path = { section: one.id };
  const add = (event: FormEvent) => {
    event.preventDefault();
    inviting.send({ params: { path }, body: { email, role } }, () => setEmail(emptied(email)));
  };
  return (
    <section>
      <h2 className="h2rim">{t("class.colleagues")}</h2>
      <ul>
        {one.colleagues.map((colleague) => (
          <li key={colleague.id} className="note flex items-center justify-between">
            <span>
              {colleague.name}, {t(`class.${colleague.role}`)}
            </span>
            <TakeOut
              className="quiet !min-h-8"
              label={t("class.letGo", { name: colleague.name })}
              question={t("lab.takeOutSure", { name: colleague.name })}
              gone={t("lab.isOut", { name: colleague.name })}
              take={() => leaving.send({ params: { path: { ...path, colleague: colleague.id } } })}
            >
              {t("lab.takeOut")}
            </TakeOut>
          </li>
        ))}
      </ul>
      <FieldProblem>{leaving.says}</FieldProblem>
      <form className="grid gap-3 pt-3" onSubmit={add} noValidate>
        <Field
          label={t("class.email")}
          type="email"
          value={email}
          problem={inviting.says}
          onChange={(event) => setEmail(event.target.value)}
        />
        <label className="field">
          <span>{t("class.role")}</span>
          <select value={role} onChange={(event) => setRole(event.target.value as Role)}>
            <option value="co-teacher">{t("class.co-teacher")}</option>
            <option value="aide">{t("class.aide")}</option>
          </select>
        </label>
        <SendButton className="btn btn-outline min-h-11" isPending={inviting.isPending}>
          {t("class.invite")}
        </SendButton>
      </form>
    </section>
  );
}
