"use client";

import type { ReactNode } from "react";
import type { OpenedWorkspace } from "@/server/workspace";
import { useMounted } from "@/ui/useMounted";
import { WorkspaceProvider } from "./WorkspaceContext";
import { WorkspaceShell } from "./WorkspaceShell";

/** A look's workspace. All of it is worked out in the browser: the server sends what it is worked out from, and nothing twice. */
export function Opened({
  given,
  jobId,
  children,
}: {
  given: OpenedWorkspace;
  jobId: string;
  children: ReactNode;
}) {
  if (!useMounted())
    return (
      <div className="p-6">
        <h1 className="text-2xl">{given.look.design.name}</h1>
        <p className="muted mt-2" role="status">
          Opening it …
        </p>
      </div>
    );
  return (
    <WorkspaceProvider given={given} jobId={jobId}>
      <WorkspaceShell>{children}</WorkspaceShell>
    </WorkspaceProvider>
  );
}
