import { serve, type Port } from './crew.ts';

/** One of those who play: what to play comes in by the port that it is given. */
self.onmessage = ({ data }: MessageEvent<Port>): void => serve(data);
