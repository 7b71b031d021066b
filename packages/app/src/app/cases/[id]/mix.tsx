import { useLocalSearchParams } from 'expo-router';
import { RunningMix } from '../../../screens/mix/running-mix';

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <RunningMix caseId={id} key={id} />;
}
