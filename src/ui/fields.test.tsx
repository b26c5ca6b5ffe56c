/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { writeMass } from '@/core/units/write-mass';
import { Figure } from './figure/Figure';
import { CountField } from './unit-field/CountField';
import { PercentField } from './unit-field/PercentField';
import { UnitField } from './unit-field/UnitField';
import '../../tests/support/patience';

function type(name: string, text: string): void {
  const field = screen.getByRole('textbox', { name });
  fireEvent.change(field, { target: { value: text } });
}

function Mass({ onValue }: { onValue: (grams: number | null) => void }) {
  const [grams, setGrams] = useState<number | null>(10);
  return (
    <UnitField
      label="Weight"
      quantity="mass"
      assume="g"
      value={grams}
      write={(value) => `${writeMass(value, 'g').number} g`}
      check={(value) => (value > 100 ? 'Too heavy for this page.' : null)}
      onChange={(value) => {
        setGrams(value);
        onValue(value);
      }}
    />
  );
}

describe('UnitField', () => {
  it('takes any unit and shows the maker’s own when left', () => {
    const values: (number | null)[] = [];
    render(<Mass onValue={(value) => values.push(value)} />);
    const field = screen.getByRole('textbox', { name: 'Weight' });
    expect(field).toHaveValue('10.0 g');
    type('Weight', '3/8 oz');
    expect(values.at(-1)).toBeCloseTo(10.631, 3);
    expect(field).toHaveValue('3/8 oz');
    fireEvent.blur(field);
    expect(field).toHaveValue('10.6 g');
  });

  it('keeps what it cannot read, says what would be right, and gives nothing', () => {
    const values: (number | null)[] = [];
    render(<Mass onValue={(value) => values.push(value)} />);
    type('Weight', '3/8 stone');
    const field = screen.getByRole('textbox', { name: 'Weight' });
    fireEvent.blur(field);
    expect(field).toHaveValue('3/8 stone');
    expect(field).toHaveAttribute('aria-invalid', 'true');
    expect(screen.getByRole('alert')).toHaveTextContent(
      "'stone' in '3/8 stone' is no unit of mass. Use g, mg",
    );
    expect(values.at(-1)).toBeNull();
  });

  it('holds a value against the page’s own check', () => {
    render(<Mass onValue={() => undefined} />);
    type('Weight', '200');
    expect(screen.getByRole('alert')).toHaveTextContent('Too heavy for this page.');
    type('Weight', '20');
    expect(screen.queryByRole('alert')).toBeNull();
  });
});

describe('CountField', () => {
  it('takes whole numbers in its range alone', () => {
    const values: (number | null)[] = [];
    render(
      <CountField label="Pieces" value={null} min={1} max={500} onChange={(value) => values.push(value)} />,
    );
    for (const text of ['12', '0', '2.5', 'ten', '501', '']) type('Pieces', text);
    expect(values).toEqual([12, null, null, null, null, null]);
    expect(screen.getByRole('alert')).toHaveTextContent('is not a whole number');
  });
});

describe('what may be left empty', () => {
  it('is emptied by clearing it, and by no slip', () => {
    const counts: (number | null)[] = [];
    const { unmount } = render(
      <CountField label="Low at" isOptional value={5} onChange={(value) => counts.push(value)} />,
    );
    type('Low at', '5 in');
    expect(screen.getByRole('alert')).toHaveTextContent('is not a whole number');
    expect(counts).toEqual([]);
    type('Low at', '');
    type('Low at', '2 dozen');
    expect(counts).toEqual([null, 24]);
    unmount();

    const masses: (number | null)[] = [];
    render(
      <UnitField
        label="Weighs"
        quantity="mass"
        assume="g"
        isOptional
        value={5}
        write={(value) => `${value} g`}
        onChange={(value) => masses.push(value)}
      />,
    );
    type('Weighs', '3 stone');
    type('Weighs', '');
    expect(masses).toEqual([null]);
  });

  it('steps by the arrow keys within its range', () => {
    const counts: (number | null)[] = [];
    render(<CountField label="Pieces" max={5} value={5} onChange={(value) => counts.push(value)} />);
    const field = screen.getByRole('textbox', { name: 'Pieces' });
    fireEvent.keyDown(field, { key: 'ArrowUp' });
    fireEvent.keyDown(field, { key: 'ArrowDown' });
    expect(counts).toEqual([5, 4]);
  });
});

describe('PercentField', () => {
  it('reads percentages as shares', () => {
    const values: (number | null)[] = [];
    render(<PercentField label="Within" value={0.05} most={0.5} onChange={(value) => values.push(value)} />);
    expect(screen.getByRole('textbox', { name: 'Within' })).toHaveValue('5');
    for (const text of ['7,5 %', '60', 'half']) type('Within', text);
    expect(values).toEqual([0.075, null, null]);
  });
});

describe('Figure', () => {
  const working = {
    title: 'True weight',
    steps: ['11 g × 0.9 = 9.9 g'],
    inputs: [
      { name: 'cavity', value: '0.9 cm³', basis: 'weighed' as const },
      { name: 'lot', value: '11 g/cm³', basis: 'reference' as const },
    ],
  };

  it('opens its working on a click, with where each input is from', async () => {
    render(
      <Figure working={working} unit="g">
        9.9
      </Figure>,
    );
    fireEvent.click(screen.getByRole('button', { name: 'True weight: 9.9 g. Show the working' }));
    expect(await screen.findByText('11 g × 0.9 = 9.9 g')).toBeInTheDocument();
    expect(screen.getByText('weighed by you')).toBeInTheDocument();
    expect(screen.getByText('reference list')).toBeInTheDocument();
  });

  it('says that it is a guess as soon as one input is', () => {
    render(
      <Figure working={{ ...working, inputs: [{ name: 'cavity', value: '?', basis: 'guess' }] }}>9.9</Figure>,
    );
    expect(screen.getByRole('button', { name: /a guess/ })).toBeInTheDocument();
  });
});
