import type { Metadata } from "next";
import { CostsPage } from "@/features/shelf/CostsPage";
import { costs } from "@/server/costs";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Costs" };

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const asked = await searchParams;
  const one = (value: string | string[] | undefined) =>
    typeof value === "string" ? value : undefined;
  return <CostsPage costs={await costs({ from: one(asked.from), until: one(asked.until) })} />;
}
