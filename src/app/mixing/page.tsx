import { MixingPage } from "@/features/mixing/MixingPage";
import { mixes } from "@/server/mixes";
import { everybody } from "@/server/people";
import { shelf } from "@/server/shelf";

export const dynamic = "force-dynamic";
export const metadata = { title: "Mixing" };

export default async function Page() {
  return <MixingPage products={await shelf()} people={await everybody()} mixes={await mixes()} />;
}
