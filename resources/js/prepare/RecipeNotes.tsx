/** Sentences under a title; nothing where there are none. */
export default function RecipeNotes({ title, sentences }: { title: string; sentences: string[] }) {
  if (sentences.length === 0) return null;
  return (
    <section>
      <h2 className="h2rim">{title}</h2>
      <ul>
        {sentences.map((sentence) => (
          <li key={sentence} className="note">
            {sentence}
          </li>
        ))}
      </ul>
    </section>
  );
}
