package wrenlane.server.lesson.check;

import java.time.Clock;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import wrenlane.finding.TypedText;
import wrenlane.lesson.SafetyCheck;
import wrenlane.lesson.SafetyCheck.Item;
import wrenlane.server.lesson.check.CheckResponse.CheckItem;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.server.platform.storage.Storage;

/** The briefing and safety check of a day: made from what the day is like, ticked with name and time. */
@Service
public class CheckService {
    private final CheckMapper mapper;
    private final CheckFacts facts;
    private final Storage storage;
    private final Clock clock;

    CheckService(CheckMapper mapper, CheckFacts facts, Storage storage, Clock clock) {
        this.mapper = mapper;
        this.facts = facts;
        this.storage = storage;
        this.clock = clock;
    }

    /** What applies to a day, and what was seen to. */
    public CheckResponse get(long dayId) {
        return response(dayId, SafetyCheck.items(facts.of(dayId)));
    }

    private CheckResponse response(long dayId, List<Item> items) {
        Map<String, CheckRow> done = new HashMap<>();
        mapper.ofDay(dayId).forEach(row -> done.put(row.item(), row));
        List<CheckItem> shown = items.stream()
                .map(item -> shown(item, Optional.ofNullable(done.get(item.id()))))
                .toList();
        return new CheckResponse(dayId, shown, (int)
                shown.stream().filter(i -> i.doneBy() == null).count());
    }

    private static CheckItem shown(Item item, Optional<CheckRow> row) {
        return new CheckItem(
                item.id(),
                item.part(),
                item.part().label(),
                item.text(),
                row.map(CheckRow::doneBy).orElse(null),
                row.map(CheckRow::doneAt).map(Instant::parse).orElse(null),
                row.map(CheckRow::reason).filter(r -> !r.isEmpty()).orElse(null));
    }

    /** Notes items as seen to, or as passed over. One that was noted before stays as it was. */
    CheckResponse tick(long dayId, CheckJson check) {
        List<Item> items = having(dayId, check.items());
        String now = clock.instant().toString();
        storage.change(() -> check.items()
                .forEach(item -> mapper.insert(new CheckRow(
                        dayId, item, TypedText.line(check.doneBy()), now, TypedText.line(check.reason())))));
        return response(dayId, items);
    }

    /** Opens an item again. */
    CheckResponse untick(long dayId, String item) {
        List<Item> items = having(dayId, List.of(item));
        storage.change(() -> mapper.delete(dayId, item));
        return response(dayId, items);
    }

    /** The day's items, among which some are looked for. */
    private List<Item> having(long dayId, List<String> wanted) {
        List<Item> items = SafetyCheck.items(facts.of(dayId));
        Set<String> ids = items.stream().map(Item::id).collect(Collectors.toSet());
        for (String item : wanted) {
            if (!ids.contains(item)) {
                throw RefusedException.of(
                        "no-such-item",
                        "items",
                        "There is no item " + TypedText.quoted(item) + " in this day's check.");
            }
        }
        return items;
    }
}
