import type { APIRequestContext } from "@playwright/test";
import { countRetired, retiredTerms } from "../words/retired";
import { pdfText } from "./pdfText";
import { expect, openStudio, test } from "./studio";

/** What is wrong with the words of a text, and how many words it has. */
function judged(where: string, text: string): { faults: string[]; words: number } {
  const retired = countRetired(text);
  return {
    faults: [
      ...retiredTerms(text).map((term) => `${where}: ${term}`),
      ...(retired ? [`${where}: ${retired} retired phrases`] : []),
    ],
    words: text.split(/\s+/).length,
  };
}

const JOB = "job=frost-reservoir";
const PRINTS = [
  `/api/looks/first-frost/sheet?what=plan&${JOB}`,
  `/api/looks/first-frost/sheet?what=card&${JOB}`,
  `/api/looks/bog-light/sheet?what=plan&job=bog-reservoir`,
  `/api/looks/first-frost/removal?${JOB}`,
  `/api/looks/first-frost/removal?print=large&${JOB}`,
  `/api/looks/drought/ingredients?job=drought-quarry`,
  `/api/looks/first-frost/template?kind=chart&format=pdf&paper=a4`,
  `/api/looks/first-frost/template?kind=stencil&format=pdf&paper=letter`,
  `/api/palettes/frost-tin/labels`,
  ...["longLine", "dots", "star", "brows", "blend"].map(
    (drill) => `/api/practice/sheet?drill=${drill}`,
  ),
];
const FILES = ["/api/jobs/frost-reservoir/used"];

async function textOf(request: APIRequestContext, url: string): Promise<string> {
  const answer = await request.get(url);
  expect(answer.status(), url).toBe(200);
  const body = await answer.body();
  return body.subarray(0, 4).toString() === "%PDF" ? pdfText(body) : body.toString();
}

test("words: no print, list or calendar has a retired word", async ({ request, demo }) => {
  const day = /\/api\/calls\/([\d-]+)\/calendar/.exec(
    await (await request.get(`${demo.url}/calls`)).text(),
  )?.[1];
  expect(day).toBeDefined();
  const calls = ["sheet", "sheet?by=performer", "calendar"].map(
    (what) => `/api/calls/${day}/${what}`,
  );
  let seen = 0;
  const found: string[] = [];
  // A table's colours are data; its headings are words.
  const [headings = ""] = (await textOf(request, `${demo.url}/api/exchange/kit`)).split("\n");
  found.push(...judged("headings of the table", headings).faults);
  for (const path of [...PRINTS, ...calls, ...FILES]) {
    const text = await textOf(request, demo.url + path);
    const { faults, words } = judged(path, text);
    found.push(...faults);
    expect(words, path).toBeGreaterThan(8);
    seen += words;
  }
  console.log(`${seen} words of prints seen`);
  expect(found).toEqual([]);
  // The planted one is found.
  expect(judged("", "Zones of the stack. Take it down").faults).toHaveLength(3);
});

const EVERYWHERE = [
  ...["/", "/looks", "/looks/new", "/calls", "/booth", "/records", "/records/practice", "/people"],
  ...["/people/new", "/mixing", "/shelf", "/shelf/new", "/shelf/planning", "/shelf/palettes"],
  ...["/shelf/costs", "/shelf/swatches", "/shelf/exchange", "/rules", "/safety", "/settings"],
  "/archive",
];

test("words: the empty studio and the large one read as the others do, and say what to do first", async ({
  page,
  request,
}) => {
  for (const size of ["empty", "large"] as const) {
    const studio = await openStudio({ demo: size === "large" });
    if (size === "large")
      for (let i = 0; i < 30; i++) {
        const copy = await request.post(`${studio.url}/api/looks/first-frost/copy`, {
          data: { name: `Frost ${i}` },
          headers: { origin: studio.url },
        });
        expect(copy.ok()).toBe(true);
      }
    let seen = 0;
    for (const path of EVERYWHERE) {
      await page.goto(studio.url + path, { waitUntil: "networkidle" });
      const text = await page.locator("body").innerText();
      const { faults, words } = judged(`${size} ${path}`, text);
      expect(faults).toEqual([]);
      // Whatever is empty has something one can do about it.
      await expect(page.locator("main :is(a, button, input, select)").first()).toBeVisible();
      seen += words;
    }
    console.log(`${seen} words of the ${size} studio seen`);
    await studio.close();
  }
});
