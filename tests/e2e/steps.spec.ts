import { expect, test } from "./studio";

test("a new look on a phone: a step at a time, back and on, and whole again where a field is wrong", async ({
  page,
  demo,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${demo.url}/looks/new`, { waitUntil: "networkidle" });
  const step = page.getByRole("status").filter({ hasText: /^Step \d of \d/ });
  await expect(step).toHaveText("Step 1 of 5: What");
  await expect(page.getByLabel("Hours worn")).toBeHidden();
  await page.getByLabel("Name of the look").fill("Thaw");
  // Somebody new takes two steps more.
  const person = page.getByLabel("Person");
  await person.selectOption("somebody new");
  await expect(step).toHaveText("Step 1 of 7: What");
  await person.selectOption("Nomi Tarrow");
  await page.getByRole("button", { name: "Next: Place and weather" }).click();
  await page.getByLabel("Air temperature (°C)").fill("28");
  await page.getByRole("button", { name: "Next: Wear" }).click();
  await page.getByLabel("Hours worn").fill("99");
  await page.getByRole("button", { name: "Back" }).click();
  await expect(page.getByLabel("Air temperature (°C)")).toHaveValue("28");
  for (const next of ["Wear", "Costume lines", "Time"])
    await page.getByRole("button", { name: `Next: ${next}` }).click();
  await expect(page.getByRole("button", { name: /^Next/ })).toHaveCount(0);
  const save = page.getByRole("button", { name: "Save the brief and choose paint" });
  await save.click();
  await expect(page.getByText("Please correct the marked fields.")).toBeVisible();
  await expect(page.getByLabel("Hours worn")).toBeVisible();
  await page.getByLabel("Hours worn").fill("4");
  await save.click();
  await expect(page).toHaveURL(/\/paint$/);
});
