import type { ReactNode } from "react";
import { Link } from "react-router";
import Brand from "../kit/Brand";
import DemoNote from "./DemoNote";
import LanguageButton from "./LanguageButton";

/** The frame of all ways in: name, language, one column. */
export default function Door({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="student">
      <DemoNote />
      <header className="shead">
        <Link to="/" aria-label="Hovik">
          <Brand />
        </Link>
        <span className="ml-auto">
          <LanguageButton />
        </span>
      </header>
      <main className="door">
        <h1>{title}</h1>
        {children}
      </main>
    </div>
  );
}
