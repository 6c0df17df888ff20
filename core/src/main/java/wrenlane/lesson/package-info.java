/**
 * The lesson: a lesson plan of blocks for riders, areas and time, and the rules it keeps. Times in whole minutes from the
 * start. Read {@link wrenlane.lesson.LessonBrief} first, then {@link wrenlane.lesson.LessonPlanner};
 * {@link wrenlane.lesson.LessonChecker} knows nothing of how a lesson was found.
 *
 * <p><b>How it is looked for.</b> By our own constructive search with local steps ({@link wrenlane.lesson.RoundSearch}), after
 * a kept solver library was tried beside it (Timefold 1.29, construction heuristic and late acceptance; stations and minutes
 * of up to four rounds as its variables, laid out by our timetable) on the same twenty lessons drawn at random: 1 to 12
 * riders, 1 to 4 hours, up to three areas. Compared were the rules broken, then the minutes that riders ride by their worth
 * to them, less changeovers. At first ours was worth a quarter less, since it left time over rather than ride anything
 * twice; with rounds put in, changed and changed over it comes within a hundredth of what the library finds in one second
 * and within a fourteenth of what it finds in five, in 27 ms in the mean, most of it the first call. What is left is a short
 * briefing, which the library buys runs with, and rounds that outlast attention. So ours is kept, and {@code ./wren bench
 * lessons} compares them again.
 */
@NullMarked
package wrenlane.lesson;

import org.jspecify.annotations.NullMarked;
