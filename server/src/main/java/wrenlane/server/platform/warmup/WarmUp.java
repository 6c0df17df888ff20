package wrenlane.server.platform.warmup;

import java.util.Objects;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.machine.MachineClass;
import wrenlane.machine.MachineTurn;
import wrenlane.rider.RiderLevel;
import wrenlane.riding.Ride;
import wrenlane.verdict.CourseFit;

/** In the background after the start, so that the first tap in the yard, and the first drag, are as quick as later ones. */
@Component
@ConditionalOnProperty("wren.warm-up")
class WarmUp {
    private final Environment environment;

    WarmUp(Environment environment) {
        this.environment = environment;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        String port = Objects.requireNonNull(environment.getProperty("local.server.port"));
        Thread thread = new Thread(
                () -> {
                    new FirstLesson("http://127.0.0.1:" + port).ask();
                    computeEachKind();
                },
                "warm-up");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }

    private static void computeEachKind() {
        MachineTurn turn = MachineTurn.computed(MachineClass.all().get(0).typical());
        for (CourseKind kind : CourseKinds.all()) {
            CourseFit.of(Course.standard(kind), Ride.firm(turn, RiderLevel.DEVELOPING.limits()));
        }
    }
}
