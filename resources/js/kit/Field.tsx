import { type InputHTMLAttributes, useId } from "react";
import FieldProblem from "./FieldProblem";

type Props = InputHTMLAttributes<HTMLInputElement> & {
  label: string;
  hint?: string | undefined;
  problem?: string | undefined;
};

/** A labelled box, its hint, and what is wrong with it right below. */
export default function Field({ label, hint, problem, ...input }: Props) {
  const id = useId();
  return (
    <label className="field">
      <span>{label}</span>
      <input
        {...input}
        aria-invalid={problem !== undefined}
        aria-describedby={[hint && `${id}-hint`, problem && `${id}-problem`].filter(Boolean).join(" ") || undefined}
      />
      {hint && (
        <small id={`${id}-hint`} className="soft mt-1 block text-[1rem]">
          {hint}
        </small>
      )}
      <FieldProblem id={`${id}-problem`}>{problem}</FieldProblem>
    </label>
  );
}
