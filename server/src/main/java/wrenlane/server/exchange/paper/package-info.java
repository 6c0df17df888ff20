/** What leaves the app on paper or in open formats: PDF, CSV, SVG and DXF. */
@NullMarked
package wrenlane.server.exchange.paper;

import org.jspecify.annotations.NullMarked;
