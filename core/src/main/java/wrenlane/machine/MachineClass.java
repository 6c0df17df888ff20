package wrenlane.machine;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A class of machines, with values to start from until this machine is measured.
 *
 * <p>The values are in {@code typical-machines.csv} beside this class: round figures of our own for each class,
 * estimates, for no particular model.
 *
 * @param id stable, in kebab case
 * @param label such as {@code 300 twin}
 * @param typical a machine with every figure typical
 */
public record MachineClass(String id, String label, Machine typical) {
    private static final List<MachineClass> ALL = read();

    /** Every class we know typical values for, lightest first. */
    public static List<MachineClass> all() {
        return ALL;
    }

    /** The class of an id, if we know it. */
    public static Optional<MachineClass> find(String id) {
        return ALL.stream().filter(c -> c.id.equals(id)).findFirst();
    }

    private static List<MachineClass> read() {
        try (InputStream csv = MachineClass.class.getResourceAsStream("typical-machines.csv")) {
            if (csv == null) {
                throw new IllegalStateException("typical-machines.csv is not on the class path beside MachineClass");
            }
            return new String(csv.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .skip(1)
                    .map(MachineClass::parse)
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static MachineClass parse(String line) {
        List<String> cells =
                List.of(line.split(",", -1)).stream().map(String::strip).toList();
        Map<MachineDimension, Figure> figures = new EnumMap<>(MachineDimension.class);
        Iterator<String> said = cells.subList(3, cells.size()).iterator();
        for (MachineDimension dimension : MachineDimension.values()) {
            double read = Double.parseDouble(said.next());
            double value = switch (dimension.quantity()) {
                case RADIANS -> Math.toRadians(read);
                case REVOLUTIONS_PER_SECOND -> read / 60;
                default -> read;
            };
            figures.put(dimension, Figure.typical(value));
        }
        return new MachineClass(cells.get(0), cells.get(1), new Machine(Transmission.valueOf(cells.get(2)), figures));
    }
}
