// @vitest-environment happy-dom
import { cleanup, render, screen, waitFor } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { StageTimeContext } from '../fields/stageTime';
import { GroupFields } from './GroupFields';
import { OneField } from './OneField';
import { first, settings, type Groups } from './settings';

/** What the server was asked to read, and the stage that it was asked for. */
const asked: { text: string; unit: string; rate?: [number, number] }[] = [];

beforeEach(() => {
  asked.length = 0;
  vi.stubGlobal('fetch', (_: string, { body }: { body: string }) => {
    const wanted = JSON.parse(body) as (typeof asked)[number];
    asked.push(wanted);
    const seconds = /^([\d.]+)s$/.exec(wanted.text);
    const [frames, of] = wanted.rate ?? [30, 1];
    const value = seconds ? Math.round((Number(seconds[1]) * frames) / of) : Number(wanted.text);
    return Promise.resolve(
      Number.isNaN(value)
        ? new Response(JSON.stringify({ message: 'This is no number.' }), { status: 422 })
        : new Response(JSON.stringify({ value })),
    );
  });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const user = userEvent.setup();
const glow = (): Groups['Glow'] => ({ ...first.Glow!, colour: null });

/** A group that keeps what its fields say. */
function Kept({ told }: { told: (value: Groups['Glow']) => void }) {
  const [value, setValue] = useState(glow());
  return (
    <StageTimeContext value={{ rate: [25, 1], dropFrame: false }}>
      <GroupFields
        of="Glow"
        value={value}
        onChange={(part) => {
          const next = { ...value, ...part };
          setValue(next);
          told(next);
        }}
      />
    </StageTimeContext>
  );
}

const type = async (label: string, text: string): Promise<void> => {
  const field = screen.getByLabelText(label, { exact: true });
  await user.clear(field);
  await user.type(field, `${text}{Enter}`);
};

describe('the fields of a group', () => {
  it('has one for each setting that core declares and that matters, with its unit', async () => {
    const told = vi.fn();
    render(<Kept told={told} />);
    expect(screen.getByLabelText('Radius')).toHaveProperty('value', String(first.Glow!.reach));
    expect(screen.getByLabelText('Opacity')).toHaveProperty('value', String(first.Glow!.opacity * 100));
    expect(screen.queryByLabelText('Pulse period'), 'it matters where there is a pulse').toBeNull();
    await type('Pulse', '40');
    await waitFor(() => expect(told).toHaveBeenLastCalledWith({ ...glow(), breath: 0.4 }));
    expect(asked, 'what is a plain number is known at once').toEqual([]);
    const period = settings.Glow.fields.find(({ name }) => name === 'every')!;
    expect(screen.getByLabelText('Pulse period'), 'now it matters').toHaveProperty('value', String(period.default));
  });

  it.each(Object.keys(first) as (keyof typeof first)[])('are there for %s as it begins', (of) => {
    const value = first[of] as Groups[typeof of];
    const { container } = render(<GroupFields of={of} value={value} onChange={vi.fn()} />);
    const plain = settings[of].fields.filter(
      ({ kind, when }) => !when && ['number', 'whole', 'choice', 'switch', 'colour', 'text'].includes(kind),
    );
    for (const { kind, label, none } of plain)
      expect(container.textContent, label).toContain(kind === 'colour' ? (none ?? label) : label);
    expect(container.querySelectorAll('input, select').length).toBeGreaterThanOrEqual(plain.length);
  });

  it('takes seconds for frames, at the rate of the stage', async () => {
    const told = vi.fn();
    render(
      <StageTimeContext value={{ rate: [25, 1], dropFrame: false }}>
        <OneField of="Drift" name="every" value={100} onChange={told} />
      </StageTimeContext>,
    );
    await type('Period', '2s');
    await waitFor(() => expect(told).toHaveBeenCalledWith(50));
    expect(asked[0].rate).toEqual([25, 1]);
  });

  it('refuses what is out of the range that core declares, and keeps what was typed', async () => {
    const told = vi.fn();
    render(<OneField of="Glow" name="reach" value={26} onChange={told} />);
    const { min, max } = settings.Glow.fields.find(({ name }) => name === 'reach')!;
    await type('Radius', String(max! + 1));
    expect(await screen.findByText(`From ${min} to ${max} px.`)).toBeDefined();
    expect(screen.getByLabelText('Radius')).toHaveProperty('value', String(max! + 1));
    expect(screen.getByLabelText('Radius').getAttribute('aria-invalid')).toBe('true');
    expect(told).not.toHaveBeenCalled();
  });

  it('says what cannot be read, in the words of core', async () => {
    render(<OneField of="Glow" name="reach" value={26} onChange={vi.fn()} />);
    await type('Radius', 'wide');
    expect(await screen.findByText('This is no number.')).toBeDefined();
  });

  it('steps by the arrow keys as far as the range goes, and goes back to the default', async () => {
    const told = vi.fn();
    render(<OneField of="Glow" name="reach" value={399} onChange={told} />);
    const field = screen.getByLabelText('Radius');
    await user.click(field);
    await user.keyboard('{ArrowUp}');
    expect(told).toHaveBeenLastCalledWith(400);
    await user.dblClick(screen.getByText('Radius'));
    expect(told).toHaveBeenLastCalledWith(settings.Glow.fields.find(({ name }) => name === 'reach')!.default);
  });
});
