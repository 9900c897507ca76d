/** Whether a date in figures begins with the month where the browser is from. */
export const monthFirst = (): boolean => {
  const [first] = new Intl.DateTimeFormat(navigator.language).formatToParts().map(({ type }) => type);
  return first === 'month';
};
