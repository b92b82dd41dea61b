import { ask, button, enters, expect, measure, type Page, type School, typeOnKeypad } from "./school";

/** Closes the demo's lab and opens a lab of these lines, one of which may stand on the common shelf, prepared as wanted. */
export async function openLab(
  teacher: Page,
  school: School,
  title: string,
  lines: string,
  shared?: string,
  prepare: (lab: number) => Promise<void> = async () => {},
) {
  await enters(teacher, "teacher", { email: school.email, password: school.password });
  await ask(teacher, "POST", `/api/labs/${school.labs.buns}/close`);
  const { sections } = await ask(teacher, "GET", "/api/today");
  const recipe = await ask(teacher, "POST", "/api/recipes", {
    text: `${title}\n\nIngredients\n${lines}\n\nDirections\nMix it all.\nBake it.`,
    title,
  });
  const day = new Intl.DateTimeFormat("en-CA", { timeZone: "America/Denver" }).format(new Date());
  const lab = await ask(teacher, "POST", `/api/recipes/${recipe.id}/labs`, {
    section: sections[0].id,
    planned_for: day,
    for: "station",
    title,
  });
  if (shared) {
    await teacher.goto(`/labs/${lab.id}/prepare`);
    await teacher.getByRole("button", { name: `Settings for ${shared}` }).click();
    const stands = teacher.getByRole("region", { name: `Settings for ${shared}` }).getByLabel("on the shared shelf");
    // It is ticked on screen at once; the lab is opened when it is stored.
    const [stored] = await Promise.all([
      teacher.waitForResponse((answer) => answer.url().includes("/items/")),
      stands.click(),
    ]);
    expect(stored.status()).toBeLessThan(300);
    await expect(stands).toBeChecked();
  }
  await prepare(lab.id);
  await ask(teacher, "POST", `/api/labs/${lab.id}/open`);
  await teacher.goto(`/labs/${lab.id}`);
  await expect(teacher.getByRole("heading", { name: title })).toBeVisible();
  return lab.id as number;
}

export async function setUp(page: Page) {
  const open = page.locator('.station-check li button[aria-pressed="false"]');
  while ((await open.count()) > 0) await open.first().click();
  await button(page, "We are ready").click();
  await expect(page.getByRole("heading", { name: "What to measure" })).toBeVisible();
}

export async function weighIn(page: Page, ingredient: string, digits: string) {
  await measure(page, ingredient);
  await typeOnKeypad(page, digits);
  await button(page, "Check this weight").click();
}

/** Waits until the worker has everything it needs to go on without the network. */
export async function staysHere(page: Page) {
  await page.evaluate(() => navigator.serviceWorker.ready);
  const missing = () =>
    page.evaluate(async () => {
      const built: Record<string, { file: string }> = await (await fetch("/build/manifest.json")).json();
      const files = await caches.open("hovik-files-1");
      const here = await Promise.all(Object.values(built).map((one) => files.match(`/build/${one.file}`)));
      return here.filter((one) => one === undefined).length;
    });
  await expect.poll(missing).toBe(0);
}
