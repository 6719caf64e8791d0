import type { Metadata } from "next";
import { TraysPage } from "@/features/trays/TraysPage";
import { traysShown } from "@/server/trays";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Trays" };

export default async function Page() {
  return <TraysPage {...await traysShown()} />;
}
