/**
 * An amount of money as it stands in a sentence: "R$ 12", "R$ 6.55". Takes the household's
 * currency, '' where it named none (the figure stands alone then), and how many digits of a whole
 * are said.
 */
export const moneyText = (amount: number, currency: string, digits = 0): string =>
  `${currency} ${amount.toFixed(digits)}`.trim();
