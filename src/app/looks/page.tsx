import { LooksPage } from "@/features/looks/LooksPage";
import { lookCards } from "@/server/lookCards";

export const dynamic = "force-dynamic";
export const metadata = { title: "Looks" };

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const asked = await searchParams;
  const one = (value: string | string[] | undefined) =>
    typeof value === "string" ? value : undefined;
  return <LooksPage shown={await lookCards({ find: one(asked.find), page: one(asked.page) })} />;
}
