import { wholeLab } from "./room";
import { test } from "./school";

test("a whole lab in Spanish, by keys: three stations, a tablet, two phones, and all that goes wrong in one", async ({
  browser,
  school,
}) => {
  test.setTimeout(180_000);
  await wholeLab(browser, school, { language: "es", locale: "es-MX", isByKey: true });
});

// Run by bin/hovik bench rooms.
test("a whole lab in English, by mouse @rooms", async ({ browser, school }) => {
  test.setTimeout(180_000);
  await wholeLab(browser, school, { language: "en", locale: "en-US", isByKey: false });
});
