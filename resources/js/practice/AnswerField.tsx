import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Erase, Tick } from "../kit/icons";
import KitchenFraction from "../kit/KitchenFraction";
import ToolRow from "../kit/ToolRow";
import type { Answer, Choice, Question } from "./practice";
import ScaleKeys from "./ScaleKeys";

/** Once answered; with what is right, once that may be known. */
type Marked = { key: string[] } | undefined;
type Props = {
  question: Question;
  answer: Answer | undefined;
  marked: Marked;
  onAnswer: (answer: Answer | undefined) => void;
};

/** The place to answer, by how the question is answered. Every one works by touch and by keyboard. */
export default function AnswerField(props: Props) {
  switch (props.question.kind) {
    case "choice":
      return <OneOf {...props} />;
    case "order":
      return <InOrder {...props} />;
    case "number":
      return <NumberField {...props} />;
    case "tools":
      return <ToolCounts {...props} />;
    case "words":
      return <Words {...props} />;
    case "keys":
      return <ScaleKeys {...props} />;
  }
}

const drawn = (choice: Choice) =>
  choice.tool && <ToolRow k={11} label="" fills={[{ ...choice.tool, count: 1, mark_ml: null }]} />;

function OneOf({ question, answer, marked, onAnswer }: Props) {
  const { t } = useTranslation();
  const isDrawn = question.choices.some((choice) => choice.tool?.nominal === "");
  return (
    <fieldset className={`p-choices ${isDrawn ? "p-drawn" : ""}`} disabled={marked !== undefined}>
      <legend className="unseen">{t("practice.chooseOne")}</legend>
      {question.choices.map((choice, i) => (
        <button
          key={choice.id}
          type="button"
          className="name"
          aria-pressed={answer === choice.id}
          onClick={() => onAnswer(choice.id)}
        >
          {isDrawn && drawn(choice)}
          <span>
            {isDrawn ? t("practice.cup", { letter: "ABCDEF"[i] }) : <KitchenFraction>{choice.said}</KitchenFraction>}
          </span>
          {marked?.key.includes(choice.id) && (
            <span className="p-key">
              <Tick size={22} /> {t("practice.isRight")}
            </span>
          )}
        </button>
      ))}
    </fieldset>
  );
}

/** Tap a step to put it at the end; tap it in the list to take it back. What does not belong stays where it is. */
function InOrder({ question, answer, marked, onAnswer }: Props) {
  const { t } = useTranslation();
  const order = Array.isArray(answer) ? answer.map(String) : [];
  const said = (id: string) => question.choices.find((choice) => choice.id === id)?.said ?? "";
  const put = (next: string[]) => onAnswer(next.length > 0 ? next : undefined);
  return (
    <div className="p-order">
      <fieldset disabled={marked !== undefined}>
        <legend>{t("practice.take")}</legend>
        {question.choices
          .filter((choice) => !order.includes(choice.id))
          .map((choice) => (
            <button key={choice.id} type="button" className="name" onClick={() => put([...order, choice.id])}>
              {choice.said}
            </button>
          ))}
      </fieldset>
      <fieldset disabled={marked !== undefined}>
        <legend>{t("practice.order")}</legend>
        <ol>
          {order.map((id, i) => (
            <li key={id}>
              <button
                type="button"
                className="name"
                aria-label={t("practice.takeBack", { what: said(id) })}
                onClick={() => put(order.filter((one) => one !== id))}
              >
                <b className="num">{i + 1}</b> {said(id)}
              </button>
            </li>
          ))}
        </ol>
      </fieldset>
    </div>
  );
}

const FRACTIONS = ["1/4", "1/3", "1/2", "2/3", "3/4"];

function NumberField({ question, answer, marked, onAnswer }: Props) {
  const { t } = useTranslation();
  const typed = typeof answer === "string" ? answer : "";
  const put = (text: string) => onAnswer(text.trim() === "" ? undefined : text);
  return (
    <div className="p-number">
      <input
        value={typed}
        aria-label={t("practice.number")}
        placeholder="1 1/2"
        autoComplete="off"
        inputMode="text"
        maxLength={16}
        readOnly={marked !== undefined}
        onChange={(event) => put(event.target.value)}
      />
      <div className="p-keys">
        {["1", "2", "3", "4", "5", "6", "7", "8", "9", "0"].map((digit) => (
          <button
            key={digit}
            type="button"
            className="pick"
            disabled={marked !== undefined}
            onClick={() => put(typed + digit)}
          >
            {digit}
          </button>
        ))}
        {question.figure.rings === undefined &&
          FRACTIONS.map((fraction) => (
            <button
              key={fraction}
              type="button"
              className="pick"
              disabled={marked !== undefined}
              onClick={() => put(`${typed.trim()} ${fraction}`.trim())}
            >
              <KitchenFraction>{fraction}</KitchenFraction>
            </button>
          ))}
        <button
          type="button"
          className="pick p-erase"
          aria-label={t("keypad.back")}
          disabled={marked !== undefined}
          onClick={() => put(typed.slice(0, -1))}
        >
          <Erase size={26} />
        </button>
      </div>
    </div>
  );
}

function ToolCounts({ question, answer, marked, onAnswer }: Props) {
  const { t } = useTranslation();
  const counts = answer !== undefined && typeof answer === "object" && !Array.isArray(answer) ? answer : {};
  const put = (id: string, count: number) => {
    const next = { ...counts, [id]: count };
    if (count <= 0) delete next[id];
    onAnswer(Object.keys(next).length > 0 ? next : undefined);
  };
  return (
    <ul className="p-tools">
      {question.choices.map((choice) => {
        const count = counts[choice.id] ?? 0;
        return (
          <li key={choice.id} className={count > 0 ? "is-taken" : ""}>
            <span className="p-tool">{drawn(choice)}</span>
            <span className="p-name">{choice.said}</span>
            <button
              type="button"
              className="pick"
              disabled={count === 0 || marked !== undefined}
              aria-label={t("practice.less", { what: choice.said })}
              onClick={() => put(choice.id, count - 1)}
            >
              −
            </button>
            <output className="num" aria-label={choice.said}>
              {count}
            </output>
            <button
              type="button"
              className="pick"
              disabled={count >= 12 || marked !== undefined}
              aria-label={t("practice.more", { what: choice.said })}
              onClick={() => put(choice.id, count + 1)}
            >
              +
            </button>
          </li>
        );
      })}
    </ul>
  );
}

/** The line itself; each word is pressed or not. 'None' is an answer too. */
function Words({ question, answer, marked, onAnswer }: Props) {
  const { t } = useTranslation();
  const [isNone, setNone] = useState(false);
  const chosen = Array.isArray(answer) ? answer.map(Number) : [];
  return (
    <fieldset className="p-words" disabled={marked !== undefined}>
      <legend className="unseen">{t("practice.markWords")}</legend>
      <p lang="en">
        {(question.figure.words ?? []).map((word, i) => (
          <button
            // biome-ignore lint/suspicious/noArrayIndexKey: the words of one line, in order
            key={i}
            type="button"
            className="word"
            aria-pressed={chosen.includes(i)}
            onClick={() => {
              setNone(false);
              const next = chosen.includes(i) ? chosen.filter((one) => one !== i) : [...chosen, i];
              onAnswer(next.length > 0 ? next : undefined);
            }}
          >
            <KitchenFraction>{word}</KitchenFraction>
          </button>
        ))}
      </p>
      <button
        type="button"
        className="name"
        aria-pressed={isNone}
        onClick={() => {
          setNone(true);
          onAnswer([]);
        }}
      >
        {t("practice.none")}
      </button>
    </fieldset>
  );
}
