import { did } from '../did';
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
      write(store, did(rule.id ? 'rule.edited' : 'rule.new', { name: rule.name }), (tx) =>
        tx.put('rules', { ...rule, id: rule.id ?? store.newId() }),
      ),
    remove: (rule: Rule): Promise<void> =>
      write(store, did('rule.struck', { name: rule.name }), (tx) => tx.remove('rules', rule.id)),
  };
}
