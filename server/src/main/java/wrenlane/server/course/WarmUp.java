package wrenlane.server.course;

import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.machine.MachineClass;
import wrenlane.machine.MachineTurn;
import wrenlane.rider.RiderLevel;
import wrenlane.riding.Ride;
import wrenlane.verdict.CourseFit;

/** Reckons each kind once in the background after the start, so that the first drag is as quick as the later ones. */
@Component
@ConditionalOnProperty("wren.warm-up")
class WarmUp {
    @EventListener(ApplicationReadyEvent.class)
    void reckonEachKind() {
        Thread thread = new Thread(WarmUp::reckon, "warm-up");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }

    private static void reckon() {
        MachineTurn turn = MachineTurn.computed(MachineClass.all().get(0).typical());
        for (CourseKind kind : CourseKinds.all()) {
            CourseFit.of(Course.standard(kind), Ride.firm(turn, RiderLevel.DEVELOPING.limits()));
        }
    }
}
