/** HTTP, storage and start-up around the core. Each resource has a folder: controller, service, mapper, records. */
@NullMarked
package wrenlane.server;

import org.jspecify.annotations.NullMarked;
