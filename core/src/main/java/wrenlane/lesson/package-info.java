/**
 * The lesson: a running order of blocks for riders, areas and time, and the rules it keeps. Times in whole minutes from the
 * start. Read {@link wrenlane.lesson.LessonBrief} first, then {@link wrenlane.lesson.LessonPlanner};
 * {@link wrenlane.lesson.LessonChecker} knows nothing of how a lesson was found.
 */
@NullMarked
package wrenlane.lesson;

import org.jspecify.annotations.NullMarked;
