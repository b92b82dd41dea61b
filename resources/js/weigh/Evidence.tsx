import { useQueryClient } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { ulid } from "ulid";
import { $api, useSend } from "../api/query";
import PicturePick from "../kit/PicturePick";
import type { Result } from "./kitchen";
import { useKitchen } from "./kitchen";

/** Pictures of what was just measured: kept with its line, where the school wants that. */
export default function Evidence({ result }: { result: Result }) {
  const { t } = useTranslation();
  const known = useQueryClient();
  const kitchen = useKitchen();
  const asked = $api.useQuery("get", "/api/photos");
  const anew = () => known.invalidateQueries({ queryKey: ["get", "/api/photos"] });
  const keep = useSend("put", "/api/photos/{photo}", { onSuccess: anew });
  const remove = useSend("delete", "/api/photos/{photo}", { onSuccess: anew });
  const mine = asked.data?.filter((one) => one.line_id === result.line_id) ?? [];
  const by = kitchen.students.find((one) => one.name === result.student)?.id ?? null;
  return (
    <section className="v-also">
      {mine.map((one) => (
        <p key={one.id}>
          <img className="own-picture" src={`/api/photos/${one.id}/jpeg`} alt={t("picture.of", { what: one.food })} />
          <button type="button" className="quiet" onClick={() => remove.send({ params: { path: { photo: one.id } } })}>
            {t("picture.remove")}
          </button>
        </p>
      ))}
      {mine.length > 0 && <p role="status">{t("picture.kept")}</p>}
      <PicturePick
        label={t("picture.take")}
        rule={t("picture.rule")}
        problem={keep.says ?? keep.at("picture")}
        onPicture={(picture) =>
          keep.send({
            params: { path: { photo: ulid() } },
            body: { picture, line_id: result.line_id, student_id: by },
          })
        }
      />
    </section>
  );
}
