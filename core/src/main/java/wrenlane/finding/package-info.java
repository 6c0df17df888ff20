/**
 * What is wrong with something a person entered or asked for, as a result rather than an exception.
 * Depends on nothing. Read {@link wrenlane.finding.Finding} first.
 */
@NullMarked
package wrenlane.finding;

import org.jspecify.annotations.NullMarked;
