import type { ReactNode } from "react";

type Props = { label: string; accept: string; take: (text: string) => void; children?: ReactNode };

/** A file whose text is taken: a button in the reader's own words, since a browser's is in the browser's. */
export default function FilePick({ label, accept, take, children }: Props) {
  return (
    <>
      <label className="file-pick btn btn-outline">
        {label}
        <input
          type="file"
          accept={accept}
          onChange={async (event) => {
            const [file] = event.target.files ?? [];
            if (file) take(await file.text());
          }}
        />
      </label>
      {children}
    </>
  );
}
