import { useState } from "react";
import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";

/** A class that was taken out comes in again. */
export default function TakeIn() {
  const { t } = useTranslation();
  const [isIn, setIsIn] = useState(false);
  const take = useSend("post", "/api/sections/taken-in", { onSuccess: () => setIsIn(true) });
  return (
    <li>
      <div>
        <b>{t("files.takeIn")}</b>
        <span className="soft">{t("files.takeInHint")}</span>
        {isIn && <span role="status">{t("files.took")}</span>}
        <FieldProblem>{take.at("bundle") ?? take.says}</FieldProblem>
      </div>
      <label className="picture-pick">
        <span className="btn btn-outline">{t("files.pick")}</span>
        <input
          type="file"
          accept="application/json,.json"
          disabled={take.isPending}
          onChange={async (event) => {
            const file = event.target.files?.[0];
            event.target.value = "";
            if (file) take.send({ body: { bundle: await file.text() } });
          }}
        />
      </label>
    </li>
  );
}
