import { beforeEach, describe, expect, it, vi } from "vitest";

const answer = (build: string) => new Response("{}", { headers: { "X-Hovik-Build": build } });

describe("a new build", () => {
  beforeEach(() => {
    vi.resetModules();
    document.head.innerHTML = '<meta name="hovik-build" content="one">';
    sessionStorage.clear();
  });

  it("loads the page anew between ingredients, and never under somebody's hands", async () => {
    const { hearBuild, renewIfOld } = await import("../../resources/js/shell/build");
    const load = vi.fn();
    hearBuild(answer("one"));
    expect(renewIfOld("/kitchen", load)).toBe(false);
    hearBuild(answer("two"));
    expect(renewIfOld("/kitchen/lines/4/weigh", load)).toBe(false);
    expect(renewIfOld("/recipes/3", load)).toBe(false);
    expect(renewIfOld("/kitchen", load)).toBe(true);
    expect(load).toHaveBeenCalledTimes(1);
  });

  it("is none where an answer is not the server's own", async () => {
    const { hearBuild, renewIfOld } = await import("../../resources/js/shell/build");
    hearBuild(new Response("<html>Sign in to the Wi-Fi</html>"));
    expect(renewIfOld("/", vi.fn())).toBe(false);
  });

  it("loads once for a part that is not there any more", async () => {
    const { reloadForMissingPart } = await import("../../resources/js/shell/build");
    const load = vi.fn();
    expect([reloadForMissingPart(sessionStorage, load), reloadForMissingPart(sessionStorage, load)]).toEqual([
      true,
      false,
    ]);
    expect(load).toHaveBeenCalledTimes(1);
  });
});
