import type { BreadcrumbSettings } from '../../core/fittings/breadcrumbs'
import type { FittingContents } from '../../site/view'
import type { FittingAsked } from './index'

/** The way to the page; nothing on the front page, which is where it begins. */
export function breadcrumbsContent(
  { home }: BreadcrumbSettings,
  { trail }: FittingAsked,
): Promise<FittingContents['breadcrumbs']> {
  const [first, ...others] = trail
  return Promise.resolve(
    first === undefined || others.length === 0 ? [] : [{ ...first, title: home }, ...others],
  )
}
