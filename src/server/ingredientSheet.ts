import { slug } from "@/core/text/words";
import "server-only";
import { z } from "zod";
import { paintNeeded } from "@/core/kit";
import { safetyNotes, materialOf, recipeOf, zoneWords } from "@/core/look";
import { ALLERGENS, allergensOf, GRADES, material, type Product } from "@/core/paint";
import { contextOf } from "@/core/record";
import { fieldErrors, invalid, notFound } from "./problem";
import { sayOf } from "./sheets/say";
import { textPdf } from "./textPdf";
import { loadWorkspace } from "./workspace";
import { withhold } from "./safety";

export const IngredientSheetSchema = z
  .object({ job: z.string().min(1).max(64).optional() })
  .strict();

/** What a look puts on somebody, to hand to them or to the venue: products with their kinds, what their labels name, where they go, and how much of them. @throws Problem */
export async function ingredientSheet(
  lookId: string,
  query: Record<string, string>,
): Promise<{ body: Uint8Array; name: string }> {
  const asked = IngredientSheetSchema.safeParse(query);
  if (!asked.success) throw invalid(fieldErrors(asked.error));
  const given = await loadWorkspace(lookId, asked.data.job);
  if (!given || (asked.data.job && given.job?.id !== asked.data.job))
    throw notFound(given ? "job" : "look");
  withhold(given);
  const look = given.look.design;
  const context = contextOf(given);
  const used = new Map<string, Product>();
  for (const layer of look.layers)
    for (const { product } of recipeOf(layer, context.products)) used.set(product.id, product);
  const grams = new Map(
    paintNeeded(look, context).map((need) => [need.productId ?? need.material, need.grams]),
  );
  const layersOf = (product: Product) =>
    look.layers.filter((layer) =>
      recipeOf(layer, context.products).some((part) => part.product.id === product.id),
    );
  const say = sayOf(given.settings.fields);
  const out = textPdf(`${look.name}: what is in it`, "usual", say);
  out.write(`${look.name}: what goes on ${given.person.name}`, { bold: true, times: 1.6 });
  for (const { text } of safetyNotes(look, context)) out.write(text, { bold: true, before: 0.2 });
  const all = [...new Set([...used.values()].flatMap(allergensOf))];
  out.write(
    all.length
      ? `Named on labels or in the nature of its kind: ${all.map((key) => ALLERGENS[key]).join(", ")}.`
      : "No label here names one of the usual allergens.",
    { before: 0.4 },
  );
  const own = given.person.allergies.filter((key) => all.includes(key));
  if (own.length)
    out.write(
      `${given.person.name} is known to react to ${own.map((key) => ALLERGENS[key]).join(", ")}: this must not be painted.`,
      { bold: true, before: 0.3 },
    );
  for (const product of used.values()) {
    const said = allergensOf({ ...product, labelRead: true });
    const assumed = allergensOf(product).filter((key) => !said.includes(key));
    out.write(
      `${product.name}${product.maker ? `, ${product.maker}` : ""}${product.code ? ` (${product.code})` : ""}`,
      { bold: true, before: 0.6 },
    );
    out.write(
      `${material(product.material).label}; ${GRADES[product.grade]}; about ${say.amount(grams.get(product.id) ?? 0, product.counted)}; on ${zoneWords([...new Set(layersOf(product).flatMap(({ zones }) => zones))], 5)}.`,
      { indent: 12 },
    );
    out.write(
      `Contains: ${
        said.map((key) => ALLERGENS[key]).join(", ") ||
        (product.labelRead
          ? "none of the usual allergens by its label"
          : "nothing anybody has noted")
      }${product.labelRead ? "" : `; its label has not been read: such products usually hold ${assumed.map((key) => ALLERGENS[key]).join(", ") || "none of the usual allergens"}`}.`,
      { indent: 12 },
    );
  }
  const open = look.layers.filter((layer) => layer.paint.kind === "material");
  if (open.length)
    out.write(
      `No product chosen yet for ${open.map(({ name }) => name).join(", ")} (${[
        ...new Set(
          open.flatMap((layer) => {
            const key = materialOf(layer, context.products);
            return key ? [material(key).label] : [];
          }),
        ),
      ].join(", ")}).`,
      { before: 0.6 },
    );
  out.write(
    "The full list of ingredients is the one on each product's label. Labels, local rules and licensed professionals come before this sheet.",
    { before: 0.8 },
  );
  return {
    body: await out.save(),
    name: `${slug(look.name)}-ingredients.pdf`,
  };
}
