"use client";

import { useEffect, useMemo, useRef, useState } from "react";
import { predict, type Look } from "@/core/look";
import { contextOf, type StoredContext } from "@/core/record";
import { FaceFigure } from "./FaceFigure";

interface LaterFigureProps {
  id: string;
  look: Look;
  stored: StoredContext;
  title: string;
  className: string;
}

/** A look's figure, worked out in the browser once it comes into sight: a page of many looks is there at once. */
export function LaterFigure({ id, look, stored, title, className }: LaterFigureProps) {
  const frame = useRef<HTMLSpanElement>(null);
  const [near, setNear] = useState(false);
  useEffect(() => {
    const element = frame.current;
    if (!element || near) return;
    const watcher = new IntersectionObserver(
      (entries) => {
        if (entries.some(({ isIntersecting }) => isIntersecting)) setNear(true);
      },
      { rootMargin: "300px" },
    );
    watcher.observe(element);
    return () => watcher.disconnect();
  }, [near]);
  return (
    <span ref={frame} className={`block ${className}`}>
      {near && <Drawn id={id} look={look} stored={stored} title={title} />}
    </span>
  );
}

function Drawn({ id, look, stored, title }: Omit<LaterFigureProps, "className">) {
  const context = useMemo(() => contextOf(stored), [stored]);
  const prediction = useMemo(() => predict(look, context), [look, context]);
  return (
    <FaceFigure
      id={id}
      look={look}
      context={context}
      prediction={prediction}
      guides={{ hat: false }}
      title={title}
      className="h-full w-full"
    />
  );
}
