import sanitizeHtml from 'sanitize-html'

const shapes = [
  'svg',
  'g',
  'defs',
  'symbol',
  'use',
  'title',
  'desc',
  'path',
  'rect',
  'circle',
  'ellipse',
  'line',
  'polyline',
  'polygon',
  'text',
  'tspan',
  'clipPath',
  'mask',
  'pattern',
  'linearGradient',
  'radialGradient',
  'stop',
  'marker',
]
const attributes = [
  'id',
  'class',
  'xmlns',
  'version',
  'viewBox',
  'preserveAspectRatio',
  'width',
  'height',
  'x',
  'y',
  'x1',
  'x2',
  'y1',
  'y2',
  'cx',
  'cy',
  'r',
  'rx',
  'ry',
  'fx',
  'fy',
  'd',
  'points',
  'transform',
  'fill',
  'fill-opacity',
  'fill-rule',
  'clip-rule',
  'clip-path',
  'mask',
  'stroke',
  'stroke-width',
  'stroke-linecap',
  'stroke-linejoin',
  'stroke-dasharray',
  'stroke-dashoffset',
  'stroke-opacity',
  'stroke-miterlimit',
  'opacity',
  'offset',
  'stop-color',
  'stop-opacity',
  'gradientUnits',
  'gradientTransform',
  'spreadMethod',
  'patternUnits',
  'patternTransform',
  'patternContentUnits',
  'clipPathUnits',
  'maskUnits',
  'font-family',
  'font-size',
  'font-weight',
  'text-anchor',
  'letter-spacing',
  'dx',
  'dy',
  'markerWidth',
  'markerHeight',
  'refX',
  'refY',
  'orient',
  'href',
]

/**
 * A drawing of shapes alone: no scripts, no handlers, no style sheets, nothing embedded and nothing
 * fetched. References may lead to parts of the drawing itself only. Null where no shape is left.
 */
export function safeSvg(given: Buffer): Buffer | null {
  const cleaned = sanitizeHtml(given.toString('utf8'), {
    allowedTags: shapes,
    allowedAttributes: { '*': attributes },
    parser: { xmlMode: true, lowerCaseTags: false, lowerCaseAttributeNames: false },
    transformTags: {
      '*': (tagName, attribs) => ({
        tagName,
        attribs: Object.fromEntries(
          Object.entries(attribs)
            .map(([name, value]) => [name === 'xlink:href' ? 'href' : name, value] as const)
            .filter(([name, value]) =>
              name === 'href'
                ? /^#[\w.-]+$/.test(value)
                : !/url\(\s*['"]?(?!#)|expression|javascript:/i.test(value),
            ),
        ),
      }),
    },
    allowedSchemes: [],
    allowProtocolRelative: false,
  })
  const svg = /<svg[\s\S]*<\/svg>/.exec(cleaned)?.[0]
  if (svg === undefined) return null
  return Buffer.from(
    /^<svg[^>]*\sxmlns=/.test(svg) ? svg : svg.replace(/^<svg/, '<svg xmlns="http://www.w3.org/2000/svg"'),
  )
}
