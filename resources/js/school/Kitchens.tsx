import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useRefresh, useSend } from "../api/query";
import Field from "../kit/Field";
import SendButton from "../kit/SendButton";
import { emptied } from "../kit/sent";
import type { School } from "./useSchool";

/** School rooms with a drawer and a pantry of their own. */
export default function Kitchens({ school }: { school: School }) {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const adding = useSend("post", "/api/school/kitchens", { onSuccess: () => refresh.of("/api/school") });
  const [name, setName] = useState("");
  const add = (event: FormEvent) => {
    event.preventDefault();
    adding.send({ body: { name } }, () => setName(emptied(name)));
  };
  return (
    <section>
      <h2 className="h2rim">{t("school.kitchens")}</h2>
      <ul>
        {school.kitchens.map((kitchen) => (
          <li key={kitchen.id} className="note">
            {kitchen.name}
          </li>
        ))}
      </ul>
      <form className="grid gap-3 pt-3" onSubmit={add} noValidate>
        <Field
          label={t("school.newKitchen")}
          value={name}
          maxLength={80}
          problem={adding.says}
          onChange={(event) => setName(event.target.value)}
        />
        <SendButton className="btn btn-outline min-h-11" isPending={adding.isPending}>
          {t("class.add")}
        </SendButton>
      </form>
    </section>
  );
}
