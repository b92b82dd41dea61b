import { type ChangeEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import { useKeptText } from "../kit/useKeptText";
import { useClassRefresh } from "./class";

/** A file's bytes as they are, so that a wrong encoding is found and not mended in silence. */
async function coded(file: File): Promise<string> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  let text = "";
  for (let i = 0; i < bytes.length; i += 8192) text += String.fromCharCode(...bytes.subarray(i, i + 8192));
  return btoa(text);
}

/** Names pasted or a file: looked at first, row by row, then taken whole. */
export default function Roster({ section }: { section: number }) {
  const { t } = useTranslation();
  const [text, setText, dropText] = useKeptText(`roster.${section}`);
  const [isFirstOnly, setFirstOnly] = useState(true);
  const [file, setFile] = useState<{ name: string; text: string }>();
  const after = useClassRefresh();
  const looking = useSend("post", "/api/sections/{section}/roster");
  const taking = useSend("post", "/api/sections/{section}/roster", after);
  const given = (look: boolean) => ({
    params: { path: { section } },
    body: { ...(file ? { text: file.text, coded: true } : { text }), look, first_names: isFirstOnly },
  });
  const take = () =>
    taking.send(given(false), () => {
      dropText();
      setFile(undefined);
      looking.reset();
    });
  const choose = async (event: ChangeEvent<HTMLInputElement>) => {
    const [chosen] = event.target.files ?? [];
    looking.reset();
    setFile(chosen ? { name: chosen.name, text: await coded(chosen) } : undefined);
  };
  const seen = looking.data;
  return (
    <section>
      <h2 className="h2rim">{t("class.roster")}</h2>
      <div className="grid gap-3 pt-3">
        <label className="field">
          <span>{t("class.paste")}</span>
          <textarea
            className="paste"
            rows={4}
            value={text}
            disabled={file !== undefined}
            aria-describedby="roster-hint roster-problem"
            onChange={(event) => {
              looking.reset();
              setText(event.target.value);
            }}
          />
          <small id="roster-hint" className="soft mt-1 block text-[1rem]">
            {t("class.rosterHint")}
          </small>
        </label>
        <label className="field">
          <span>{t("class.file")}</span>
          <input type="file" accept=".csv,.txt,text/csv,text/plain" onChange={choose} />
        </label>
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="size-5"
            checked={isFirstOnly}
            onChange={() => {
              looking.reset();
              setFirstOnly(!isFirstOnly);
            }}
          />
          {t("class.firstNames")}
        </label>
        <p className="flex flex-wrap gap-2">
          <SendButton
            type="button"
            className="btn btn-outline min-h-11"
            isPending={looking.isPending}
            onClick={() => looking.send(given(true))}
          >
            {t("class.look")}
          </SendButton>
          {seen && seen.faults.length === 0 && (
            <SendButton type="button" className="btn btn-primary min-h-11" isPending={taking.isPending} onClick={take}>
              {t("class.take", { count: seen.students.length })}
            </SendButton>
          )}
        </p>
        <div id="roster-problem" role="status">
          <FieldProblem>{looking.says ?? taking.says}</FieldProblem>
          {seen && seen.faults.length > 0 && (
            <>
              <p className="py-2 font-semibold">{t("class.faults", { count: seen.faults.length })}</p>
              <ul>
                {seen.faults.map((fault) => (
                  <li key={`${fault.row} ${fault.text}`} className="note">
                    {fault.row > 0 && <b>{t("class.row", { row: fault.row })} </b>}
                    {fault.text}
                  </li>
                ))}
              </ul>
            </>
          )}
          {seen && seen.faults.length === 0 && (
            <ol className="roster-seen">
              {seen.students.map((student) => (
                <li key={student.row + student.name}>{student.name}</li>
              ))}
            </ol>
          )}
        </div>
      </div>
    </section>
  );
}
