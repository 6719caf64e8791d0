import type { Metadata } from "next";
import { RecordsPage } from "@/features/records/RecordsPage";
import { allRecords } from "@/server/records";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Records" };

export default async function Records() {
  return <RecordsPage records={await allRecords()} />;
}
