import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import Field from "../kit/Field";
import SendButton from "../kit/SendButton";
import { useFocusKept } from "../kit/useFocusKept";
import { useWordsRefresh, type Wording } from "./words";

/** One sentence: as it is said here, whose words they are, and a box to say it better. */
export default function WordingRow({ wording }: { wording: Wording }) {
  const { t } = useTranslation();
  const [text, write] = useState<string>(); // while it is being written
  const change = useFocusKept<HTMLButtonElement>(text === undefined ? 0 : 1);
  const after = useWordsRefresh();
  const keeping = useSend("put", "/api/wordings/{phrase}", after);
  const puttingBack = useSend("delete", "/api/wordings/{phrase}", after);
  const params = { path: { phrase: wording.id } };
  const said = wording.own ?? wording.seeded;
  const keep = (event: FormEvent) => {
    event.preventDefault();
    keeping.send({ params, body: { text: text ?? said } }, () => write(undefined));
  };
  return (
    <li className="wording">
      <p>
        {said} {wording.own !== null && <span className="tag-now">{t("words.ours")}</span>}
        {wording.own !== null && <small className="soft block">{t("words.was", { text: wording.seeded })}</small>}
      </p>
      {text === undefined ? (
        <span className="wording-do">
          <button
            ref={change}
            type="button"
            className="quiet"
            aria-label={t("words.changeOf", { text: said })}
            onClick={() => write(said)}
          >
            {t("words.change")}
          </button>
          {wording.own !== null && (
            <button
              type="button"
              className="quiet"
              aria-label={t("words.backOf", { text: said })}
              onClick={() => puttingBack.send({ params })}
            >
              {t("words.back")}
            </button>
          )}
        </span>
      ) : (
        <form onSubmit={keep} noValidate>
          <Field
            label={t("words.say")}
            value={text}
            maxLength={wording.longest}
            problem={keeping.says}
            autoFocus
            onChange={(event) => write(event.target.value)}
          />
          <SendButton className="btn btn-primary min-h-11" isPending={keeping.isPending}>
            {t("words.keep")}
          </SendButton>
          <button type="button" className="quiet" onClick={() => write(undefined)}>
            {t("words.leave")}
          </button>
        </form>
      )}
    </li>
  );
}
