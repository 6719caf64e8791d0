import "server-only";
import { productsUsed, type Look } from "@/core/look";
import { storedContextOf, type StoredContext } from "@/core/record";
import { notFound } from "./problem";
import { loadWorkspace } from "./workspace";

/** A look on somebody, with no more of the studio than its figure is drawn from. */
export interface LookToTurn {
  readonly design: Look;
  readonly stored: StoredContext;
}

/** @throws Problem where there is no such look */
export async function lookToTurn(lookId: string, jobId?: string): Promise<LookToTurn> {
  const whole = await loadWorkspace(lookId, jobId);
  if (!whole) throw notFound("look");
  const { design } = whole.look;
  const used = new Set(productsUsed(design));
  const isUsed = ({ id }: { readonly id: string }) => used.has(id);
  return {
    design,
    stored: {
      ...storedContextOf(whole),
      products: whole.products.filter(isUsed),
      archivedProducts: whole.archivedProducts.filter(isUsed),
    },
  };
}
