"use client";

import { wrap, type Remote } from "comlink";
import { useCallback, useEffect, useRef } from "react";

/** A worker that lives as long as the component: started when first asked, ended with it. `create` names the worker's file, so that the bundler finds it. */
export function useWorker<Api>(create: () => Worker): () => Remote<Api> {
  const held = useRef<{ port: Worker; remote: Remote<Api> } | null>(null);
  useEffect(
    () => () => {
      held.current?.port.terminate();
      held.current = null;
    },
    [],
  );
  return useCallback(() => {
    if (!held.current) {
      const port = create();
      held.current = { port, remote: wrap<Api>(port) };
    }
    return held.current.remote;
  }, [create]);
}
