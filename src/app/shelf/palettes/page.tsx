import type { Metadata } from "next";
import { PalettesPage } from "@/features/palettes/PalettesPage";
import { palettesShown } from "@/server/palettes";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Palettes" };

export default async function Page() {
  return <PalettesPage {...await palettesShown()} />;
}
