import { useQueryClient } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import PicturePick from "../kit/PicturePick";
import type { TechniquePage } from "./library";

/** A teacher's own picture of a step, in its place beside the drawing. */
export default function StepPicture({ step, has }: { step: TechniquePage["steps"][number]["id"]; has: boolean }) {
  const { t } = useTranslation();
  const known = useQueryClient();
  const anew = () => known.invalidateQueries({ queryKey: ["get", "/api/techniques"] });
  const keep = useSend("put", "/api/step-pictures/{of}", { onSuccess: anew });
  const remove = useSend("delete", "/api/step-pictures/{of}", { onSuccess: anew });
  const path = { params: { path: { of: step } } };
  return has ? (
    <button type="button" className="quiet" onClick={() => remove.send(path)}>
      {t("picture.remove")}
    </button>
  ) : (
    <PicturePick
      label={t("picture.own")}
      rule={t("picture.ownRule")}
      problem={keep.says ?? keep.at("picture")}
      onPicture={(picture) => keep.send({ ...path, body: { picture } })}
    />
  );
}
