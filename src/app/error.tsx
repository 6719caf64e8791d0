"use client";

import { Empty } from "@/ui/Empty";
import { Page } from "@/ui/Page";

export default function ErrorPage({
  error,
  reset,
}: {
  error: Error & { digest?: string };
  reset: () => void;
}) {
  return (
    <Page title="That went wrong">
      <Empty title="Dermagraph could not show this page">
        <p>
          What you saved is safe. Try again; if it stays like this, the server&apos;s log says why
          {error.digest ? ` (mark ${error.digest})` : ""}.
        </p>
        <button type="button" className="btn btn-primary" onClick={reset}>
          Try again
        </button>
      </Empty>
    </Page>
  );
}
