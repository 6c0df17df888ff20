package wrenlane.server.lesson.debrief;

import java.util.HashMap;
import java.util.Map;
import org.springframework.stereotype.Service;
import wrenlane.day.Day;
import wrenlane.finding.TypedText;
import wrenlane.id.RiderId;
import wrenlane.server.day.DayService;
import wrenlane.server.platform.http.ExpectedVersion;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.server.platform.storage.Storage;

/** What riders are told in somebody's own words. */
@Service
class DebriefTexts {
    private final DebriefMapper mapper;
    private final DayService days;
    private final Storage storage;

    DebriefTexts(DebriefMapper mapper, DayService days, Storage storage) {
        this.mapper = mapper;
        this.days = days;
        this.storage = storage;
    }

    /** The words for each rider of a day, by rider; empty ones where nobody wrote any. */
    Map<RiderId, DebriefText> of(Day day) {
        Map<RiderId, DebriefText> texts = new HashMap<>();
        day.riderIds().forEach(id -> texts.put(id, DebriefText.none(storage.leastVersion())));
        mapper.ofDay(day.id().value())
                .forEach(row -> texts.put(new RiderId(row.riderId()), new DebriefText(row.version(), row.text())));
        return texts;
    }

    /** Keeps what a rider is told. */
    DebriefText put(long dayId, long riderId, ExpectedVersion expected, DebriefText.DebriefTextRequest said) {
        return storage.write(() -> {
            boolean ofDay = days.get(dayId).riderIds().contains(new RiderId(riderId));
            if (!ofDay) {
                throw RefusedException.of("rider-not-of-day", "riderId", "This rider is not on that day.");
            }
            DebriefText stored = mapper.find(dayId, riderId)
                    .map(row -> new DebriefText(row.version(), row.text()))
                    .orElseGet(() -> DebriefText.none(storage.leastVersion()));
            expected.check(stored.version(), () -> stored, said);
            DebriefText next = new DebriefText(
                    stored.version() + 1, TypedText.cleaned(said.text()).strip());
            mapper.put(new DebriefRow(dayId, riderId, next.version(), next.text()));
            return next;
        });
    }
}
