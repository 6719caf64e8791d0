import { notFound } from "next/navigation";
import { MixCard } from "@/features/mixing/MixCard";
import { mix as findMix } from "@/server/mixes";
import { everybody } from "@/server/people";
import { shelf } from "@/server/shelf";

export const dynamic = "force-dynamic";
export const metadata = { title: "Mix card" };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const mix = await findMix((await params).id);
  if (!mix) notFound();
  return <MixCard mix={mix} products={await shelf()} people={await everybody()} />;
}
