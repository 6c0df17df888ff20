/** What every request passes: host and size checks, security headers, problem details. */
@NullMarked
package wrenlane.server.platform.http;

import org.jspecify.annotations.NullMarked;
