import { Button, IconButton } from '@/ui/Button';
import { useSeal } from './useSeal';

/** The seal of the week that is shown: what has come since, or the way to seal it. */
export function SealButton({ date, inWords }: { date: string; inWords: boolean }) {
  const seal = useSeal(date);
  if (!seal) return null;
  const { label, colour, open } = seal;
  return inWords ? (
    <Button label={label} icon="seal" kind="quiet" onPress={open} />
  ) : (
    <IconButton label={label} icon="seal" colour={colour} onPress={open} />
  );
}
