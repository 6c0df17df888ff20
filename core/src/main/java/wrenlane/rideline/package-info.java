/**
 * The line a machine rides through a course, and whether it fits. Rear contact path with curvature κ(s), left positive;
 * the front contact is one wheelbase ahead along the heading. Read {@link wrenlane.rideline.CourseFit} first.
 *
 * <p><b>The problem.</b> |κ| ≤ K, |κ'| ≤ σ; both contacts half a tyre inside every line; every cone passed on its side
 * and cleared by what would touch it at its height and the lean there. Two lines are wanted: the one that leaves the most
 * room with the turn there is, which says whether the course fits and by how much, and the one with the smallest share of
 * the turn that still clears everything, smoothed among those as good, which is the easiest to ride. Room and the share
 * are both unknowns of the same program, so that neither problem ever lacks a feasible point.
 *
 * <p><b>How it is solved.</b> Nodes every 0.3 to 0.4 m, curvature changing evenly between them. Around a line the
 * problem is convex: {@link wrenlane.rideline.LineSolver} solves a sequence of these, with a penalty on moving far that
 * grows and shrinks by what each step kept of what it promised. Heading and place at every node are unknowns of their own
 * (multiple shooting), so that a bend early on does not swing everything after it, and the gaps this opens are closed
 * again by a least-squares step before a line is judged. Each program is a chain over the nodes with three unknowns
 * shared by all (spacing, room, share); {@link wrenlane.rideline.StagedProgram} solves it by an interior-point method
 * whose every step is one Riccati recursion, linear in the length of the course. A single vector of curvatures with dense
 * rows was considered and left: it needs more rounds on courses that turn far, and its rows grow with every cone.
 *
 * <p><b>What is believed.</b> Nothing of it. {@link wrenlane.rideline.LineChecker} rides every line again by its own rule
 * and measures with the outline at its lean; {@link wrenlane.rideline.LineSearch} asks it before anything is said to fit.
 */
@NullMarked
package wrenlane.rideline;

import org.jspecify.annotations.NullMarked;
