/** How Debian's Chromium is started, here and in the browser tests: no sandbox (it may run as root), and no calls to the outside. */
export const CHROMIUM = {
  executablePath: process.env.CHROMIUM_PATH ?? "/usr/bin/chromium",
  headless: true,
  args: ["--headless", "--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run", "--disable-background-networking", "--disable-component-update", "--disable-sync"],
};
