import type { Metadata } from "next";
import { TraysPage } from "@/features/trays/TraysPage";
import { shelf } from "@/server/shelf";
import { trays } from "@/server/trays";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Trays" };

export default async function Page() {
  return <TraysPage trays={await trays()} products={await shelf()} />;
}
