import { useTranslation } from "react-i18next";
import type { Tool } from "./drawer";
import ToolLink from "./ToolLink";

type Props = { tools: Tool[]; open: (id: string) => void };

/** With nothing open: what no plan uses, and what each station has of its own. */
export default function OutOfUse({ tools, open }: Props) {
  const { t } = useTranslation();
  const owned = tools.filter((tool) => tool.count > 0);
  const groups = [
    ["drawer.outOfUse", owned.filter((tool) => tool.retired > 0 || tool.marks.some((mark) => mark.worn))],
    ["drawer.sets", owned.filter((tool) => tool.in_set > 0)],
  ] as const;
  return (
    <>
      <p className="note">{t("drawer.pick")}</p>
      {groups.map(
        ([said, these]) =>
          these.length > 0 && (
            <section key={said}>
              <h2 className="h2rim">{t(said)}</h2>
              <ul>
                {these.map((tool) => (
                  <ToolLink key={tool.id} tool={tool} open={open} />
                ))}
              </ul>
            </section>
          ),
      )}
    </>
  );
}
