package wrenlane.units;

import java.util.List;
import wrenlane.finding.Finding;

/** What the parser made of a length as typed. */
public sealed interface LengthReading {
    /** Understood. */
    record ParsedLength(MeasuredLength length) implements LengthReading {}

    /** Not understood, with a sentence saying what is. */
    record UnparsedLength(Finding finding) implements LengthReading {}

    /**
     * It could mean more than one thing, or hardly means what it says.
     *
     * @param finding the question in words
     * @param offers what it could mean, the likeliest first, at least one
     */
    record Question(Finding finding, List<Offer> offers) implements LengthReading {
        public Question {
            offers = List.copyOf(offers);
        }
    }

    /**
     * One thing a text could mean.
     *
     * @param text says the length without a doubt
     */
    record Offer(String text, MeasuredLength length) {}
}
