/** The hours of a person's day, `HH:MM`, by which hours without a half and parts of the day are told. */
export type DayHours = {
  readonly up: string;
  readonly bed: string;
  /** When work begins and ends. */
  readonly begin: string;
  readonly end: string;
  readonly lunch: string;
};

export const usualHours: DayHours = {
  up: '07:00',
  bed: '23:00',
  begin: '09:00',
  end: '17:00',
  lunch: '12:30',
};
