import { summaryOf, type Asks, type Plan } from '../core/plan';

/** Works out the figures of a plan off the page's own thread. */
self.onmessage = ({ data }: MessageEvent<{ turn: number; plan: Plan; asks: Asks }>) => {
  self.postMessage({ turn: data.turn, summary: summaryOf(data.plan, data.asks) });
};
