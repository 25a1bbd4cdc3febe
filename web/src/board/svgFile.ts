/** A drawing as a file of its own: what the page’s style says of colours is written into it. */
export function svgText(drawing: SVGSVGElement): string {
  const style = getComputedStyle(drawing);
  const copy = drawing.cloneNode(true) as SVGSVGElement;
  const [, , width = 0, height = 0] = (copy.getAttribute("viewBox") ?? "").split(" ").map(Number);
  copy.setAttribute("width", `${width}mm`);
  copy.setAttribute("height", `${height}mm`);
  copy.removeAttribute("class");
  return `<?xml version="1.0" encoding="UTF-8"?>\n${new XMLSerializer()
    .serializeToString(copy)
    .replace(/var\((--[\w-]+)\)/g, (_, name: string) => style.getPropertyValue(name).trim() || "none")}`;
}
