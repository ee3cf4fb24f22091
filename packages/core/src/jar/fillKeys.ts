/**
 * For every whole weight the best fill of exactly that weight, as one whole number, its key:
 * smaller is better, keys of jars add up. A weight that no jars make has none. Keys are exact; what
 * one number cannot hold is kept in two.
 */
export interface FillKeys {
  /**
   * Allows up to `limit` more of a kind of so many steps and such a key; gives how many each weight
   * takes of it.
   */
  add: (kind: KeyedKind, limit: number) => { keys: FillKeys; taken: Int32Array };
  /** Allows more of a kind without end. */
  addUnlimited: (kind: KeyedKind) => FillKeys;
  /** The key at a weight; null where no jars make it. */
  at: (weight: number) => bigint | null;
  /** Whether the fill of weight `a` has a smaller key than that of weight `b`. */
  isSmaller: (a: number, b: number) => boolean;
  has: (weight: number) => boolean;
}
export interface KeyedKind {
  /** Weight of one jar, in steps. */
  weight: number;
  key: bigint;
}

const LARGEST = BigInt(Number.MAX_SAFE_INTEGER);

/**
 * Keys of the empty fill for weights below `size`. Takes what bounds every key that will come up,
 * and the most jars of one kind. One number a key where it fits, else two, else as many digits as
 * it takes, which is slow.
 */
export function emptyFill(size: number, largest: bigint, mostJars: number): FillKeys {
  if (largest <= LARGEST) return new PlainKeys(emptyNumbers(size));
  // The lower number times the most jars of a kind has to stay exact.
  const limb = 2 ** Math.floor(52 - Math.log2(mostJars + 2));
  if (largest / BigInt(limb) <= LARGEST)
    return new SplitKeys(emptyNumbers(size), emptyNumbers(size), limb);
  const keys = new Array<bigint | null>(size).fill(null);
  keys[0] = 0n;
  return new WideKeys(keys);
}

function emptyNumbers(size: number): Float64Array {
  const keys = new Float64Array(size).fill(Infinity);
  keys[0] = 0;
  return keys;
}

/** Keys that one number holds. */
class PlainKeys implements FillKeys {
  constructor(private readonly keys: Float64Array) {}

  /** For each remainder, the best of the last `limit` steps in a monotone queue. */
  add(kind: KeyedKind, limit: number): { keys: FillKeys; taken: Int32Array } {
    const { keys } = this;
    const { weight: step } = kind;
    const one = Number(kind.key);
    const size = keys.length;
    const next = new Float64Array(size).fill(Infinity);
    const taken = new Int32Array(size);
    const queueK = new Int32Array(Math.ceil(size / step) + 1);
    const queueKey = new Float64Array(queueK.length);
    for (let r = 0; r < step && r < size; r++) {
      let head = 0;
      let tail = 0;
      for (let k = 0, w = r; w < size; k++, w += step) {
        if (keys[w] !== Infinity) {
          const key = keys[w] - one * k;
          // On a tie the older entry stays: it stands for more jars of this kind.
          while (tail > head && key < queueKey[tail - 1]) tail--;
          queueK[tail] = k;
          queueKey[tail++] = key;
        }
        while (tail > head && queueK[head] < k - limit) head++;
        if (tail === head) continue;
        next[w] = queueKey[head] + one * k;
        taken[w] = k - queueK[head];
      }
    }
    return { keys: new PlainKeys(next), taken };
  }

  addUnlimited({ weight, key }: KeyedKind): FillKeys {
    const next = this.keys.slice();
    const one = Number(key);
    for (let w = weight; w < next.length; w++)
      if (next[w - weight] + one < next[w]) next[w] = next[w - weight] + one;
    return new PlainKeys(next);
  }

  at(weight: number): bigint | null {
    return this.has(weight) ? BigInt(this.keys[weight]) : null;
  }

  isSmaller(a: number, b: number): boolean {
    return this.keys[a] < this.keys[b];
  }

  has(weight: number): boolean {
    return this.keys[weight] !== Infinity;
  }
}

/** Keys in two numbers: `high` times the limb, and `low` from 0 up to it. */
class SplitKeys implements FillKeys {
  constructor(
    private readonly high: Float64Array,
    private readonly low: Float64Array,
    private readonly limb: number,
  ) {}

  private parts(key: bigint): { high: number; low: number } {
    const limb = BigInt(this.limb);
    const low = ((key % limb) + limb) % limb;
    return { high: Number((key - low) / limb), low: Number(low) };
  }

