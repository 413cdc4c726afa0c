import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { RuleWishes } from '#core/cures';
import { getJson } from '../../../api/client';
import { useKeep } from '../../../api/useKeep';
import { Notice } from '../../../components/Notice';
import { useMay } from '../../../people/me';
import { Bar } from '../../../shell/Bar';
import { HouseRules } from './HouseRules';
import { OwnRules } from './OwnRules';

const PATH = '/api/cure-rules';

/** What would mend what, as rules: those of the house to switch off, and one's own. */
export function CureRulesScreen() {
  const client = useQueryClient();
  const mayChange = useMay('manage');
  const query = useQuery({ queryKey: ['cure-rules'], queryFn: () => getJson<RuleWishes>(PATH) });
  const save = useKeep<RuleWishes>(['cure-rules'], PATH, () => {
    void client.invalidateQueries({ queryKey: ['plan'] });
    void client.invalidateQueries({ queryKey: ['board'] });
  });
  const problem = query.error ?? save.error;
  const wishes = query.data;
  return (
    <>
      <Bar title="What mends what" back={{ to: '/prices', label: 'Back to what work costs' }} />
      <main className="mx-auto max-w-4xl space-y-8 p-4 pb-16">
        <p>
          By these rules Zelk proposes what would mend a fault. They propose and promise nothing: only what
          somebody says goes into a report.
        </p>
        {problem && <Notice look="warn">{problem.message}</Notice>}
        {wishes && (
          <>
            <OwnRules
              wishes={wishes}
              mayChange={mayChange}
              isSaving={save.isPending}
              save={save.mutateAsync}
            />
            <HouseRules wishes={wishes} mayChange={mayChange} save={save.mutate} />
          </>
        )}
      </main>
    </>
  );
}
