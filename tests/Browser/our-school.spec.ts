import { execFileSync } from "node:child_process";
import {
  button,
  expect,
  expectAccessible,
  expectNoSidewaysScroll,
  PHONE,
  someone,
  tabletIs,
  teacherIsAt,
  teacherSignsIn,
  test,
} from "./school";

test("a keeper invites an aide by a slip, who sees the board and no codes, and is put out again", async ({
  school,
  page: teacher,
  browser,
}) => {
  await teacherIsAt(teacher, school, "/school");
  await expect(teacher.getByRole("heading", { level: 1 })).toContainText("Tarn Valley Secondary");
  await button(teacher, "Invite someone").click();
  await teacher.getByLabel("Name", { exact: true }).fill("R. Quist");
  const mail = `quist-${school.classCode.toLowerCase()}@tarnvalley.example`;
  await teacher.getByLabel("E-mail").fill(mail);
  await teacher.locator(".invite select").first().selectOption("aide");
  await teacher.getByRole("button", { name: "Make the slip" }).click();
  await expect(teacher.getByText("The code is not shown again.")).toBeVisible();
  const code = (await teacher.locator(".slip-code span").allTextContents()).join("-");
  await expectAccessible(teacher);
  await expectNoSidewaysScroll(teacher);

  // The aide types the code from the paper, all by keys.
  const aide = await someone(browser);
  await aide.goto("/welcome");
  await aide.getByLabel("Code").focus();
  await aide.keyboard.type(code.toLowerCase().replaceAll("-", " "));
  await aide.keyboard.press("Enter");
  await expect(aide.getByRole("heading", { level: 1 })).toContainText("Welcome to Tarn Valley Secondary");
  await aide.getByLabel("New password").focus();
  await aide.keyboard.type("flour");
  await aide.keyboard.press("Enter");
  await expect(aide.getByText("Use 10 letters or more.")).toBeVisible();
  await expectAccessible(aide);
  await aide.getByLabel("New password").fill("seven green teapots");
  await aide.keyboard.press("Enter");
  await expect(aide).toHaveURL(/today/);
  await expect(aide.getByRole("link", { name: "Drawer" })).toBeHidden();
  await expect(aide.getByText(school.classCode)).toBeHidden();
  await expect(aide.getByText(/No class here yet/)).toBeVisible();
  await expect(aide.getByText("Needs attention")).toBeHidden(); // the drawer's scales are not theirs to know of
  await aide.goto("/prepare"); // a place that is no aide's
  await expect(aide).toHaveURL(/today/);

  // Let into the class: the board, without targets, and no key that is the teacher's.
  await teacher.goto("/class");
  await teacher.getByLabel("Their e-mail").fill(mail);
  await teacher.locator("form", { hasText: "Invite" }).getByRole("combobox").selectOption("aide");
  await teacher.getByRole("button", { name: "Invite" }).click();
  await expect(teacher.getByText("R. Quist, aide")).toBeVisible();
  await aide.goto(`/labs/${school.labs.buns}`);
  await expect(aide.getByRole("heading", { level: 1 })).toContainText("Cardamom oat buns");
  await expect(aide.locator("thead .t")).toHaveCount(0);
  await expect(aide.getByRole("link", { name: "The whole plan" })).toBeHidden();
  await expect(aide.getByRole("button", { name: /Close the lab/ })).toBeHidden();
  await expectAccessible(aide);
  await aide.goto("/account");
  await expect(aide.getByText("this one")).toBeVisible();
  await expectAccessible(aide);

  // Access taken: out at the next step.
  await teacher.goto("/school");
  await teacher.getByRole("button", { name: "Remove the access of R. Quist" }).click();
  await expect(teacher.getByText("no access")).toBeVisible();
  await aide.goto("/today");
  await expect(aide).toHaveURL(/sign-in/);
});

