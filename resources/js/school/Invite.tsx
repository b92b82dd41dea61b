import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { type Body, useSend } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import { type School, type Slip, usePeopleRefresh } from "./useSchool";

type Draft = Body<"post", "/api/school/slips">;
const ROLES = ["teacher", "aide", "keeper"] as const;

/** Who comes to the school, and as what. */
export default function Invite({
  school,
  canMail,
  made,
}: {
  school: School;
  canMail: boolean;
  made: (slip: Slip) => void;
}) {
  const { t } = useTranslation();
  const inviting = useSend("post", "/api/school/slips", usePeopleRefresh());
  const [draft, setDraft] = useState<Draft>({
    name: "",
    email: "",
    role: "teacher",
    kitchen_id: school.kitchens[0]?.id ?? 0,
    mail: canMail,
  });
  const change = (part: Partial<Draft>) => setDraft({ ...draft, ...part });
  const send = (event: FormEvent) => {
    event.preventDefault();
    inviting.send({ body: draft }, made);
  };
  return (
    <form className="invite" onSubmit={send} noValidate>
      <Field
        label={t("school.name")}
        value={draft.name}
        maxLength={80}
        autoComplete="off"
        problem={inviting.at("name")}
        onChange={(event) => change({ name: event.target.value })}
      />
      <Field
        label={t("signIn.email")}
        type="email"
        value={draft.email}
        autoComplete="off"
        problem={inviting.at("email")}
        onChange={(event) => change({ email: event.target.value })}
      />
      <label className="field">
        <span>{t("class.role")}</span>
        <select value={draft.role} onChange={(event) => change({ role: event.target.value as Draft["role"] })}>
          {ROLES.map((role) => (
            <option key={role} value={role}>
              {t(`school.role.${role}`)}
            </option>
          ))}
        </select>
        <small className="soft mt-1 block">{t(`school.may.${draft.role}`)}</small>
      </label>
      {school.kitchens.length > 1 && (
        <label className="field">
          <span>{t("school.kitchen")}</span>
          <select value={draft.kitchen_id} onChange={(event) => change({ kitchen_id: Number(event.target.value) })}>
            {school.kitchens.map((kitchen) => (
              <option key={kitchen.id} value={kitchen.id}>
                {kitchen.name}
              </option>
            ))}
          </select>
        </label>
      )}
      {canMail && (
        <label className="check">
          <input type="checkbox" checked={draft.mail} onChange={(event) => change({ mail: event.target.checked })} />
          {t("school.byMail")}
        </label>
      )}
      <FieldProblem>{inviting.at("kitchen_id") ?? inviting.problem?.ofAll}</FieldProblem>
      <SendButton className="btn btn-outline min-h-11 justify-self-start" isPending={inviting.isPending}>
        {t("school.makeSlip")}
      </SendButton>
    </form>
  );
}
