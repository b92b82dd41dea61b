import { useQueryClient } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { useSend } from "../api/query";

/** Pictures of what was measured; one that should not be there is taken away for good. */
export default function PhotoList({ photos }: { photos: Schemas["PhotoRow"][] }) {
  const { t } = useTranslation();
  const known = useQueryClient();
  const remove = useSend("delete", "/api/photos/{photo}", { onSuccess: () => known.invalidateQueries() });
  if (photos.length === 0) return null;
  return (
    <section>
      <h2 className="h2rim">{t("lab2.photos")}</h2>
      <ul className="photo-list">
        {photos.map((one) => (
          <li key={one.id}>
            <figure>
              <img src={`/api/photos/${one.id}/jpeg`} alt={t("picture.of", { what: one.food })} loading="lazy" />
              <figcaption>
                {[one.food, one.student].filter(Boolean).join(", ")}{" "}
                <button
                  type="button"
                  className="quiet"
                  onClick={() => remove.send({ params: { path: { photo: one.id } } })}
                >
                  {t("picture.remove")}
                </button>
              </figcaption>
            </figure>
          </li>
        ))}
      </ul>
    </section>
  );
}
