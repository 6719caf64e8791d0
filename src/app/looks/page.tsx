import { LooksPage } from "@/features/looks/LooksPage";
import { lookCards } from "@/server/lookCards";
import { mannerNow } from "@/server/settings";

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
  const shown = await lookCards({
    find: one(asked.find),
    tag: one(asked.tag),
    when: one(asked.when),
    page: one(asked.page),
  });
  return <LooksPage shown={shown} manner={await mannerNow()} />;
}
