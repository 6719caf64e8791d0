import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { PalettePage } from "@/features/palettes/PalettePage";
import { paletteWork } from "@/server/palettes";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Palette" };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const work = await paletteWork((await params).id);
  if (!work) notFound();
  return <PalettePage work={work} />;
}
