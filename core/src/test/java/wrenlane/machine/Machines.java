package wrenlane.machine;

/** Machines for tests. */
public final class Machines {
    private Machines() {}

    /** A machine of a class, with its typical figures. */
    public static Machine of(String classId) {
        return MachineClass.find(classId).orElseThrow().typical();
    }

    /** A 300 twin with the same lock and scrape lean on both sides. */
    public static Machine twin() {
        return of("twin-300");
    }

    /** The machine with left and right swapped. */
    public static Machine mirrored(Machine m) {
        return m.with(MachineDimension.LOCK_LEFT, m.value(MachineDimension.LOCK_RIGHT))
                .with(MachineDimension.LOCK_RIGHT, m.value(MachineDimension.LOCK_LEFT))
                .with(MachineDimension.SCRAPE_LEAN_LEFT, m.value(MachineDimension.SCRAPE_LEAN_RIGHT))
                .with(MachineDimension.SCRAPE_LEAN_RIGHT, m.value(MachineDimension.SCRAPE_LEAN_LEFT));
    }
}
