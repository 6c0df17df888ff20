package wrenlane.units;

import wrenlane.finding.Finding;

/** What the parser made of a length as typed. */
public sealed interface LengthReading {
    /** Understood. */
    record Understood(MeasuredLength length) implements LengthReading {}

    /** Not understood, with a sentence saying what is. */
    record NotUnderstood(Finding finding) implements LengthReading {}
}
