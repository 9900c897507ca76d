/** The clock of the town of stand-ins: it runs on from where it was set. Epoch ms. */
export function townClock(machine: () => number = Date.now) {
  let offset = 0;
  return {
    now: () => machine() + offset,
    set: (to: number) => void (offset = to - machine()),
  };
}

export type TownClock = ReturnType<typeof townClock>;
