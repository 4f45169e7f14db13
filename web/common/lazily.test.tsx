// @vitest-environment happy-dom
import { cleanup, render } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Broken } from './Broken';
import { lazily } from './lazily';

afterEach(cleanup);

describe('a part that is loaded when it is shown', () => {
  it('is not asked for before, is asked for once, and stands at once where it is there', async () => {
    const load = vi.fn(() => Promise.resolve({ Part: ({ text }: { text: string }) => <p>{text}</p> }));
    const Part = lazily(load, 'Part', <i>soon</i>);
    expect(load).not.toHaveBeenCalled();
    const first = render(<Part text="one" />);
    expect(first.getByText('soon')).toBeTruthy();
    expect(await first.findByText('one')).toBeTruthy();
    expect(render(<Part text="two" />).getByText('two')).toBeTruthy();
    expect(load).toHaveBeenCalledTimes(1);
  });

  it('says so where it cannot be loaded', async () => {
    const quiet = vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const Part = lazily((): Promise<{ Part: () => null }> => Promise.reject(new Error('Lupine is away.')), 'Part');
    const page = render(
      <Broken place="/">
        <Part />
      </Broken>,
    );
    expect((await page.findByRole('alert')).textContent).toContain('Lupine is away.');
    quiet.mockRestore();
  });
});
