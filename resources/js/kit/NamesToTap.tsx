type One<Id> = { id: Id; name: string; under?: string };
type Props<Id> = { names: readonly One<Id>[]; chosen: Id | undefined; onChoose: (id: Id) => void; className?: string };

/** Large names, one of which is meant: who, which scale, what it will be. */
export default function NamesToTap<Id extends string | number>({ names, chosen, onChoose, className }: Props<Id>) {
  return (
    <div className={className ?? "choices"}>
      {names.map(({ id, name, under }) => (
        <button key={id} type="button" className="name" aria-pressed={id === chosen} onClick={() => onChoose(id)}>
          {name}
          {under !== undefined && <small>{under}</small>}
        </button>
      ))}
    </div>
  );
}
