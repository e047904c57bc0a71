/** The size, in CSS pixels, for which the width of letters is told: that in which the site sets summaries. */
export const measuredSize = 15
