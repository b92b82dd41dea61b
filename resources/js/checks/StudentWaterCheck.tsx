import { useState } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import { $api, useRefresh, useSend } from "../api/query";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import { useKitchen } from "../weigh/kitchen";
import { begun, keepDraft } from "./checks";
import WaterCheck from "./WaterCheck";

/** At a station, or on a student's own phone: handed in, it waits for the teacher. */
export default function StudentWaterCheck() {
  const { t } = useTranslation();
  const go = useNavigate();
  const kitchen = useKitchen();
  const refresh = useRefresh();
  const [told, tell] = useState<string>();
  const tools = $api.useQuery("get", "/api/checking");
  const sending = useSend("put", "/api/checks/{check}");
  const handing = useSend("post", "/api/checks/{check}/hand-in", {
    onSuccess: () => refresh.of("/api/checking"),
  });
  if (tools.isPending) return <Loading />;
  if (!tools.data) return <ProblemNote error={tools.error} retry={tools.refetch} />;
  return (
    <>
      {told && (
        <p role="status" className="w-told">
          {told}
        </p>
      )}
      <WaterCheck
        all={tools.data}
        whose={kitchen.station ?? kitchen.name}
        result={sending.data}
        problem={sending.problem ?? handing.problem}
        isPending={sending.isPending || handing.isPending}
        send={(check, body, done) => sending.send({ params: { path: { check } }, body }, done)}
        keep={(result) =>
          handing.send({ params: { path: { check: result.id } } }, () => {
            keepDraft(begun());
            sending.reset();
            tell(t("water.handedIn", { name: result.name }));
          })
        }
        keepWord={t("water.handIn")}
        leave={
          <button type="button" className="quiet" onClick={() => go("/kitchen")}>
            {t("water.leave")}
          </button>
        }
      />
    </>
  );
}
