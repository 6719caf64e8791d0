import { expect, openStudio, test } from "./studio";

test("a record: how it held is taken down beside the forecast, moves the forecast, and stands on the look and the person's card", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  await page.goto(`${studio.url}/looks/sundog/sundog-hillside/record`, {
    waitUntil: "networkidle",
  });
  const form = page.getByRole("region", { name: "New record" });
  const forehead = form.getByRole("row", { name: /^forehead/i });
  await expect(forehead).toContainText(/\d+ %/);
  await form.getByRole("button", { name: "Save record" }).click();
  await expect(form.getByRole("alert")).toContainText("say of one place at least how it held");
  const forecast = await forehead.innerText();
  await form.getByLabel("Checked after (hours)").fill("2");
  await expect(forehead).not.toHaveText(forecast);
  await form.getByLabel("Still intact: forehead").selectOption({ label: "next to nothing" });
  await form.getByLabel("Verdict").fill("ran under the band; prep it twice");
  await form.getByRole("button", { name: "Save record" }).click();
  await expect(page.getByRole("region", { name: "Earlier" })).toContainText(
    "ran under the band; prep it twice",
  );
  await expect(page.getByRole("region", { name: "What the records say" })).toContainText(
    /times as fast as the default forecast.*by \d+ looks? at it/,
  );
  await page.goto(`${studio.url}/people/ilse-marrow`, { waitUntil: "networkidle" });
  await expect(page.getByRole("region", { name: "Before" })).toContainText("ran under the band");
  await studio.close();
});
