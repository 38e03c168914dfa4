/** Noise between −1 and 1 from whole numbers alone (a mixed 32-bit hash, after Murmur's finaliser). */
export function noise(seed: number, number: number, channel: number): number {
  let hash =
    Math.imul(seed ^ 0x9e3779b9, 0x85ebca6b) ^ Math.imul(number + 1, 0xc2b2ae35) ^ Math.imul(channel, 0x27d4eb2f);
  hash = Math.imul(hash ^ (hash >>> 16), 0x85ebca6b);
  hash = Math.imul(hash ^ (hash >>> 13), 0xc2b2ae35);
  return ((hash ^ (hash >>> 16)) >>> 0) / 0x7fffffff - 1;
}
