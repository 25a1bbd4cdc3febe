/** A number as people type it, with a point or a comma; null for nothing, undefined for what is no number. */
export function readDecimal(text: string): number | null | undefined {
  const trimmed = text.trim().replace(",", ".");
  if (trimmed === "") return null;
  return /^-?(\d+\.?\d*|\.\d+)$/.test(trimmed) ? Number(trimmed) : undefined;
}
