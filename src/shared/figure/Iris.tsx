/** What fills an iris, by the name of the drawing it is in. */
export function Iris({ id, lit }: { id: string; lit: (hex: string) => string }) {
  return (
    <radialGradient id={`${id}-iris`}>
      <stop offset="0" stopColor={lit("#8a6a4c")} />
      <stop offset="0.65" stopColor={lit("#5b4230")} />
      <stop offset="1" stopColor={lit("#35251a")} />
    </radialGradient>
  );
}
