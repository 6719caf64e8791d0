import type { Metadata } from "next";
import { PracticePage } from "@/features/practice/PracticePage";
import { allPractice } from "@/server/practice";
import { today } from "@/server/studio";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Practice" };

export default async function Page() {
  return <PracticePage log={await allPractice()} today={today()} />;
}
