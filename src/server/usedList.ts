import { slug } from "@/core/text/words";
import "server-only";
import { allNeeded } from "@/core/plan";
import { material, toolOf } from "@/core/paint";
import { contextOf } from "@/core/record";
import { findJob, jobMovements } from "@/store";
import { notFound } from "./problem";
import { sayOf } from "./sheets/say";
import { studio } from "./studio";
import { loadWorkspace } from "./workspace";

/** What a job was painted with, as a list to share: products with their makers and codes, how much, and the tools. Of whom it was is not in it (KIT-4). @throws Problem */
export async function usedList(jobId: string): Promise<{ body: string; name: string }> {
  const db = await studio();
  const job = await findJob(db, jobId);
  const given = job && (await loadWorkspace(job.lookId, jobId));
  if (!job || !given || given.job?.id !== jobId) throw notFound("job");
  const look = given.look.design;
  const context = contextOf(given);
  const say = sayOf(given.settings.fields);
  const used = new Map<string, number>();
  for (const { productId, delta } of await jobMovements(db, jobId))
    used.set(productId, (used.get(productId) ?? 0) - delta);
  const written = [...used].some(([, amount]) => amount > 0);
  const lines = allNeeded(look, context).map((need) => {
    const product = need.productId ? context.products.get(need.productId) : undefined;
    const amount = need.productId && written ? (used.get(need.productId) ?? 0) : need.grams;
    return `- ${product ? [product.name, product.maker].filter(Boolean).join(", ") : `any ${material(need.material).label}`}${product?.code ? ` (${product.code})` : ""}: ${material(need.material).label}, ${say.amount(amount, need.counted)}, for ${need.layers.join(", ")}`;
  });
  const tools = [...new Set(look.layers.map(({ tool }) => toolOf(tool).label))];
  const body = [
    `${look.name}: what I used`,
    job.brief.curtainAt ? say.date(job.brief.curtainAt) : "",
    "",
    ...lines,
    "",
    `Tools: ${tools.join(", ")}.`,
    written ? "Amounts as recorded." : "Amounts as planned: nothing has been recorded yet.",
    "Labels and patch tests come before any list.",
    "",
  ].join("\n");
  return { body, name: `${slug(look.name)}-used.txt` };
}
