/**
 * The one SQLite file: how it is opened, who may write to it, and how it is copied. Everything stored goes through
 * {@link wrenlane.server.platform.storage.Storage}, which hands out the one writer; read that first.
 */
@NullMarked
package wrenlane.server.platform.storage;

import org.jspecify.annotations.NullMarked;
