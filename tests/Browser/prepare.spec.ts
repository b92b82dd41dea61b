import {
  ask,
  button,
  expect,
  expectAccessible,
  type Page,
  someone,
  tabTo,
  teacherIsAt,
  teacherSignsIn,
  test,
} from "./school";

const RECIPE = `Oat squares
Makes 16

Ingredients
2 cups rolled oats
1 cup all-purpose flour
1/2 cup packed light brown sugar
8 oz milk
1/4 cup honey
6 tbsp butter, melted
1 tsp ground cinnamon
1/2 tsp table salt

Directions
Mix the dry ingredients. Stir in the milk, the honey and the butter.
Bake in the oven for 20 minutes.`;

async function press(page: Page, name: string | RegExp, role: "button" | "link" = "button") {
  await tabTo(page.getByRole(role, { name }));
  await page.keyboard.press("Enter");
}

test("from a pasted recipe to printed cards and an open lab, by keyboard alone", async ({ browser, school }) => {
  test.setTimeout(180_000);
  const page = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherSignsIn(page, school);
  await press(page, "Prepare", "link");
  await tabTo(page.getByRole("textbox", { name: "Paste a recipe" }));
  await page.keyboard.insertText(RECIPE);
  await press(page, "Read the recipe");

  await expect(page.getByRole("heading", { level: 1, name: "Oat squares" })).toBeVisible();
  await expect(page.getByText("1 ingredient cannot be measured yet")).toBeVisible();
  await press(page, /^8 fl oz in the liquid measuring cup/);
  await expect(page.getByText("Nothing left to decide.")).toBeVisible();
  await expect(page.getByRole("heading", { name: "To decide" })).toBeFocused();

  await press(page, "Fix: 1/4 cup honey");
  const amount = page.getByLabel("Amount", { exact: true });
  await tabTo(page.getByRole("textbox", { name: "Amount" }));
  await amount.selectText();
  await page.keyboard.type("1/3");
  await press(page, "Decide");
  await expect(page.getByRole("cell", { name: "one third cup", exact: true })).toBeVisible();
  await expect(button(page, "Fix: 1/4 cup honey")).toBeFocused();

  await press(page, "Smaller batch");
  await press(page, "Smaller batch");
  await press(page, "Smaller batch");
  await expect(page.getByRole("textbox", { name: "How many times" })).toHaveValue("1/2");
  await expect(page.getByRole("row", { name: /2 cups rolled oats/ })).toContainText("81 g");
  await expectAccessible(page);
  await page.getByRole("radio", { name: /^Each station/ }).focus();
  await page.keyboard.press("Space");
  await expect(page.locator(".to-buy li", { hasText: "Rolled oats" })).toHaveText(/^Rolled oats\d+ g$/);
  await press(page, "Make a lab");

  await expect(page.getByRole("columnheader", { name: "Tools" })).toBeVisible();
  await expect(page.getByText("Contains wheat, milk. Warn the whole class.")).toBeVisible();
  await expect(page.getByRole("row", { name: /Rolled oats/ }).first()).toContainText("81 g");
  await expectAccessible(page);
  await press(page, "Print");
  await press(page, "Station cards", "link");
  await expect(page.locator(".paper-page")).toHaveCount(6);
  await expect(page.getByRole("heading", { name: "Hazel" })).toBeVisible();
  await expect(page.locator(".paper-page").first()).toContainText("Rolled oats");
  await expectAccessible(page);
  await press(page, "Back");
  await press(page, "Archive");
  await expect(page.getByRole("heading", { level: 1, name: "Prepare" })).toBeVisible();
});

for (const [what, pages] of [
  ["cards", 6],
  ["sheet", 1],
  ["list", 1],
  ["techniques", 2],
  ["blank", 6],
] as const) {
  test(`${what} print on ${pages} pages, on A4 and on Letter`, async ({ browser, school }) => {
    const page = await someone(browser);
    await teacherIsAt(page, school, `/print/labs/${school.labs.buns}/${what}`);
    await expect(page.locator(".paper-page").first()).toBeVisible();
    for (const format of ["A4", "Letter"]) {
      const pdf = (await page.pdf({ format })).toString("latin1");
      expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(pages);
    }
  });
}

