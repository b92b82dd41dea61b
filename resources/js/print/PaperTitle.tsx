/** Letters that fit beside the lab's name at full size. */
const LONG = 18;

/** A page's name, smaller where it is long; `as` names the window and so the file that it is printed to. */
export default function PaperTitle({ title, as }: { title: string; as: string }) {
  return (
    <h1 data-title={as} className={title.length > LONG ? "is-long" : ""}>
      {title}
    </h1>
  );
}
