import { BoothPage } from "@/features/booth/BoothPage";
import { loadBooth } from "@/server/booth";

export const dynamic = "force-dynamic";
export const metadata = { title: "Booth" };

export default async function Page() {
  return <BoothPage given={await loadBooth()} />;
}
