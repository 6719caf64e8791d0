import { TodayPage } from "@/features/today/TodayPage";
import { loadToday } from "@/server/overview";

export const dynamic = "force-dynamic";
export const metadata = { title: "Today" };

export default async function Page() {
  return <TodayPage today={await loadToday()} />;
}
