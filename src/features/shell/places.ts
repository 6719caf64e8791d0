/** The places of the rail, in the order of the work. A new one is a line here and its icon in the rail. */
export const PLACES = [
  { key: "today", href: "/", label: "Today", goKey: "t" },
  { key: "looks", href: "/looks", label: "Looks", goKey: "l" },
  { key: "calls", href: "/calls", label: "Calls", goKey: "c" },
  { key: "booth", href: "/booth", label: "Booth", goKey: "b" },
  { key: "records", href: "/records", label: "Records", goKey: "e" },
  { key: "people", href: "/people", label: "People", goKey: "p" },
  { key: "mixing", href: "/mixing", label: "Mixing", goKey: "m" },
  { key: "shelf", href: "/shelf", label: "Shelf", goKey: "s" },
  { key: "rules", href: "/rules", label: "Rules", goKey: "r" },
] as const;
