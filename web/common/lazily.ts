import { createElement, useEffect, useState, type ComponentType, type ReactNode } from 'react';

type Parts<M> = { [N in keyof M]: M[N] extends ComponentType<never> ? N : never }[keyof M];
type Props<P> = P extends ComponentType<infer T> ? T & object : never;

/**
 * A component whose module is loaded when it is first shown. (React's own way to do this holds what has come back for
 * up to 300 ms.)
 *
 * @param meanwhile is shown until it has come
 */
export function lazily<M, N extends Parts<M>>(
  load: () => Promise<M>,
  name: N,
  meanwhile: ReactNode = null,
): ComponentType<Props<M[N]>> {
  let loaded: ComponentType<Props<M[N]>> | null = null;
  return function Lazily(props: Props<M[N]>) {
    const [Part, come] = useState(() => loaded);
    const [, fail] = useState(null);
    useEffect(() => {
      if (Part) return;
      load().then(
        (module) => {
          loaded = module[name] as ComponentType<Props<M[N]>>;
          come(() => loaded);
        },
        (error: unknown) =>
          // Whoever shows what is broken shows this, too.
          fail(() => {
            throw error;
          }),
      );
    }, [Part]);
    return Part ? createElement(Part, props) : meanwhile;
  };
}
