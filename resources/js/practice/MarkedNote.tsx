import { useEffect, useRef } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { Tick } from "../kit/icons";
import KitchenFraction from "../kit/KitchenFraction";
import TechniqueLink from "../technique/TechniqueLink";
import type { Question } from "./practice";

export type Marked = Schemas["PracticeMarked"];

/** How an answer was, and why; what is right is for everybody, answered or not. */
export default function MarkedNote({ question, marked }: { question: Question; marked: Marked }) {
  const { t } = useTranslation();
  const title = useRef<HTMLHeadingElement>(null);
  // For who hears the screen or uses the keyboard.
  useEffect(() => title.current?.focus(), []);
  return (
    <section className={`practice-marked ${marked.right ? "is-right" : ""}`} role="status">
      <h2 ref={title} tabIndex={-1}>
        {marked.right && <Tick size={26} />}
        {t(marked.right === null ? "practice.theAnswer" : marked.right ? "practice.right" : "practice.notYet")}
      </h2>
      {marked.because && <p>{marked.because}</p>}
      <p>
        <KitchenFraction>{marked.explanation}</KitchenFraction>
      </p>
      {question.about !== null && !marked.right && (
        <p>
          <TechniqueLink family={question.skill_id === "keep-safe" ? "care" : question.about} />
        </p>
      )}
      {marked.condition && <p className="soft">{marked.condition}</p>}
    </section>
  );
}
