import fc from 'fast-check';
import { parseQuantity } from './parse-quantity';
import { QUANTITIES, type Quantity } from './quantities';

function valueOf(text: string, quantity: Quantity, assume?: string): number {
  const parsed = parseQuantity(text, quantity, assume);
  if (!parsed.ok) throw new Error(`${text}: ${parsed.problem.code}`);
  return parsed.value.value;
}

function codeOf(text: string, quantity: Quantity, assume?: string): string {
  const parsed = parseQuantity(text, quantity, assume);
  return parsed.ok ? `value ${parsed.value.value}` : parsed.problem.code;
}

describe('parseQuantity', () => {
  it.each<[string, Quantity, number]>([
    ['3/8 oz', 'mass', 10.631071171875],
    ['⅜oz', 'mass', 10.631071171875],
    ['1⅜ oz', 'mass', 38.98059429687],
    ['1 ½ oz', 'mass', 42.5242846875],
    ['10g', 'mass', 10],
    ['0.5 oz', 'mass', 14.1747615625],
    ['0,5 oz', 'mass', 14.1747615625],
    ['.5 OZ.', 'mass', 14.1747615625],
    ['154 gr', 'mass', 154 * 0.06479891],
    ['2 lb 3 oz', 'mass', 992.233309375],
    ['1,250 g', 'mass', 1.25],
    ['1.2 kg', 'mass', 1200],
    ['250 mg', 'mass', 0.25],
    ['1 1/2 in', 'length', 38.1],
    ['1-1/2"', 'length', 38.1],
    ['1–1/2″', 'length', 38.1],
    ['3.8 cm', 'length', 38],
    ['1 ft 2 in', 'length', 355.6],
    ['350F', 'temperature', 176.66666666666666],
    ['350 °F', 'temperature', 176.66666666666666],
    ['177 C', 'temperature', 177],
    ['-40 F', 'temperature', -40],
    ['−5 °C', 'temperature', -5],
    ['1/4 tsp', 'volume', 1.2322303984375],
    ['1 cup', 'volume', 236.5882365],
    ['2 tbsp', 'volume', 29.5735295625],
    ['20 ml', 'volume', 20],
    ['1 cm³', 'volume', 1],
    ['0.5 l', 'volume', 500],
    ['150 yd', 'length', 137_160],
    ['2 fl oz', 'volume', 59.147059125],
    ['1 fl. oz', 'volume', 29.5735295625],
    ['280 lb', 'strength', 127.0058636],
    ['280#', 'strength', 127.0058636],
    ['12.5 kg', 'strength', 12.5],
    ['2 ft/s', 'speed', 0.6096],
    ['3 mph', 'speed', 1.34112],
    ['36 km/h', 'speed', 10],
    ['0.4 m/s', 'speed', 0.4],
    ['15 min', 'duration', 900],
    ['1 h 30', 'duration', 5400],
    ['1h30', 'duration', 5400],
    ['1 h 30 min 10 s', 'duration', 5410],
    ['90 s', 'duration', 90],
    ['2\'30"', 'duration', 150],
    ['2 min 30', 'duration', 150],
    ['1:30', 'duration', 90],
    ['90:00', 'duration', 5400],
    ['1:05:20', 'duration', 3920],
  ])('reads %s as a %s', (text, quantity, expected) => {
    expect(valueOf(text, quantity)).toBeCloseTo(expected, 9);
  });

  it.each<[string, Quantity, string]>([
    ['', 'mass', 'units.empty'],
    ['heavy', 'mass', 'units.no-number'],
    ['10', 'mass', 'units.no-unit'],
    ['10 g or so', 'mass', 'units.left-over'],
    ['10 g 5', 'mass', 'units.left-over'],
    ['3 oz 2 lb', 'mass', 'units.left-over'],
    ['3-5 g', 'mass', 'units.left-over'],
    ['1.250,5 g', 'mass', 'units.left-over'],
    ['1e3 g', 'mass', 'units.unknown-unit'],
    ['10 mm', 'mass', 'units.unknown-unit'],
    ['10 C', 'mass', 'units.unknown-unit'],
    ['2\'30"', 'length', 'units.unknown-unit'],
    ['-1 g', 'mass', 'units.negative'],
    ['-1 1/2 in', 'length', 'units.negative'],
    ['-90 s', 'duration', 'units.negative'],
    ['3/0 oz', 'mass', 'units.zero-denominator'],
    ['-300 C', 'temperature', 'units.below-absolute-zero'],
    [`${'9'.repeat(400)} g`, 'mass', 'units.too-large'],
  ])('refuses %s as a %s', (text, quantity, code) => {
    expect(codeOf(text, quantity)).toBe(code);
  });

  it('gives a bare number the assumed unit, and only a unit of that quantity', () => {
    expect(valueOf('3/8', 'mass', 'oz')).toBeCloseTo(10.631071171875, 9);
    expect(valueOf('350', 'temperature', 'F')).toBeCloseTo(176.66666666666666, 9);
    expect(codeOf('10', 'mass', 'mm')).toBe('units.unknown-assumed-unit');
    expect(valueOf('1:30', 'duration', 'h')).toBe(5400);
    expect(codeOf('1:75', 'duration', 'min')).toBe('units.left-over');
    expect(codeOf('1:30', 'mass', 'g')).toBe('units.left-over');
    expect(valueOf('10 g', 'mass', 'oz')).toBe(10);
  });

  it('reads back what it could have written, in every unit of every quantity', () => {
    const units = Object.entries(QUANTITIES).flatMap(([quantity, { units: all }]) =>
      all.flatMap((unit) => unit.names.map((name) => ({ quantity: quantity as Quantity, unit, name }))),
    );
    fc.assert(
      fc.property(
        fc.constantFrom(...units),
        fc.integer({ min: 0, max: 1_000_000 }),
        fc.constantFrom('', ' '),
        ({ quantity, unit, name }, thousandths, gap) => {
          const number = thousandths / 1000;
          const expected = number * unit.factor + (unit.offset ?? 0);
          expect(valueOf(`${number}${gap}${name}`, quantity)).toBeCloseTo(expected, 6);
          expect(valueOf(`${String(number).replace('.', ',')}${gap}${name}`, quantity)).toBeCloseTo(
            expected,
            6,
          );
        },
      ),
    );
  });

  it('reads any fraction as its decimal', () => {
    fc.assert(
      fc.property(fc.nat(20), fc.nat(63), fc.integer({ min: 1, max: 64 }), (whole, top, bottom) => {
        expect(valueOf(`${whole} ${top}/${bottom} oz`, 'mass')).toBeCloseTo(
          (whole + top / bottom) * 28.349523125,
          6,
        );
      }),
    );
  });

  it('never throws and never gives what is not finite, whatever is written', () => {
    fc.assert(
      fc.property(
        fc.string(),
        fc.constantFrom<Quantity>('mass', 'length', 'temperature', 'volume', 'duration'),
        (text, quantity) => {
          const parsed = parseQuantity(text, quantity);
          if (parsed.ok) expect(Number.isFinite(parsed.value.value)).toBe(true);
        },
      ),
    );
  });
});
