/** One stroke a weighing, as on paper; five say "five or more". */
export default function Tally({ count }: { count: number }) {
  return (
    <span className="tally" aria-hidden>
      {Array.from({ length: Math.min(count, 5) }, (_, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: strokes are all alike
        <i key={i} />
      ))}
    </span>
  );
}
