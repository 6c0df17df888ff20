import { useDayLink } from '../day';
import { useAddress } from '../../shared/address';

/** The address of a drill that keeps the day and whose standing is shown. */
export function useDrillLink(): (drillId: string) => string {
  const link = useDayLink();
  const [address] = useAddress();
  const rider = address.get('rider');
  return (drillId) => link(`/lesson/drills/${drillId}${rider === null ? '' : `?rider=${rider}`}`);
}
