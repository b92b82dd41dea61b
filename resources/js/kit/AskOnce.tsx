import { type ReactNode, useEffect, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import SendButton from "./SendButton";

// A double click, or a key that repeats, opens the question and does not answer it.
const DEAF_MS = 500;

type Props = {
  children: ReactNode;
  question: string;
  yes: string;
  /** tells false where nothing came of it, and the button stays */
  onYes: () => unknown;
  isPending?: boolean;
  className?: string;
  label?: string;
  /** Not asked: done at once. */
  isPlain?: boolean;
};

/** A button that asks once, in its own place, before it does what is hard to mend. The way back comes first, where the button was. */
export default function AskOnce({ children, question, yes, onYes, isPending, className, label, isPlain }: Props) {
  const { t } = useTranslation();
  const [askedAt, ask] = useState<number>();
  const button = useRef<HTMLButtonElement>(null);
  const no = useRef<HTMLButtonElement>(null);
  const isAsked = askedAt !== undefined && !isPlain;
  useEffect(() => {
    if (isAsked) no.current?.focus();
  }, [isAsked]);
  const hears = () => askedAt !== undefined && Date.now() - askedAt > DEAF_MS;
  const leave = () => {
    ask(undefined);
    requestAnimationFrame(() => button.current?.focus());
  };
  if (!isAsked) {
    return (
      <button
        ref={button}
        type="button"
        className={className ?? "btn btn-outline"}
        aria-label={label}
        onClick={() => (isPlain ? onYes() : ask(Date.now()))}
      >
        {children}
      </button>
    );
  }
  return (
    // biome-ignore lint/a11y/useSemanticElements: a fieldset has a look and a legend that do not fit in a row
    <span
      className="ask"
      role="group"
      aria-label={question}
      onKeyDown={(event) => {
        if (event.key !== "Escape") return;
        event.stopPropagation();
        leave();
      }}
    >
      <button ref={no} type="button" className="btn btn-outline" onClick={() => hears() && leave()}>
        {t("ask.no")}
      </button>
      <b>{question}</b>
      <SendButton
        type="button"
        className="btn btn-now"
        isPending={isPending ?? false}
        onClick={() => {
          if (!hears()) return;
          void Promise.resolve(onYes()).then((came) => (came === false ? leave() : ask(undefined)));
        }}
      >
        {yes}
      </SendButton>
    </span>
  );
}
