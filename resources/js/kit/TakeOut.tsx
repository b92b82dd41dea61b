import { type ReactNode, useEffect, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import AskOnce from "./AskOnce";
import { UNDO_MS } from "./useUndoable";

type Props = {
  children: ReactNode;
  label?: string;
  question: string;
  /** what is said while the way back is open */
  gone: string;
  /** done once the way back is closed: after eight seconds, or when the page is left */
  take: () => void;
  /** asked first, where it can be refused: what may not go is not said to be gone */
  may?: () => Promise<boolean>;
  className?: string;
};

/** Takes something out: asks once, says that it is gone, and offers the way back before anything is sent. */
export default function TakeOut({ children, label, question, gone, take, may, className }: Props) {
  const { t } = useTranslation();
  const [isGone, setGone] = useState(false);
  const latest = useRef(take);
  latest.current = take;
  const back = useRef<HTMLButtonElement>(null);
  const isBack = useRef(false);
  useEffect(() => {
    if (!isGone) return;
    isBack.current = false;
    back.current?.focus();
    let isSent = false;
    const send = () => {
      if (isSent || isBack.current) return;
      isSent = true;
      latest.current();
    };
    const over = setTimeout(() => {
      send();
      setGone(false);
    }, UNDO_MS);
    return () => {
      clearTimeout(over);
      send();
    };
  }, [isGone]);
  if (isGone) {
    return (
      <span className="ask" role="status">
        <span>{gone}</span>
        <button
          ref={back}
          type="button"
          className="btn btn-now"
          onClick={() => {
            isBack.current = true;
            setGone(false);
          }}
        >
          {t("board.undo")}
        </button>
      </span>
    );
  }
  return (
    <AskOnce
      question={question}
      yes={t("ask.takeOut")}
      onYes={async () => {
        const isFree = may === undefined || (await may());
        if (isFree) setGone(true);
        return isFree;
      }}
      {...(label !== undefined && { label })}
      {...(className !== undefined && { className })}
    >
      {children}
    </AskOnce>
  );
}
