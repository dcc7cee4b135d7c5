/** Styles a picture keeps where the page's own are gone. */
const PAPER: Record<string, string> = {
    '--paper': '#ffffff',
    '--ink': '#16181d',
    '--soft': '#5b6170',
    '--edge': '#c9cdd6',
    '--faint': '#e7e9ee',
    '--amber': '#d99a1b',
    '--ball': '#8a4a12',
};

/** The SVG of a drawing as a file of its own: colours in place of the page's. */
export function svgText(svg: SVGSVGElement): string {
    const copy = svg.cloneNode(true) as SVGSVGElement;
    for (const drawn of [copy, ...copy.querySelectorAll('[class]')]) drawn.removeAttribute('class');
    copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
    const text = new XMLSerializer().serializeToString(copy);
    return Object.entries(PAPER).reduce((t, [name, colour]) => t.replaceAll(`var(${name})`, colour), text);
}
