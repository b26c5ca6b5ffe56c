import type { Rule } from '@/records/rule';
import type { Store } from '../store';
import { write } from '../write';

/** The maker's own rules about metal. */
export function ruleRepository(store: Store) {
  const { db } = store;
  return {
    all: (): Promise<Rule[]> => db.rules.toArray(),
    /** Adds a rule, or changes the one of this id. */
    save: (rule: Omit<Rule, 'id'> & { id?: string }): Promise<void> =>
      write(store, rule.id ? `Edit the rule ${rule.name}` : `New rule: ${rule.name}`, (pen) =>
        pen.put('rules', { ...rule, id: rule.id ?? store.newId() }),
      ),
    remove: (rule: Rule): Promise<void> =>
      write(store, `Strike the rule ${rule.name}`, (pen) => pen.remove('rules', rule.id)),
  };
}
