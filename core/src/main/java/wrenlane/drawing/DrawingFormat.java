package wrenlane.drawing;

/** A file format that a drawing can be written in. */
public interface DrawingFormat {
    /** Ending of its files, lower case: names it in addresses too. */
    String id();

    /** As shown on a page. */
    String label();

    /** Media type of a file in UTF-8, as HTTP gives it. */
    String mediaType();

    /** The whole file. */
    String write(Drawing drawing);
}
