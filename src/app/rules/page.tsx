import { RulesPage } from "@/features/rules/RulesPage";
import { houseHistory } from "@/server/house";

export const dynamic = "force-dynamic";
export const metadata = { title: "Rules and numbers" };

export default async function Page() {
  return <RulesPage versions={await houseHistory()} />;
}
