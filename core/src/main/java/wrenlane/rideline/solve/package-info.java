/**
 * How a ride line is found. Read {@link wrenlane.rideline.solve.LineSearch} first.
 *
 * <p><b>The problem.</b> |κ| ≤ K, |κ'| ≤ σ; both contacts half a tyre inside every line; every cone passed on its side
 * and cleared by what would touch it at its height and the lean there. Two lines are wanted: the one that leaves the most
 * room with the turn there is, which says whether the course fits and by how much, and the one with the smallest share of
 * the turn that still clears everything, smoothed among those as good, which is the easiest to ride. Room and the share
 * are both unknowns of the same program, so that neither problem ever lacks a feasible point.
 *
 * <p><b>How it is solved.</b> Nodes every 0.3 to 0.4 m, curvature changing evenly between them. Around a line the
 * problem is convex: {@link wrenlane.rideline.solve.LineSolver} solves a sequence of these, with a penalty on moving far that
 * grows and shrinks by what each step kept of what it promised. Heading and place at every node are unknowns of their own
 * (multiple shooting), so that a bend early on does not swing everything after it, and the gaps this opens are closed
 * again by a least-squares step before a line is judged. Each program is a chain over the nodes with three unknowns
 * shared by all (spacing, room, share); {@link wrenlane.rideline.solve.StagedProgram} solves it by an interior-point method
 * whose every step is one Riccati recursion, linear in the length of the course. A single vector of curvatures with dense
 * rows was considered and left: it needs more rounds on courses that turn far, and its rows grow with every cone. Going
 * on once from a step that made things worse, to mend it by the next (a watchdog), was tried and left: it took as many
 * programs. So did second derivatives of the chain (heading with itself and with the spacing, weighted with the costates,
 * whole or where they are positive alone): what binds is where curvature and clearance meet, and hardly bends with a step.
 *
 * <p><b>What is believed.</b> Nothing of it. {@link wrenlane.rideline.LineChecker} rides every line again by its own rule
 * and measures with the outline at its lean; {@link wrenlane.rideline.solve.LineSearch} asks it before anything is said to fit.
 * Where speeds or small changes are only compared, the search rests a centimetre or two short of the most room; where room
 * is scarce, and for the speed a course is judged at, it goes on to the end.
 *
 * <p><b>Words here and in textbooks</b> (Nocedal and Wright, Numerical Optimization, chapters 4, 16, 18 and 19):
 *
 * <table>
 * <caption>Our words and theirs</caption>
 * <tr><th>here</th><th>there</th></tr>
 * <tr><td>line, stand</td><td>iterate</td></tr>
 * <tr><td>gap, loose</td><td>equality-constraint violation</td></tr>
 * <tr><td>lacking, over</td><td>inequality-constraint violation</td></tr>
 * <tr><td>caution</td><td>proximal weight, the inverse of a trust region's radius</td></tr>
 * <tr><td>promised, kept</td><td>predicted and actual reduction</td></tr>
 * <tr><td>merit</td><td>merit function, an exact l1 penalty</td></tr>
 * <tr><td>elastic, gap cost</td><td>penalty weight</td></tr>
 * <tr><td>joined</td><td>second-order correction (there 15.4 and 18.3)</td></tr>
 * <tr><td>row</td><td>linearised inequality constraint</td></tr>
 * <tr><td>cost to go</td><td>value function of the Riccati recursion</td></tr>
 * </table>
 */
@NullMarked
package wrenlane.rideline.solve;

import org.jspecify.annotations.NullMarked;
