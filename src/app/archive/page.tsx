import type { Metadata } from "next";
import { ArchivePage } from "@/features/archive/ArchivePage";
import { archive } from "@/server/archive";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Archive" };

export default async function Page() {
  return <ArchivePage archived={await archive()} />;
}
