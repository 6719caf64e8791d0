/** Draws chosen areas by their common edge: a dark line in a light one, to be seen on any colour. */
export function ChosenEdge({ id }: { id: string }) {
  return (
    <filter id={`${id}-edge`} x="-5%" y="-5%" width="110%" height="110%">
      <feMorphology in="SourceAlpha" operator="dilate" radius={0.7} result="wide" />
      <feMorphology in="SourceAlpha" operator="dilate" radius={1.5} result="wider" />
      <feFlood floodColor="#fff" />
      <feComposite in2="wider" operator="in" result="halo" />
      <feFlood floodColor="#111" />
      <feComposite in2="wide" operator="in" result="line" />
      <feMerge result="both">
        <feMergeNode in="halo" />
        <feMergeNode in="line" />
      </feMerge>
      <feComposite in="both" in2="SourceAlpha" operator="out" />
    </filter>
  );
}
