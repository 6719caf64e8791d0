import type { Metadata } from "next";
import { PlanningPage } from "@/features/shelf/PlanningPage";
import { loadPlanning } from "@/server/kit";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Planning" };

export default async function PlanningOfShelf() {
  return <PlanningPage planning={await loadPlanning()} />;
}
