/** A tool's lettering, under it. */
export default function ToolName({ x, below, children }: { x: number; below: number; children: string }) {
  return (
    <text x={x} y={below + 24} textAnchor="middle" className="fr" fontSize={19} fontWeight={600} fill="currentColor">
      {children.replace("/", "⁄")}
    </text>
  );
}
