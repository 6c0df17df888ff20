package wrenlane.server.platform.creation;

import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.LongFunction;
import java.util.function.Supplier;
import java.util.function.ToLongFunction;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.server.platform.problem.ConflictException;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.server.platform.storage.Storage;

/**
 * Creates a thing once for each key a client chooses, in the header {@value #HEADER}. A client that got no answer sends the
 * request again with its key, and gets what was created the first time. What was created and its key are stored in one
 * transaction.
 */
@Service
public class Creations {
    /** The header that the key is sent in. */
    public static final String HEADER = "Idempotency-Key";

    private static final Pattern KEY = Pattern.compile("[A-Za-z0-9_-]{8,100}");

    /** Keys older than this are forgotten; chosen by us: nobody sends a request again after so long. */
    private static final Duration REMEMBERED = Duration.ofDays(30);

    private final CreationMapper mapper;
    private final Storage storage;
    private final Clock clock;

    Creations(CreationMapper mapper, Storage storage, Clock clock) {
        this.mapper = mapper;
        this.storage = storage;
        this.clock = clock;
    }

    /**
     * Creates a thing that has a number.
     *
     * @param key as the client sent it; missing where it does not mind creating twice
     * @param what sort of thing it is, as one word
     * @throws RefusedException where the key is none
     * @throws ConflictException where the key was used for another sort of thing
     */
    public <T> T once(
            @Nullable String key, String what, Supplier<T> create, ToLongFunction<T> id, LongFunction<T> find) {
        if (key == null) {
            return create.get();
        }
        return storage.write(() -> made(key, what)
                .map(Long::parseLong)
                .map(find::apply)
                .orElseGet(() -> {
                    T created = create.get();
                    note(key, what, String.valueOf(id.applyAsLong(created)));
                    return created;
                }));
    }

    /** The same for a file, which is created outside of transactions; whoever calls lets one in at a time. */
    public <T> T onceNamed(
            @Nullable String key, String what, Supplier<T> create, Function<T, String> name, Function<String, T> find) {
        if (key == null) {
            return create.get();
        }
        Optional<String> before = storage.read(() -> made(key, what));
        if (before.isPresent()) {
            return find.apply(before.get());
        }
        T created = create.get();
        storage.change(() -> note(key, what, name.apply(created)));
        return created;
    }

    private Optional<String> made(String key, String what) {
        if (!KEY.matcher(key).matches()) {
            throw RefusedException.of(
                    "creation-key", HEADER, HEADER + " must be 8 to 100 letters, digits, dashes or underscores.");
        }
        Optional<CreationRow> row = mapper.find(key);
        if (row.filter(r -> !r.what().equals(what)).isPresent()) {
            throw new ConflictException("The key of this request was used for something else: send it with a new one.");
        }
        return row.map(CreationRow::made);
    }

    private void note(String key, String what, String made) {
        mapper.insert(key, what, made, clock.instant().toString());
        mapper.deleteBefore(clock.instant().minus(REMEMBERED).toString());
    }
}
