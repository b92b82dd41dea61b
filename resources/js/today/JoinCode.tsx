/** What students come in by. */
export default function JoinCode({ name, code }: { name: string; code: string }) {
  return (
    <>
      <dt>{name}</dt>
      <dd>{code}</dd>
    </>
  );
}
