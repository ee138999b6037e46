import {
  useChangeFirmMutation,
  useChangeJobRulesMutation,
  useChangeSurfaceRulesMutation,
  type RulesChange,
} from '../store/endpoints.ts';
import type { RuleLevel } from './level.ts';

/** Changes the rules of the firm, or of one job or surface. */
export function useChangeRules() {
  const [changeFirm, firm] = useChangeFirmMutation();
  const [changeJob, job] = useChangeJobRulesMutation();
  const [changeSurface, surface] = useChangeSurfaceRulesMutation();
  const change = (level: RuleLevel, subject: string | undefined, rules: RulesChange) =>
    level === 'firm'
      ? changeFirm(rules)
      : level === 'job'
        ? changeJob({ jobId: subject!, ...rules })
        : changeSurface({ surfaceId: subject!, ...rules });
  return {
    change,
    busy: firm.isLoading || job.isLoading || surface.isLoading,
    refused: firm.error ?? job.error ?? surface.error,
  };
}
