import { LooksPage } from "@/features/looks/LooksPage";
import { lookCards } from "@/server/overview";

export const dynamic = "force-dynamic";
export const metadata = { title: "Looks" };

export default async function Page() {
  return <LooksPage cards={await lookCards()} />;
}