test("fourteen lines stand on one card, under a long name, on A4 and on Letter, and the file is named", async ({
  browser,
  school,
}) => {
  const page = await someone(browser);
  await teacherSignsIn(page, school);
  const foods = ["bread flour", "rolled oats", "light brown sugar", "butter, melted", "honey", "whole milk", "eggs"];
  const more = [
    "all-purpose flour",
    "granulated sugar",
    "powdered sugar",
    "sour cream",
    "raisins",
    "cocoa powder",
    "olive oil",
  ];
  const title = "Grandmother's overnight oat and cardamom pull-apart loaf";
  const recipe = await ask(page, "POST", "/api/recipes", {
    text: `${title}\n\nIngredients\n${[...foods, ...more].map((food) => `1 1/2 cups ${food}`).join("\n")}`.replace(
      "1 1/2 cups eggs",
      "6 eggs",
    ),
    title,
  });
  const { sections } = await ask(page, "GET", "/api/today");
  const lab = await ask(page, "POST", `/api/recipes/${recipe.id}/labs`, {
    section: sections[0].id,
    planned_for: "2026-12-08",
    for: "station",
  });
  await page.goto(`/print/labs/${lab.id}/cards`);
  await expect(page.locator(".paper-page").first().locator(".card-row")).toHaveCount(14);
  await expect(page).toHaveTitle(/^Station cards, Grandmother's overnight/);
  for (const format of ["A4", "Letter"]) {
    const pdf = (await page.pdf({ format })).toString("latin1");
    expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(6);
  }
});

test("a change makes a version with its note, and what cannot be read stays in sight", async ({ browser, school }) => {
  const page = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherSignsIn(page, school);
  await page.getByRole("link", { name: "Prepare" }).click();
  await page.getByRole("link", { name: /Ginger pear loaf 8 ingredients/ }).click();
  await expect(page.getByText("2 ingredients cannot be measured yet")).toBeVisible();
  await expect(page.locator(".part-unread", { hasText: "pears" })).toBeVisible();
  await button(page, "Change the recipe").click();
  const text = page.getByLabel("Change the recipe");
  await text.fill((await text.inputValue()).replace("2 tsp ground ginger", "1 tbsp ground ginger"));
  await page.getByLabel("What changed, and why").fill("More ginger: too mild.");
  await button(page, "Save as version 2").click();
  await expect(page.getByText("2: More ginger: too mild.")).toBeVisible();
  await expect(page.getByRole("row", { name: /1 tbsp ground ginger/ })).toContainText("5.4 g");
  await button(page, "Leave it out").click();
  await expect(page.getByText("1 ingredient cannot be measured yet")).toBeVisible();
});

test("nonsense in the paste box gets its message beside it", async ({ browser, school }) => {
  const page = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherSignsIn(page, school);
  await page.getByRole("link", { name: "Prepare" }).click();
  await button(page, "Read the recipe").click();
  await expect(page.locator("#paste-problem")).toContainText("Fill this in.");
  await page.getByLabel("Paste a recipe").fill("1 cup flour\n".repeat(301));
  await button(page, "Read the recipe").click();
  await expect(page.locator("#paste-problem")).toContainText("too many lines");
});

test("from nothing to printed cards for eight lines: under 25 interactions and two minutes", async ({
  browser,
  school,
}) => {
  test.setTimeout(120_000);
  const page = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherSignsIn(page, school);
  let count = 0;
  const click = async (name: string | RegExp, role: "button" | "link" = "button") => {
    await page.getByRole(role, { name }).first().click();
    count++;
  };
  const fill = async (label: string, text: string) => {
    await page.getByLabel(label).first().fill(text);
    count++;
  };
  const from = Date.now();
  await click("Class", "link");
  await click("Create a class");
  await fill("Name of the class", "Foods 5");
  await fill("Begins", "13:10");
  await fill("Ends", "13:57");
  await click("Create a class");
  await expect(page.getByRole("heading", { level: 1, name: "Foods 5" })).toBeVisible();
  for (const station of ["Ash", "Elm"]) {
    await fill("Another station", station);
    await click("Add");
    await expect(page.getByRole("heading", { name: station })).toBeVisible();
  }
  await click("Prepare", "link");
  await fill("Paste a recipe", RECIPE);
  await click("Read the recipe");
  await click(/^8 fl oz in the liquid measuring cup/);
  await expect(page.getByText("Nothing left to decide.")).toBeVisible();
  await expect(page.locator("main").getByRole("combobox", { name: "Class" })).toHaveValue(/\d/);
  await page.locator("main").getByRole("combobox", { name: "Class" }).selectOption({ label: "Foods 5" });
  count++;
  await page.getByRole("radio", { name: /^The whole class/ }).check();
  count++;
  await click("Make a lab");
  await click("Print");
  await click("Station cards", "link");
  await expect(page.locator(".paper-page")).toHaveCount(2);
  await expect(page.locator(".paper-page").first().locator(".card-row")).toHaveCount(8);
  await page.evaluate(() => {
    (window as unknown as { printed: number }).printed = 0;
    window.print = () => {
      (window as unknown as { printed: number }).printed++;
    };
  });
  await click("Print");
  expect(await page.evaluate(() => (window as unknown as { printed: number }).printed)).toBe(1);
  expect(count).toBeLessThan(25);
  expect(Date.now() - from).toBeLessThan(120_000);
  test.info().annotations.push({ type: "interactions", description: String(count) });
});

test("a double click makes one recipe, one class and one lab", async ({ browser, school }) => {
  const page = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherIsAt(page, school, "/prepare");
  await page.getByRole("textbox", { name: "Paste a recipe" }).fill("Twice once\n1 cup all-purpose flour\n2 eggs");
  await button(page, "Read the recipe").dblclick();
  await expect(page.getByRole("heading", { level: 1, name: "Twice once" })).toBeVisible();
  await page.goto("/prepare");
  await expect(page.getByRole("link", { name: /^Twice once/ })).toHaveCount(1);
  await page.getByRole("link", { name: /^Twice once/ }).click();
  await page.getByRole("radio", { name: /^The whole class/ }).check();
  await button(page, "Make a lab").dblclick();
  await expect(page.getByRole("columnheader", { name: "Tools" })).toBeVisible();
  await page.goto("/prepare");
  await expect(page.getByRole("listitem").filter({ hasText: "Twice once" }).filter({ hasText: "Foods 1" })).toHaveCount(
    1,
  );
  await page.goto("/class");
  await button(page, "Create a class").click();
  await page.getByLabel("Name of the class").fill("Foods 9");
  await page.getByLabel("Begins").fill("08:00");
  await page.getByLabel("Ends").fill("08:47");
  await button(page, "Create a class").dblclick();
  await expect(page.getByRole("heading", { level: 1, name: "Foods 9" })).toBeVisible();
  await page.reload();
  await expect(page.getByRole("combobox", { name: "Class", exact: true }).getByRole("option")).toHaveText([
    /Foods 1, period 4/,
    "Foods 9",
  ]); // and there is no other
});

/** What no Spanish reader should meet: names of people and places are data. */
const ENGLISH = /\b(the|with|and|cups?|tbsp|tsp|flour|sugar|butter|milk|level|weigh|sweep|spoon)\b/i;

test("a saved page in Spanish, by file, to cards in Spanish that hold no English", async ({ browser, school }) => {
  test.setTimeout(120_000);
  const page = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherSignsIn(page, school);
  await button(page, "I. Achter-Lind").click();
  await button(page, "Español").click();
  await page.getByRole("link", { name: "Preparar", exact: true }).click();
  await page.locator(".file-pick input").first().setInputFiles("tests/Core/pages/pan-dulce.html");
  await expect(page.getByRole("textbox", { name: "Pega una receta" })).toHaveValue(/Conchas de vainilla/);
  await button(page, "Leer la receta").click();

  await expect(page.getByRole("heading", { level: 1, name: "Conchas de vainilla" })).toBeVisible();
  await expect(page.getByText("No queda nada por decidir.")).toBeVisible();
  await expect(page.getByRole("row", { name: /4 tazas de harina de trigo/ })).toContainText("500 g");
  await expectAccessible(page);
  await expect(page.locator("main table")).not.toContainText(ENGLISH);

  await page.getByRole("radio", { name: /^Cada estación/ }).check();
  await button(page, "Crear un laboratorio").click();
  await expect(page.getByRole("heading", { name: "Antes del día" })).toBeVisible();
  await expectAccessible(page);
  await expect(page.locator(".lab-t")).not.toContainText(ENGLISH);
  await button(page, "Imprimir").click();
  await page.getByRole("link", { name: "Tarjetas de estación" }).click();
  await expect(page.getByRole("heading", { name: "Hazel" })).toBeVisible();
  await expect(page.locator(".card-rows").first()).not.toContainText(ENGLISH);
});

test("lines that nobody reads, foods that nobody knows: settled in one go, found by a word, added on their line", async ({
  browser,
  school,
}) => {
  const page = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherSignsIn(page, school);
  await page.getByRole("link", { name: "Prepare", exact: true }).click();
  await page
    .getByRole("textbox", { name: "Paste a recipe" })
    .fill("Pie\nIngredients\nTHE BOTTOM BIT\n1 cup all-purpose flour\nWITH A LID\n2 cups teff flakes\n1 cup moo juice");
  await button(page, "Read the recipe").click();
  await expect(page.getByText("2 lines were not read")).toBeVisible();
  await button(page, "These are headings").click();
  await expect(page.getByRole("rowheader", { name: /^THE BOTTOM BIT/ })).toBeVisible();

  await button(page, "Fix: 1 cup moo juice").click();
  await page.getByLabel("Find the ingredient").fill("leche entera");
  await page.getByLabel("Choose the ingredient").selectOption({ label: "Whole milk" });
  await expectAccessible(page);
  await button(page, "Decide").click();
  await expect(page.getByRole("row", { name: /^1 cup moo juice/ })).toContainText("Whole milk");

  await button(page, "Fix: 2 cups teff flakes").click();
  await button(page, "Add this food to the pantry").click();
  await expect(page.getByLabel("Its name")).toHaveValue("teff flakes");
  await page.getByLabel("Measured like").selectOption("coarse-grain");
  await page.getByLabel("Why").fill("A guess, until we weigh it.");
  await button(page, "Add").click();
  await expect(page.getByText("Nothing left to decide.")).toBeVisible();
});
