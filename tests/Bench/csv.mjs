// Tables that go out, opened by a spreadsheet program without a screen: what is a number there, what is text, and that no cell is a formula.
import { execFileSync } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { signIn } from "./visitor.mjs";

const teacher = await signIn("/api/teacher/session", { email: "bench1@school.example", password: "bench-and-flour" });
const folder = mkdtempSync(join(tmpdir(), "hovik-csv-"));
const cells = (xml) =>
  [...xml.matchAll(/<table:table-cell([^>]*?)(?:\/>|>(.*?)<\/table:table-cell>)/gs)].map(([, head, body]) => ({
    type: /office:value-type="(\w+)"/.exec(head)?.[1],
    value: /office:value="([^"]*)"/.exec(head)?.[1],
    formula: head.includes("table:formula"),
    text: (body ?? "")
      .replace(/<[^>]+>/g, "")
      .replaceAll("&apos;", "'")
      .replaceAll("&amp;", "&"),
  }));
let wrong = 0;
const must = (holds, what) => {
  if (!holds) {
    wrong++;
    console.log(`  WRONG: ${what}`);
  }
};
try {
  // Separator, quotation mark, UTF-8, from the first row; then the language by which numbers are read.
  for (const [language, between, region] of [
    ["en-US", 44, 1033],
    ["es-ES", 59, 3082],
  ]) {
    for (const table of ["weighings", "results", "practice", "checks"]) {
      const answer = await teacher.ask("GET", `/api/sections/1/files/${table}.csv?language=${language}`);
      if (answer.status !== 200) throw new Error(`${table}: ${answer.status}`);
      const lines = answer.text.split("\r\n");
      const some = lines.slice(0, 400).join("\r\n");
      const file = join(folder, `${table}-${language}.csv`);
      writeFileSync(file, some);
      execFileSync(
        "soffice",
        [
          "--headless",
          `-env:UserInstallation=file://${folder}/profile`,
          `--infilter=CSV:${between},34,76,1,,${region},false,true`,
          "--convert-to",
          "fods",
          "--outdir",
          folder,
          file,
        ],
        { stdio: "ignore", timeout: 120_000 },
      );
      const all = cells(readFileSync(file.replace(".csv", ".fods"), "utf8"));
      must(answer.text.startsWith("\uFEFF"), `${table} ${language}: no mark at its start`);
      must(!all.some((cell) => cell.formula), `${table} ${language}: a cell is a formula`);
      if (table === "weighings") {
        const numbers = all.filter((cell) => cell.type === "float");
        must(
          numbers.some((cell) => /^-\d+\.\d+$/.test(cell.value)),
          `${table} ${language}: no negative decimal arrived as a number`,
        );
        must(
          all.some((cell) => cell.text.includes("Ñandú Öström")),
          `${table} ${language}: accents are lost`,
        );
        must(
          all.some((cell) => cell.text.includes("小明")),
          `${table} ${language}: other scripts are lost`,
        );
        must(
          all.some((cell) => cell.text.includes("D'Arcy; O’Neil")),
          `${table} ${language}: marks within a name are lost`,
        );
        must(
          all.some((cell) => cell.text.includes("=1+1") && cell.type === "string"),
          `${table} ${language}: '=1+1' is no text`,
        );
        console.log(`  ${table}, ${language}: ${numbers.length} numbers of ${all.length} cells`);
      } else console.log(`  ${table}, ${language}: ${all.length} cells`);
    }
  }
} finally {
  rmSync(folder, { recursive: true, force: true });
}
console.log(wrong === 0 ? "  all as it should be" : `  ${wrong} wrong`);
process.exit(wrong === 0 ? 0 : 1);
