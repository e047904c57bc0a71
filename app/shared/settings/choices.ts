/** Named values as choices, in their order. */
export function choicesOf<Value extends string>(
  titles: Readonly<Record<Value, string>>,
): readonly { readonly value: Value; readonly title: string }[] {
  return (Object.keys(titles) as Value[]).map((value) => ({ value, title: titles[value] }))
}
