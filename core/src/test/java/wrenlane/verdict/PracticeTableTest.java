package wrenlane.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import wrenlane.course.Course;
import wrenlane.rideline.solve.Tasks;
import wrenlane.rider.RiderLevel;
import wrenlane.riding.Ride;

/** What practised people ride fits, and what they do not ride does not. */
class PracticeTableTest {
    @ParameterizedTest
    @CsvFileSource(resources = "practice.csv", numLinesToSkip = 1)
    void agreesWithPractice(
            RiderLevel level, String machine, String kind, String marking, double size, String fits, String source) {
        Course course = Tasks.course(kind, size);
        Ride ride = Tasks.ride(machine, level);
        double metres = CourseFit.clearance(marking == null ? course : Tasks.with(course, "marking", marking), ride)
                .fit()
                .spare()
                .metres();
        assertThat(metres > 0).as("%s: %.2f m", source, metres).isEqualTo(fits.equals("yes"));
    }
}
