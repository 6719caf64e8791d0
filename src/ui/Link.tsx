"use client";
import NextLink from "next/link";
import { useState, type ComponentProps } from "react";

/**
 * A link that fetches where it leads when a hand comes near it, not when it comes into view: a
 * screen here has some forty of them, and each fetch is a page worked out on the painter's own
 * machine.
 */
export function Link({
  onMouseEnter,
  onFocus,
  ...rest
}: Omit<ComponentProps<typeof NextLink>, "prefetch">) {
  const [near, setNear] = useState(false);
  return (
    <NextLink
      {...rest}
      prefetch={near ? null : false}
      onMouseEnter={(event) => {
        setNear(true);
        onMouseEnter?.(event);
      }}
      onFocus={(event) => {
        setNear(true);
        onFocus?.(event);
      }}
    />
  );
}
