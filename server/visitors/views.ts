import { viewName } from '../../core/visitors/views'
import type { ViewsControl } from '../../core/visitors/views'
import { fewWays, othersAsked } from './asked'
import type { ControlsAsked } from './asked'
import type { Loaded } from './index'

/** The listing as it is laid out by itself, and as visitors can have it instead. */
export async function viewsContent(
  control: ViewsControl,
  chosen: number | null,
  of: ControlsAsked,
): Promise<Loaded<'views'>> {
  const own = viewName({ name: control.own, shape: of.own.shape })
  const offered = control.views.map((view, choice) => ({ choice, title: viewName(view) }))
  const ways = fewWays(of, control, [{ choice: null, title: own }, ...offered], chosen)
  const { parameter: remembered } = othersAsked(of, control)
  return { content: { layout: control.layout, ways, remembered }, inSight: ways.length }
}
