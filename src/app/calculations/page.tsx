import { stack, wrap } from '@/ui/layout/layout';
import type { Metadata } from 'next';
import { z } from 'zod';
import { CALCULATIONS } from '@/calculations/registry';
import { CalculationCard } from './CalculationCard';
import styles from './calculations.module.css';

export const metadata: Metadata = { title: 'Calculations' };

interface FieldSchema {
  readonly properties?: Record<string, FieldSchema>;
  readonly required?: readonly string[];
  readonly type?: string;
  readonly items?: FieldSchema;
  readonly enum?: readonly string[];
  readonly anyOf?: readonly FieldSchema[];
  readonly minimum?: number;
  readonly exclusiveMinimum?: number;
  readonly maximum?: number;
  readonly exclusiveMaximum?: number;
  readonly description?: string;
}

interface FieldRow {
  readonly name: string;
  readonly type: string;
  readonly note: string;
}

/** Bounds that only say how far whole numbers reach in a computer. */
const SAFE = Number.MAX_SAFE_INTEGER;

function typeOf(schema: FieldSchema): string {
  if (schema.enum) return schema.enum.join(' | ');
  if (schema.anyOf) return schema.anyOf.map(typeOf).join(' or ');
  if (schema.type === 'array')
    return `list of ${schema.items?.properties ? 'objects' : typeOf(schema.items ?? {})}`;
  return schema.type === 'integer' ? 'whole number' : (schema.type ?? 'any');
}

function rangeOf(schema: FieldSchema): string {
  return [
    schema.minimum !== undefined && schema.minimum > -SAFE ? `${schema.minimum} or more` : '',
    schema.exclusiveMinimum !== undefined ? `over ${schema.exclusiveMinimum}` : '',
    schema.maximum !== undefined && schema.maximum < SAFE ? `${schema.maximum} or less` : '',
    schema.exclusiveMaximum !== undefined ? `under ${schema.exclusiveMaximum}` : '',
  ]
    .filter(Boolean)
    .join(', ');
}

function rowsOf(schema: FieldSchema, prefix = ''): FieldRow[] {
  return Object.entries(schema.properties ?? {}).flatMap(([key, field]) => {
    const name = `${prefix}${key}`;
    const isOptional = !schema.required?.includes(key);
    const note = [field.description ?? '', rangeOf(field), isOptional ? 'may be left out' : '']
      .filter(Boolean)
      .join('; ');
    const inner = field.items?.properties ? rowsOf(field.items, `${name}[].`) : rowsOf(field, `${name}.`);
    return [{ name, type: typeOf(field), note }, ...inner];
  });
}

/** Every published calculation with its inputs, its sources and an example to change and run. */
export default function CalculationsPage() {
  return (
    <main className={styles.page}>
      <header>
        <h1>Calculations</h1>
        <p>
          What the pages compute is published: the same by <code>POST /api/calc/NAME</code> and by{' '}
          <code>npm run --silent calc -- run NAME</code>. Units stand in the names; every example below can be
          changed and run.
        </p>
        <nav aria-label="Calculations" className={wrap(0, styles.index)}>
          {CALCULATIONS.map(({ name }) => (
            <a key={name} href={`#${name}`}>
              {name}
            </a>
          ))}
        </nav>
      </header>
      {CALCULATIONS.map((calculation) => {
        const schema = z.toJSONSchema(calculation.input, { io: 'input' }) as FieldSchema;
        const output = z.toJSONSchema(calculation.output) as FieldSchema;
        return (
          <article key={calculation.name} id={calculation.name} className={styles.card}>
            <h2>{calculation.name}</h2>
            <p>{calculation.summary}</p>
            <div className={stack(28, styles.columns)}>
              <div>
                <Fields title="Takes" rows={rowsOf(schema)} />
                <Fields title="Gives" rows={rowsOf(output)} />
                <h3>Sources</h3>
                <ul className={styles.sources}>
                  {calculation.sources.map((source) => (
                    <li key={source}>{source}</li>
                  ))}
                </ul>
              </div>
              <CalculationCard
                name={calculation.name}
                example={JSON.stringify(calculation.example, null, 2)}
              />
            </div>
          </article>
        );
      })}
    </main>
  );
}

function Fields({ title, rows }: { title: string; rows: readonly FieldRow[] }) {
  return (
    <section aria-label={title}>
      <h3>{title}</h3>
      <dl className={styles.fields}>
        {rows.map((row) => (
          <div key={row.name}>
            <dt>{row.name}</dt>
            <dd>
              {row.type}
              {row.note ? <span className="quiet">, {row.note}</span> : null}
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
