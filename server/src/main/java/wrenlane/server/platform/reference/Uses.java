package wrenlane.server.platform.reference;

import java.util.List;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import wrenlane.server.platform.problem.ConflictException;

/** Keeps what is still used from being deleted, and says by what. Called while the writer is held. */
@Component
public class Uses {
    private final UseMapper mapper;

    Uses(UseMapper mapper) {
        this.mapper = mapper;
    }

    /**
     * @throws ConflictException where a day is on the yard
     */
    public void noneOfYard(long id) {
        refuse("This yard", mapper.ofYard(id), "Choose another yard for those days first.");
    }

    /**
     * @throws ConflictException where the course is on a day or has runs
     */
    public void noneOfCourse(long id) {
        refuse("This course", mapper.ofCourse(id), "Keep it archived: runs stay on record.");
    }

    /**
     * @throws ConflictException where anybody rides or has ridden the machine
     */
    public void noneOfMachine(long id) {
        refuse("This machine", mapper.ofMachine(id), "Give them another machine first; runs stay on record.");
    }

    /**
     * @throws ConflictException where the rider is on a day or has runs
     */
    public void noneOfRider(long id) {
        refuse("This rider", mapper.ofRider(id), "Take the rider off those days first; runs stay on record.");
    }

    /**
     * @throws ConflictException where the day has runs
     */
    public void noneOfDay(long id) {
        refuse("This day", mapper.ofDay(id), "Runs stay on record, those undone too.");
    }

    private static void refuse(String what, List<UseRow> uses, String cure) {
        String by = uses.stream()
                .filter(u -> u.count() > 0)
                .map(u -> u.count() + " " + u.sort() + (u.count() == 1 ? "" : "s"))
                .collect(Collectors.joining(" and "));
        if (!by.isEmpty()) {
            throw new ConflictException(what + " is used by " + by + " and cannot be deleted. " + cure);
        }
    }
}
