import { notFound } from "next/navigation";
import { Ledger } from "@/features/shelf/Ledger";
import { Prices } from "@/features/shelf/Prices";
import { ProductForm } from "@/features/shelf/ProductForm";
import { UsedIn } from "@/features/shelf/UsedIn";
import { looksUsing, productsNamed, productWithLedger } from "@/server/shelf";
import { today } from "@/server/studio";
import { Page as Frame } from "@/ui/Page";
import { PutAway } from "@/ui/PutAway";

export const dynamic = "force-dynamic";
export const metadata = { title: "Product" };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const found = await productWithLedger((await params).id);
  if (!found) notFound();
  const { left, expiry: _expiry, ...product } = found.item;
  return (
    <Frame
      title={product.name}
      action={
        <PutAway url={`/api/products/${product.id}/archived`} name={product.name} then="/shelf" />
      }
    >
      <div className="flex flex-col gap-4">
        <Ledger
          productId={product.id}
          counted={product.counted}
          left={left}
          ledger={found.ledger}
          today={today()}
        />
        <ProductForm product={product} />
        <Prices product={product} ledger={found.ledger} shelf={await productsNamed(product)} />
        <UsedIn {...await looksUsing(product.id)} />
      </div>
    </Frame>
  );
}
