import "../../css/prepare.css";
import "../../css/review.css";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { $api, useSend } from "../api/query";
import ReviewTabs from "../review/ReviewTabs";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import RubricEditor from "./RubricEditor";

/** The rubrics there are; those that are ready are copied, the kitchen's own changed. */
export default function RubricsScreen() {
  const { t } = useTranslation();
  const known = useQueryClient();
  const list = $api.useQuery("get", "/api/rubrics");
  const [edited, setEdited] = useState<Schemas["RubricView"]>();
  const anew = async () => {
    await known.invalidateQueries({ queryKey: ["get", "/api/rubrics"] });
    setEdited(undefined);
  };
  const remove = useSend("delete", "/api/rubrics/{rubric}", { onSuccess: anew });
  if (list.isPending) return <Loading />;
  if (list.isError) return <ProblemNote error={list.error} retry={list.refetch} />;
  return (
    <main className="review">
      <ReviewTabs />
      {edited ? (
        <RubricEditor rubric={edited} usual={list.data.usual} onDone={anew} onCancel={() => setEdited(undefined)} />
      ) : (
        <>
          <h1>{t("rubrics.title")}</h1>
          <p className="soft">{t("rubrics.hint")}</p>
          <ul className="rubric-list">
            {list.data.rubrics.map((one) => (
              <li key={one.id ?? one.template}>
                <div>
                  <b>{one.name}</b>
                  <span className="soft">{one.parts.map((part) => `${part.said} ${part.weight}`).join(" · ")}</span>
                </div>
                <span>
                  {one.id !== null && (
                    <button
                      type="button"
                      className="quiet"
                      onClick={() => remove.send({ params: { path: { rubric: Number(one.id) } } })}
                    >
                      {t("rubrics.remove")}
                    </button>
                  )}
                  <button type="button" className="btn btn-outline" onClick={() => setEdited(one)}>
                    {t(one.id === null ? "rubrics.copy" : "rubrics.change")}
                  </button>
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </main>
  );
}
