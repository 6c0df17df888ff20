package wrenlane.server.platform.format;

import java.util.function.Consumer;
import tools.jackson.databind.node.ObjectNode;

/**
 * How a file of an older version of a format becomes one of the next. The file has been validated by its own schema.
 *
 * @param from the older version, such as {@code wren-lane-days/3}
 * @param change puts everything but the format's name as the next version has it
 */
public record Upgrade(String from, Consumer<ObjectNode> change) {}
