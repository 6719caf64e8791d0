import { RulesPage } from "@/features/rules/RulesPage";

export const metadata = { title: "Rules" };

export default function Page() {
  return <RulesPage />;
}
