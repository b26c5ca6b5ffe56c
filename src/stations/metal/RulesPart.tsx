'use client';

import { line, stack } from '@/ui/layout/layout';
import { Button, Switch } from 'antd';
import { useState } from 'react';
import type { Rule } from '@/records/rule';
import { SlipNote, SlipPart } from '@/ui/frame/Slip';
import { ruleText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { usePreferences } from '@/station-kit/preferences-store';
import { RuleForm } from './RuleForm';
import styles from './metal.module.css';
import { inBackground } from '@/station-kit/in-background';

/** The maker's own rules, each switched on or off; tickets are held against those that are on. */
export function RulesPart() {
  const { view, workshop } = useBench();
  const preferences = usePreferences();
  const [form, setForm] = useState<Rule | 'new' | null>(null);
  return (
    <SlipPart label="My rules">
      <header className={line(0, styles.rulesHead)}>
        <strong className="narrow">My rules</strong>
        <Button size="small" onClick={() => setForm('new')}>
          New rule
        </Button>
      </header>
      {view.rules.length === 0 ? (
        <p className="quiet">
          No rule yet. Write one, such as no lead under a mass, and every ticket is held against it.
        </p>
      ) : null}
      <ul className={stack(6, styles.rules)}>
        {view.rules.map((rule) => (
          <li key={rule.id}>
            <Switch
              size="small"
              checked={rule.isOn}
              aria-label={`Hold tickets against: ${rule.name}`}
              onChange={(isOn) => inBackground(workshop.rules.save({ ...rule, isOn }))}
            />
            <button type="button" className={styles.ruleName} onClick={() => setForm(rule)}>
              <strong>{rule.name}</strong>
              <small>{ruleText(rule, preferences)}</small>
            </button>
          </li>
        ))}
      </ul>
      <SlipNote tone="care">
        These are your own notes, not the law. Check the local rules for the water you make for.
      </SlipNote>
      {form ? <RuleForm rule={form === 'new' ? null : form} onClose={() => setForm(null)} /> : null}
    </SlipPart>
  );
}
