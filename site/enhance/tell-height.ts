/** Tells the page that frames this one how high it is: whenever that changes, and when it asks. */
export function tellHeight(): void {
  if (parent === window) return
  const root = document.documentElement
  const tell = () => parent.postMessage({ bushelHeight: root.offsetHeight }, '*')
  new ResizeObserver(tell).observe(root)
  addEventListener('message', ({ source, data }) => {
    const asks: unknown = typeof data === 'object' && data !== null ? Reflect.get(data, 'bushelAsks') : null
    if (source === parent && asks === 'height') tell()
  })
}
