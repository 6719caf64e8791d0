import { SafetyPage } from "@/features/safety/SafetyPage";

export const metadata = { title: "Safety" };

export default function Page() {
  return <SafetyPage />;
}
