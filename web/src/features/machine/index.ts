export { useMachineClasses, useMachines, useSaveMachine, type Machine } from './api';
export { asRequest, newMachine, TRANSMISSIONS } from './model';
export { GroupTabs } from './GroupTabs';
