import { TodayPage } from "@/features/today/TodayPage";
import { starters } from "@/server/start";
import { mannerNow } from "@/server/settings";
import { loadToday } from "@/server/today";

export const dynamic = "force-dynamic";
export const metadata = { title: "Today" };

export default async function Page() {
  return <TodayPage today={await loadToday()} starters={starters()} manner={await mannerNow()} />;
}
