import type { Metadata } from "next";
import { SwatchBook } from "@/features/shelf/SwatchBook";
import { shelfStart } from "@/server/shelf";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Swatch book" };

export default async function Swatches() {
  return <SwatchBook start={await shelfStart()} />;
}
