package wrenlane.course.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import wrenlane.course.Course;
import wrenlane.course.CourseSettings;
import wrenlane.course.kind.CourseKinds;
import wrenlane.finding.Finding;

class MarkerTest {
    private static final Marker DISC = new Marker("yellow disc", ConeSort.FLAT, 0.19, 0.05, MarkerColour.YELLOW);
    private static final Marker POST = new Marker("post", ConeSort.TALL, 0.10, 1.20, MarkerColour.WHITE);
    private static final Markers OWN = new Markers(POST, DISC, List.of());

    @Test
    void aMarkerSaysAllThatIsWrongWithIt() {
        assertThat(DISC.check()).isEmpty();
        assertThat(new Marker(" ", ConeSort.FLAT, 0.02, -0.01, MarkerColour.RED).check())
                .extracting(Finding::where)
                .containsExactly("name", "baseMetres", "heightMetres");
        assertThat(new Marker("slab", ConeSort.TALL, Double.NaN, 0.1, MarkerColour.RED).check())
                .extracting(Finding::code)
                .containsExactly("out-of-range");
        assertThat(new Marker("kerb stone", ConeSort.FLAT, 0.2, 0.12, MarkerColour.WHITE).check())
                .extracting(Finding::message)
                .hasToString(
                        "[A kerb stone of 0.12 m is not one to ride over: up to 0.10 m is. Call it one to keep off.]");
    }

    /** The other sort's usual name is no reason: a flat marker may be called what it likes but that. */
    @Test
    void theUsualNamesAreTaken() {
        assertThat(Markers.STANDARD.tall().check()).isEmpty();
        assertThat(new Marker("Tall cone", ConeSort.TALL, 0.36, 0.7, MarkerColour.ORANGE).check())
                .extracting(Finding::code)
                .containsExactly("name-taken");
    }

    @Test
    void sizesAreSaidAndReadAgainAndTheUsualOnesAreLeftOut() {
        assertThat(Markers.STANDARD.saying()).isEmpty();
        assertThat(Markers.said(Map.of())).isEqualTo(Markers.STANDARD);
        assertThat(Markers.said(OWN.saying()).saying()).isEqualTo(OWN.saying()).hasSize(4);
        CourseSettings settings =
                CourseSettings.standard(CourseKinds.uTurnBox()).with(OWN);
        CourseSettings kept = CourseSettings.said(CourseKinds.uTurnBox(), settings.saying());
        assertThat(kept.markers().tall().baseMetres()).isEqualTo(0.10);
        assertThat(kept.markers().flat().heightMetres()).isEqualTo(0.05);
        assertThat(kept.check(CourseKinds.uTurnBox())).isEmpty();
    }

    @Test
    void aMarkerIsInThePlaceOfItsOwnSort() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Markers(DISC, POST, List.of()));
    }

    /** Outside a line, a marker's base touches its mark; what keeps off it has its own radius and height. */
    @Test
    void aCourseStandsInItsMarkers() {
        for (var kind : CourseKinds.all()) {
            CoursePlan usual = Course.standard(kind).plan();
            CoursePlan own = Course.standard(kind).with(OWN).plan();
            assertThat(own.cones())
                    .as(kind.id())
                    .extracting(Cone::label)
                    .containsExactlyElementsOf(
                            usual.cones().stream().map(Cone::label).toList());
            for (int i = 0; i < own.cones().size(); i++) {
                Cone cone = own.cones().get(i);
                assertThat(cone.marker()).isEqualTo(OWN.of(usual.cones().get(i).sort()));
                if (!cone.mark().equals(cone.centre())) {
                    double usualOut = usual.cones()
                            .get(i)
                            .centre()
                            .distanceTo(usual.cones().get(i).mark());
                    double ratio = cone.marker().baseMetres()
                            / Markers.STANDARD.of(cone.sort()).baseMetres();
                    assertThat(cone.centre().distanceTo(cone.mark())).isCloseTo(usualOut * ratio, within(1e-9));
                }
                assertThat(own.route().keeps())
                        .filteredOn(keep -> keep instanceof Barrier.ConeBarrier off
                                && off.name().equals("cone " + cone.label()))
                        .allSatisfy(keep -> {
                            Barrier.ConeBarrier off = (Barrier.ConeBarrier) keep;
                            assertThat(off.radiusMetres())
                                    .isEqualTo(cone.marker().baseMetres() / 2);
                            assertThat(off.heightMetres())
                                    .isEqualTo(cone.marker().heightMetres());
                        });
            }
        }
    }

    @Test
    void markersAreCountedByNameTallOnesFirst() {
        List<MarkerCount> counts = MarkerCount.of(List.of(DISC, POST, DISC));
        assertThat(counts).extracting(MarkerCount::text).containsExactly("1 post", "2 yellow discs");
        assertThat(MarkerCount.most(java.util.stream.Stream.of(counts, MarkerCount.of(List.of(DISC, DISC, DISC)))))
                .extracting(MarkerCount::text)
                .containsExactly("1 post", "3 yellow discs");
    }
}