test("a class goes on into a new year, is taken along, and is erased by its name", async ({
  school,
  page: teacher,
}) => {
  await teacherIsAt(teacher, school, "/class");
  const download = teacher.waitForEvent("download");
  await teacher.getByRole("link", { name: "Take a copy along (zip)" }).click();
  expect((await download).suggestedFilename()).toMatch(/\.zip$/);
  await teacher.getByLabel("Name for next year").fill("Foods 1, next year");
  await teacher.getByRole("button", { name: "Go on with it" }).click();
  await expect(teacher.getByRole("heading", { level: 1 })).toHaveText("Foods 1, next year");
  await teacher.getByRole("link", { name: "Foods 1, period 4" }).click();
  await expect(teacher.getByRole("button", { name: "Bring it back" })).toBeVisible();
  await teacher.getByRole("button", { name: "Erase this class" }).click();
  await expect(teacher.getByText(/This erases 22 students, 3 labs/)).toBeVisible();
  await teacher.getByLabel("Type Foods 1, period 4 to erase it").fill("Foods");
  await teacher.getByRole("button", { name: "Erase it" }).click();
  await expect(teacher.getByText("Type the name just as it is here.")).toBeVisible();
  await teacher.getByLabel("Type Foods 1, period 4 to erase it").fill("Foods 1, period 4");
  await teacher.getByRole("button", { name: "Erase it" }).click();
  await expect(teacher.getByRole("heading", { level: 1 })).toHaveText("Foods 1, next year");
  await expect(teacher.getByText("Foods 1, period 4")).toBeHidden();
});

test("wrong PINs stand on Today until the teacher lets them in; a new PIN is told once", async ({
  school,
  page: teacher,
  browser,
}) => {
  await teacherSignsIn(teacher, school);
  const phone = await someone(browser, { viewport: PHONE });
  await phone.goto("/join");
  await phone.getByLabel("Class code").fill(school.classCode);
  await phone.getByRole("button", { name: "Find the class" }).click();
  await phone.getByRole("button", { name: /^Oona/ }).click();
  // Five wrong ones, from this very device.
  const wrong = await phone.evaluate(async (code) => {
    const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]*)/)?.[1] ?? "");
    const headers = { Accept: "application/json", "Content-Type": "application/json", "X-XSRF-TOKEN": token };
    const { students } = await (await fetch(`/api/join/${code}`, { headers })).json();
    const student_id = students.find((one: { name: string }) => one.name === "Oona").id;
    const answers = [];
    for (let tries = 1; tries <= 5; tries++) {
      const body = JSON.stringify({ code, student_id, pin: "9753" });
      answers.push((await fetch("/api/join", { method: "POST", headers, body })).status);
    }
    return answers;
  }, school.classCode);
  expect(wrong).toEqual([422, 422, 422, 422, 422]);
  await teacher.goto("/today");
  await expect(teacher.getByText("Oona in Foods 1, period 4: wrong PINs")).toBeVisible();
  await phone.getByLabel("Your PIN").fill(school.pin);
  await phone.getByRole("button", { name: "Join as Oona" }).click();
  await expect(phone.getByText(/Too many wrong PINs. Wait 1 min/)).toBeVisible();
  await teacher.goto("/class");
  await teacher.getByRole("button", { name: /^Oona/ }).click();
  await teacher.getByRole("button", { name: "Make a new PIN for Oona" }).click();
  const pin = await teacher.locator(".new-pin b").innerText();
  await phone.getByLabel("Your PIN").fill(pin);
  await phone.getByRole("button", { name: "Join as Oona" }).click();
  await expect(phone).toHaveURL(/kitchen/);
});

test("a tablet is told how to find and trust the school, in both languages", async ({ page }) => {
  await page.goto("/trust");
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Get a tablet ready for this school");
  await expectAccessible(page);
  await page.getByRole("button", { name: "Español" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Prepara una tableta para esta escuela");
});

test("a computer at the weighing table reads for a station's tablet, which takes the number with a tap", async ({
  school,
  page: teacher,
  browser,
}) => {
  await teacherSignsIn(teacher, school);
  const tablet = await someone(browser);
  await tabletIs(tablet, school, "Linden", "Joss");
  const board = await teacher.request.get(`/api/labs/${school.labs.buns}/board`);
  const { stations, lines } = await board.json();
  const linden = stations.find((one: { name: string }) => one.name === "Linden");
  await tablet.goto(`/kitchen/lines/${linden.left[0] ?? lines[0].id}/weigh`);
  await expect(tablet.locator("input.readout")).toBeVisible();
  await teacher.goto(`/labs/${school.labs.buns}/table`);
  await expect(teacher.getByRole("heading", { level: 1 })).toHaveText("Weigh-in table");
  await expectAccessible(teacher);
  await expect(async () => {
    await teacher.evaluate(
      async ([lab, at]) => {
        const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]*)/)?.[1] ?? "");
        await fetch(`/api/labs/${lab}/readings`, {
          method: "POST",
          headers: { Accept: "application/json", "Content-Type": "application/json", "X-XSRF-TOKEN": token },
          body: JSON.stringify({ station_id: at, report: "040200ef00" }),
        });
      },
      [school.labs.buns, linden.id],
    );
    await expect(tablet.getByText("239 g came from the weigh-in table.")).toBeVisible({ timeout: 1500 });
  }).toPass();
  await tablet.getByRole("button", { name: "Use it" }).click();
  await expect(tablet.locator("input.readout")).toHaveValue("239");
});

