import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import { useMoment } from "../kit/useMoment";
import { type Person, type School, type Slip, usePeopleRefresh } from "./useSchool";

const ROLES = ["keeper", "teacher", "aide"] as const;
type Props = { person: Person; school: School; made: (slip: Slip) => void };

/** One adult: what they are, where, when they were here, and what can be done about their sign-in. */
export default function PersonLine({ person, school, made }: Props) {
  const { t } = useTranslation();
  const after = usePeopleRefresh();
  const moment = useMoment(school.time_zone);
  const changing = useSend("put", "/api/school/people/{person}", after);
  const resetting = useSend("post", "/api/school/people/{person}/slip", after);
  const ending = useSend("delete", "/api/school/people/{person}/sessions", after);
  const path = { person: person.id };
  const change = (part: Partial<Pick<Person, "role" | "kitchen_id" | "active">>) =>
    changing.send({
      params: { path },
      body: { role: person.role, kitchen_id: person.kitchen_id, active: person.active, ...part },
    });
  return (
    <li className={person.active ? "" : "is-away"}>
      <span className="who-is">
        <b>{person.name}</b>
        <small>{person.email}</small>
        {person.classes.length > 0 && <small>{person.classes.join(", ")}</small>}
      </span>
      <span className="field">
        <select
          aria-label={t("school.roleOf", { name: person.name })}
          value={person.role}
          onChange={(event) => change({ role: event.target.value as Person["role"] })}
        >
          {ROLES.map((role) => (
            <option key={role} value={role}>
              {t(`school.role.${role}`)}
            </option>
          ))}
        </select>
        {school.kitchens.length > 1 && (
          <select
            className="mt-1"
            aria-label={t("school.kitchenOf", { name: person.name })}
            value={person.kitchen_id}
            onChange={(event) => change({ kitchen_id: Number(event.target.value) })}
          >
            {school.kitchens.map((kitchen) => (
              <option key={kitchen.id} value={kitchen.id}>
                {kitchen.name}
              </option>
            ))}
          </select>
        )}
      </span>
      <span>
        {!person.active && t("school.noAccess")}
        {person.active && (person.seen_at ? moment(person.seen_at) : t("school.notIn"))}
        {person.devices > 0 && <small>{t("school.devices", { count: person.devices })}</small>}
      </span>
      <span className="acts">
        {person.active && (
          <button
            type="button"
            className="quiet"
            aria-label={t("school.resetOf", { name: person.name })}
            onClick={() => resetting.send({ params: { path }, body: { mail: false } }, made)}
          >
            {t("school.reset")}
          </button>
        )}
        {person.devices > 0 && (
          <button
            type="button"
            className="quiet"
            aria-label={t("school.signOutOf", { name: person.name })}
            onClick={() => ending.send({ params: { path } })}
          >
            {t("school.signOut")}
          </button>
        )}
        <button
          type="button"
          className="quiet"
          aria-label={t(person.active ? "school.takeAccessOf" : "school.giveAccessOf", { name: person.name })}
          onClick={() => change({ active: !person.active })}
        >
          {t(person.active ? "school.takeAccess" : "school.giveAccess")}
        </button>
      </span>
      <FieldProblem>{changing.says ?? resetting.says ?? ending.says}</FieldProblem>
    </li>
  );
}
