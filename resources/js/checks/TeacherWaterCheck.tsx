import { useEffect } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate, useSearchParams } from "react-router";
import { $api, useRefresh, useSend } from "../api/query";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import { begun, keepDraft } from "./checks";
import WaterCheck from "./WaterCheck";

/** From the drawer: kept, it is the tool's size from then on. */
export default function TeacherWaterCheck() {
  const { t } = useTranslation();
  const go = useNavigate();
  const [search, setSearch] = useSearchParams();
  const kind = search.get("kind");
  // What the drawer says is meant; a reload goes on with what was begun.
  useEffect(() => {
    if (kind === null) return;
    const name = search.get("name");
    keepDraft(
      begun({
        kind,
        mark: search.get("mark"),
        place: search.get("place"),
        ...(name !== null && { name, step: "fill" as const }),
      }),
    );
    setSearch({}, { replace: true });
  }, [kind, search, setSearch]);
  const tools = $api.useQuery("get", "/api/drawer/checking");
  const sending = useSend("put", "/api/drawer/checks/{check}");
  const refresh = useRefresh();
  const accepting = useSend("post", "/api/drawer/checks/{check}/accept", {
    onSuccess: () => refresh.of("/api/drawer", "/api/drawer/checking"),
  });
  if (tools.isPending) return <Loading />;
  if (!tools.data) return <ProblemNote error={tools.error} retry={tools.refetch} />;
  return (
    <WaterCheck
      all={tools.data}
      whose={t("water.desk")}
      result={sending.data}
      problem={sending.problem ?? accepting.problem}
      isPending={sending.isPending || accepting.isPending}
      send={(check, body, done) => sending.send({ params: { path: { check } }, body }, done)}
      keep={(result) =>
        accepting.send({ params: { path: { check: result.id } } }, () => {
          keepDraft(null);
          go(`/drawer?tool=${encodeURIComponent(result.name)}`);
        })
      }
      keepWord={t("water.keep")}
      leave={
        <button type="button" className="quiet" onClick={() => go("/drawer")}>
          {t("water.toDrawer")}
        </button>
      }
    />
  );
}
