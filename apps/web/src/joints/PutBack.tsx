import { Button } from '../form/Button.tsx';
import { Refused } from '../page/Page.tsx';
import { useChangeJointMutation, type JointOfRoom } from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';
import { jointSaid } from './useJoint.ts';

interface Props {
  joint: JointOfRoom;
  /** At which version it was taken off. */
  version: number;
  onBack: () => void;
}

/** A joint that was just taken off, to be put back. */
export function PutBack({ joint, version, onBack }: Props) {
  const [put, { isLoading, error }] = useChangeJointMutation();
  const back = async () => {
    const sent = await put({ jointId: joint.id, id: newId(), version, ...jointSaid(joint), withdrawn: false });
    if (sent.data) onBack();
  };
  return (
    <div role="status" className="no-print mt-2 flex flex-wrap items-center gap-x-4 border-l-4 border-ink bg-leaf px-3">
      <span>{joint.name} is off the sketch.</span>
      <Button look="plain" busy={isLoading} onClick={() => void back()}>
        Put it back
      </Button>
      <Refused error={error} />
    </div>
  );
}
