/**
 * What is practised: the drill with its words, steps and pass mark, what it rests on, and how a school changes it; where a
 * rider stands on the stages. Speeds in m/s, timed rides in minutes. Read {@link wrenlane.drill.Drill} first, then
 * {@link wrenlane.drill.Catalogue}.
 */
@NullMarked
package wrenlane.drill;

import org.jspecify.annotations.NullMarked;