test("every answer has its security headers, and what is too large is refused in words", async ({ school, page }) => {
  await teacherSignsIn(page, school);
  const { request } = page;
  const asset = await page.locator('script[type="module"]').first().getAttribute("src");
  for (const path of [
    "/",
    "/sw.js",
    "/favicon.svg",
    "/build/manifest.json",
    `${asset}`,
    "/api/session",
    "/api/nothing",
    "/nothing",
  ]) {
    const headers = (await request.get(path)).headers();
    expect([path, headers["x-content-type-options"], headers["x-frame-options"]]).toEqual([path, "nosniff", "DENY"]);
    expect(headers["content-security-policy"], path).toContain("default-src 'self'");
    expect(headers["permissions-policy"], path).toContain("camera=()");
  }
  const token = (await page.context().cookies()).find((cookie) => cookie.name === "XSRF-TOKEN")?.value ?? "";
  const headers = { Accept: "application/json", "Accept-Language": "es", "X-XSRF-TOKEN": decodeURIComponent(token) };
  const large = await request.post("/api/recipes", { headers, data: { text: "x".repeat(300_000) } });
  expect([large.status(), (await large.json()).message]).toEqual([413, "Es más de lo que se puede enviar de una vez."]);
  const today = await (await request.get("/api/today", { headers })).json();
  const whole = `givenName,familyName,role\n${"Ilka,Student,student\n".repeat(9_000)}`;
  const roster = await request.post(`/api/sections/${today.sections[0].id}/roster`, {
    headers,
    data: { text: whole + " ".repeat(600_000), look: true },
  });
  expect((await roster.json()).faults[0].text).toContain("60");
});

test("the account the application runs with can neither alter nor drop, nor change the log", async () => {
  const refused = JSON.parse(execFileSync("bash", ["ops/twin.sh", "rights.php"], { encoding: "utf8" }));
  expect(refused).toEqual({
    alter: 1142,
    drop: 1142,
    trigger: 1142,
    create: 1142,
    "change the log": 1142,
    "empty the log": 1142,
  });
});

test("one more school of the installation is set up with its code, in Spanish on a phone by keys; without one there is no such page", async ({
  browser,
}) => {
  const keeper = await someone(browser, { viewport: PHONE, locale: "es-ES" });
  await keeper.goto("/set-up");
  await expect(keeper).toHaveURL(/\/$/); // there is a school already
  const told = execFileSync("bash", ["ops/artisan.sh", "school:add"], {
    encoding: "utf8",
    env: { ...process.env, PROFILE: "test" },
  });
  await keeper.goto(`/set-up#code=${told.match(/#code=(\S+)/)?.[1]}`);
  await expect(keeper.getByRole("heading", { level: 1 })).toHaveText("Configura tu escuela");
  await expectAccessible(keeper);
  await expectNoSidewaysScroll(keeper);
  const type = async (label: RegExp, text: string) => {
    await keeper.getByLabel(label).focus();
    await keeper.keyboard.type(text);
  };
  await type(/^Nombre de la escuela/, "Escuela «Río Ñandú» 小明");
  await type(/^Nombre$/, "Zoë Ørsted-Nakamura");
  await type(/^Correo/, `zoe-${Date.now()}@escuela.example`);
  await type(/^Contraseña/, "tres tazas de lluvia");
  await keeper.keyboard.press("Enter");
  await expect(keeper).toHaveURL(/class/);
  await keeper.goto("/school");
  await expect(keeper.getByRole("heading", { level: 1 })).toContainText("Río Ñandú");
  await expect(keeper.getByText("Tarn Valley")).toBeHidden();
});
