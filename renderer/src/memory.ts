import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';

// Pictures are large and live outside V8's own heap, which therefore waits too long before it lets go of them.
setFlagsFromString('--expose-gc');

/** Lets go of pictures that nothing holds any more. */
export const letGo = runInNewContext('gc') as () => void;
