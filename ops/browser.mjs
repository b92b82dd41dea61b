// Debian's Chromium, without the window that nobody looks at: the tests, the benches and the pictures start it so.
// Its headless shell draws the same pages at two thirds of the whole browser's processor time.
export const browserLaunch = {
  executablePath: "/usr/bin/chromium-headless-shell",
  args: [
    "--no-sandbox",
    "--disable-gpu",
    "--disable-background-networking",
    "--disable-component-update",
    "--disable-sync",
    "--no-first-run",
    "--disable-quic",
  ],
};
