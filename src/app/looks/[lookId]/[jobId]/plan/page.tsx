import { PlanChapter } from "@/features/plan/PlanChapter";

export default function Page() {
  return <PlanChapter />;
}
