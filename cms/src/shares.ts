/** What each of many may have of something at a time, so that none keeps the others waiting. */
export class Shares {
  private readonly taken = new Map<string, number>();

  /** @param most how many one may have at a time */
  constructor(private readonly most: number) {}

  /** Takes one more for somebody; gives what gives it back, once, or null where they have all they may. */
  take(who: string): (() => void) | null {
    const has = this.taken.get(who) ?? 0;
    if (has >= this.most) return null;
    this.taken.set(who, has + 1);
    let given = false;
    return () => {
      if (given) return;
      given = true;
      const left = this.taken.get(who)! - 1;
      if (left) this.taken.set(who, left);
      else this.taken.delete(who);
    };
  }
}
