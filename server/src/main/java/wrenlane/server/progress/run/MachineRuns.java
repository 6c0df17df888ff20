package wrenlane.server.progress.run;

import java.time.LocalDate;

/**
 * What a rider rode on a machine in all lessons.
 *
 * @param days with runs on it
 * @param runs that were scored
 * @param clean of them
 * @param minutes from the first to the last entry of each day, which is more than was ridden: others rode in between
 * @param lastOn day of the last
 */
public record MachineRuns(
        String machineName, Integer days, Integer runs, Integer clean, Double minutes, LocalDate lastOn) {}
