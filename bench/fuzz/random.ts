const SIGNS = [...'abcdefghijklmnopqrstuvwxyz ABCDEF 0123456789 -_.,:/\\\'"<>&%#?=+@\n\tßéł傷😀'];

/** The same numbers for the same seed (mulberry32). */
export class Random {
  constructor(private state: number) {}

  next(): number {
    this.state = (this.state + 0x6d2b79f5) | 0;
    let t = Math.imul(this.state ^ (this.state >>> 15), 1 | this.state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  }

  chance(share: number): boolean {
    return this.next() < share;
  }

  between(low: number, high: number): number {
    return Math.floor(low + this.next() * (Math.max(low, high) - low + 1));
  }

  pick<T>(list: readonly T[]): T {
    return list[Math.floor(this.next() * list.length)] as T;
  }

  text(length: number): string {
    return Array.from({ length }, () => this.pick(SIGNS)).join('');
  }

  uuid(): string {
    const hex = Array.from({ length: 32 }, () => this.between(0, 15).toString(16)).join('');
    return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-a${hex.slice(17, 20)}-${hex.slice(20)}`;
  }
}
