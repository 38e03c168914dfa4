import type { RequestHandler } from "express";
import { rateLimit } from "express-rate-limit";

/** So many requests may come from one address within this time: far more than a hand makes, far fewer than a flood. */
const [MOST, WITHIN_MS] = [600, 30_000];

/** Refuses what comes too fast from one address of the network. */
export const limitRate = (): RequestHandler =>
  rateLimit({
    ...{ windowMs: WITHIN_MS, limit: MOST, standardHeaders: "draft-8", legacyHeaders: false, ipv6Subnet: 64 },
    handler: (_request, response) => {
      response
        .status(429)
        .type("text/plain")
        .send("Too many requests came from this device. Try again in half a minute.");
    },
  });
