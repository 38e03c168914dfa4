/** One store of answers, as far as the service worker and the pages use one. */
class FakeCache {
  readonly answers = new Map<string, Response>();
  async match(request: RequestInfo | URL): Promise<Response | undefined> {
    return this.answers.get(addressOf(request))?.clone();
  }
  async put(request: RequestInfo | URL, response: Response): Promise<void> {
    this.answers.set(addressOf(request), response);
  }
  async delete(request: RequestInfo | URL): Promise<boolean> {
    return this.answers.delete(addressOf(request));
  }
  async keys(): Promise<Request[]> {
    return [...this.answers.keys()].map((address) => new Request(address));
  }
}

/** Where the pages of these tests stand. */
export const KEPT_AT = "http://stenz.test";

const addressOf = (request: RequestInfo | URL): string =>
  new URL(request instanceof Request ? request.url : String(request), KEPT_AT).href;

/** The stores of a browser that no test environment has: in memory, in the order they were made. */
export class FakeCaches {
  readonly stores = new Map<string, FakeCache>();
  async open(name: string): Promise<FakeCache> {
    const store = this.stores.get(name) ?? new FakeCache();
    this.stores.set(name, store);
    return store;
  }
  async has(name: string): Promise<boolean> {
    return this.stores.has(name);
  }
  async delete(name: string): Promise<boolean> {
    return this.stores.delete(name);
  }
  async keys(): Promise<string[]> {
    return [...this.stores.keys()];
  }
  async match(request: RequestInfo | URL): Promise<Response | undefined> {
    for (const store of this.stores.values()) {
      const found = await store.match(request);
      if (found) return found;
    }
    return undefined;
  }
}

/** What tests hand over as the browser's own. */
export const asCacheStorage = (fake: FakeCaches): CacheStorage => fake as unknown as CacheStorage;
