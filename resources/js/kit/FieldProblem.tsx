import { Wrong } from "./icons";

/** What is wrong, beside what it is about; announced when it appears. */
export default function FieldProblem({ id, children }: { id?: string; children: string | undefined }) {
  return (
    <span role="alert" id={id}>
      {children && (
        <span className="wrong">
          <Wrong size={22} />
          <span>{children}</span>
        </span>
      )}
    </span>
  );
}