  /** As for plain keys, with a carry between the two numbers. */
  add(kind: KeyedKind, limit: number): { keys: FillKeys; taken: Int32Array } {
    const { high, low, limb } = this;
    const { weight: step } = kind;
    const one = this.parts(kind.key);
    const size = high.length;
    const nextHigh = new Float64Array(size).fill(Infinity);
    const nextLow = new Float64Array(size).fill(Infinity);
    const taken = new Int32Array(size);
    const queueK = new Int32Array(Math.ceil(size / step) + 1);
    const queueHigh = new Float64Array(queueK.length);
    const queueLow = new Float64Array(queueK.length);
    for (let r = 0; r < step && r < size; r++) {
      let head = 0;
      let tail = 0;
      for (let k = 0, w = r; w < size; k++, w += step) {
        if (high[w] !== Infinity) {
          const rest = low[w] - one.low * k;
          const carry = Math.floor(rest / limb);
          const keyHigh = high[w] - one.high * k + carry;
          const keyLow = rest - carry * limb;
          while (
            tail > head &&
            (keyHigh < queueHigh[tail - 1] ||
              (keyHigh === queueHigh[tail - 1] && keyLow < queueLow[tail - 1]))
          )
            tail--;
          queueK[tail] = k;
          queueHigh[tail] = keyHigh;
          queueLow[tail++] = keyLow;
        }
        while (tail > head && queueK[head] < k - limit) head++;
        if (tail === head) continue;
        const sum = queueLow[head] + one.low * k;
        const carry = Math.floor(sum / limb);
        nextHigh[w] = queueHigh[head] + one.high * k + carry;
        nextLow[w] = sum - carry * limb;
        taken[w] = k - queueK[head];
      }
    }
    return { keys: new SplitKeys(nextHigh, nextLow, limb), taken };
  }

  addUnlimited({ weight, key }: KeyedKind): FillKeys {
    const one = this.parts(key);
    const { limb } = this;
    const high = this.high.slice();
    const low = this.low.slice();
    for (let w = weight; w < high.length; w++) {
      const sum = low[w - weight] + one.low;
      const carry = sum >= limb ? 1 : 0;
      const moreHigh = high[w - weight] + one.high + carry;
      const moreLow = sum - carry * limb;
      if (moreHigh > high[w] || (moreHigh === high[w] && !(moreLow < low[w]))) continue;
      high[w] = moreHigh;
      low[w] = moreLow;
    }
    return new SplitKeys(high, low, limb);
  }

  at(weight: number): bigint | null {
    if (!this.has(weight)) return null;
    return BigInt(this.high[weight]) * BigInt(this.limb) + BigInt(this.low[weight]);
  }

  isSmaller(a: number, b: number): boolean {
    const { high, low } = this;
    return high[a] < high[b] || (high[a] === high[b] && low[a] < low[b]);
  }

  has(weight: number): boolean {
    return this.high[weight] !== Infinity;
  }
}

/** Keys of any length, for prices so far apart that no two numbers hold their sum. */
class WideKeys implements FillKeys {
  constructor(private readonly keys: (bigint | null)[]) {}

  /** As for plain keys. */
  add(kind: KeyedKind, limit: number): { keys: FillKeys; taken: Int32Array } {
    const { keys } = this;
    const { weight: step, key: one } = kind;
    const next = new Array<bigint | null>(keys.length).fill(null);
    const taken = new Int32Array(keys.length);
    for (let r = 0; r < step && r < keys.length; r++) {
      let queue: { k: number; key: bigint }[] = [];
      for (let k = 0, w = r; w < keys.length; k++, w += step) {
        const here = keys[w];
        if (here !== null) {
          const key = here - one * BigInt(k);
          while (queue.length && key < queue[queue.length - 1].key) queue.pop();
          queue.push({ k, key });
        }
        queue = queue.filter((entry) => entry.k >= k - limit);
        if (!queue.length) continue;
        next[w] = queue[0].key + one * BigInt(k);
        taken[w] = k - queue[0].k;
      }
    }
    return { keys: new WideKeys(next), taken };
  }

  addUnlimited({ weight, key }: KeyedKind): FillKeys {
    const next = this.keys.slice();
    for (let w = weight; w < next.length; w++) {
      const before = next[w - weight];
      const here = next[w];
      if (before !== null && (here === null || before + key < here)) next[w] = before + key;
    }
    return new WideKeys(next);
  }

  at(weight: number): bigint | null {
    return this.keys[weight];
  }

  isSmaller(a: number, b: number): boolean {
    const [one, other] = [this.keys[a], this.keys[b]];
    return one !== null && (other === null || one < other);
  }

  has(weight: number): boolean {
    return this.keys[weight] !== null;
  }
}
