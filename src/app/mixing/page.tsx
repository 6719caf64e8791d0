import { MixingPage } from "@/features/mixing/MixingPage";
import { mixes } from "@/server/mixes";
import { everybody } from "@/server/people";
import { shelfStart } from "@/server/shelf";

export const dynamic = "force-dynamic";
export const metadata = { title: "Mixing" };

export default async function Page() {
  return (
    <MixingPage
      start={await shelfStart(
        (await mixes()).flatMap(({ parts }) => parts.map(({ productId }) => productId)),
      )}
      people={await everybody()}
      mixes={await mixes()}
    />
  );
}
