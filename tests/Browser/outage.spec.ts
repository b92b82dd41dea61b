import { execFileSync } from "node:child_process";
import { openLab, setUp, staysHere, weighIn } from "./lab";
import { ask, button, expect, PHONE, someone, tabletIs, test } from "./school";

// It kills the servers that all tests use.
test("cut off, reloaded, the server killed: nothing lost, nothing twice, in order", { tag: "@alone" }, async ({
  browser,
  school,
}) => {
  test.setTimeout(240_000);
  const teacher = await someone(browser, { viewport: { width: 1280, height: 800 } });
  const lab = await openLab(
    teacher,
    school,
    "Three powders",
    "1 cup all-purpose flour\n1/2 cup granulated sugar\n1/2 cup cornstarch",
  );
  const tablet = await someone(browser, { serviceWorkers: "allow" });
  await tabletIs(tablet, school, "Hazel", /Hair is tied back/);
  await staysHere(tablet);
  await tablet.reload();
  await expect(button(tablet, /Hair is tied back/)).toHaveAttribute("aria-pressed", "true");
  await tablet.context().setOffline(true);
  await tablet.reload(); // the application opens without the network, and half a list is as it was
  await expect(button(tablet, /Hair is tied back/)).toHaveAttribute("aria-pressed", "true");
  await expect(button(tablet, /Hands are washed/)).toHaveAttribute("aria-pressed", "false");
  await setUp(tablet);
  await expect(tablet.getByText("1 waiting to send")).toBeVisible();
  await button(tablet, "Oona").click();
  await weighIn(tablet, "All-purpose flour", "125");
  await expect(tablet.getByText("2 waiting to send")).toBeVisible();
  await tablet.reload();
  await expect(tablet.getByText("2 waiting to send")).toBeVisible();
  await tablet.goto("/kitchen");
  await expect(tablet.locator(".todo-row", { hasText: "All-purpose flour" })).toContainText("Waiting to send");
  await weighIn(tablet, "Granulated sugar", "100");
  await expect(tablet.getByText("3 waiting to send")).toBeVisible();

  // Back on the network, but the server has been killed under it, and comes back.
  const port = new URL(tablet.url()).port;
  const crash = (server: string) => execFileSync("bash", ["ops/hurt.sh", "test", server, port], { stdio: "inherit" });
  crash("php-fpm");
  await tablet.context().setOffline(false);
  await expect(tablet.getByText(/\d kept here/)).toBeHidden();
  crash("mariadb");
  await tablet.goto("/kitchen");
  await weighIn(tablet, "Cornstarch", "60");
  await expect(tablet.getByText(/Level|Shy|Heaped|Too close/).first()).toBeVisible();

  const board = await ask(teacher, "GET", `/api/labs/${lab}/board`);
  expect(board.stations.find((one: { name: string }) => one.name === "Hazel").set_up).toBe(true);
  const stored = board.weighings.map((one: { grams: number; at: string }) => ({ grams: one.grams, at: one.at }));
  expect(stored.map((one: { grams: number }) => one.grams).sort()).toEqual([100, 125, 60].sort());
  const inOrder = [...stored].sort((a, b) => a.at.localeCompare(b.at)).map((one) => one.grams);
  expect(inOrder).toEqual([125, 100, 60]);

  // What keeps the streams is killed, and with it what it knew of who had heard what: all listen again, and hear the next thing.
  const hears = async (step: "Pause" | "Go on", told: string) => {
    await button(teacher, step).click();
    for (const device of [tablet, phone]) await expect(device.locator(".told")).toContainText(told);
    for (const device of [tablet, phone]) await device.locator(".told button").first().click();
  };
  const phone = await someone(browser, { viewport: PHONE });
  await tabletIs(phone, school, "Hazel", "Mateus");
  await hears("Pause", "has paused the lab");
  const again = [teacher, tablet, phone].map((page) =>
    page.waitForResponse((answer) => answer.url().includes("/live/") && answer.ok()),
  );
  crash("live");
  await Promise.all(again);
  await hears("Go on", "You can go on");

  // Who tells of what happens is killed: whoever does something tells of it itself, and then the next teller does.
  await tablet.goto("/kitchen");
  crash("teller");
  for (const _teller of ["is dead", "is back"]) {
    await button(tablet, "Raise a hand").click();
    await button(teacher, /^Hazel: hand up/).click();
    await button(teacher, "Put the hand down").click();
    await expect(button(tablet, "Raise a hand")).toBeVisible();
  }
});
