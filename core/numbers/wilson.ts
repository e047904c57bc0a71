/**
 * The lower bound of Wilson's score interval for a share of `positive` of `total` votes, 0 to 1: the
 * share that is at least there with 97.5 % certainty, so that few votes count for little. 0 without
 * votes. E. B. Wilson (1927), Probable inference, the law of succession, and statistical inference,
 * Journal of the American Statistical Association 22: 209–212.
 */
export function wilsonLowerBound(positive: number, total: number): number {
  if (total <= 0) return 0
  const z = 1.959963984540054
  const share = positive / total
  const square = (z * z) / total
  const middle = share + square / 2
  const spread = z * Math.sqrt((share * (1 - share) + square / 4) / total)
  return Math.max(0, (middle - spread) / (1 + square))
}
