package wrenlane.day;

import wrenlane.id.MachineId;
import wrenlane.id.RiderId;

/** A rider of a day and the machine they ride on it. */
public record DayRider(RiderId riderId, MachineId machineId) {}
