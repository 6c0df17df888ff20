package wrenlane.drill;

/** Choices beside the school, on which practitioners disagree as well: one answer to each question. */
public enum TeachingChoice {
    BODY_OUT_FROM_START(
            Question.BODY,
            "From the start",
            "The machine leans further at the same speed, and lean is width.",
            "More to think of for a beginner; it scrapes sooner."),
    BODY_OUT_OPTIONAL(
            Question.BODY, "Optional", "Riders find out whether it helps them.", "Some never try it where it would."),
    BODY_OUT_LATER(
            Question.BODY,
            "Later",
            "Head, clutch and bars come first, undisturbed.",
            "The smallest sizes wait until it is learnt."),
    GAZE_FAR_END(
            Question.GAZE,
            "At the far end",
            "One place, easily said and seen.",
            "In a curve it is behind the shoulder."),
    GAZE_TWO_AHEAD(
            Question.GAZE,
            "Two cones ahead in a curve",
            "The eyes lead round, and no cone is stared at.",
            "They can hang on the near one when tired."),
    SWING_OUT(
            Question.SWING,
            "Swing out before the turn",
            "The lean begins earlier; with slow bars it buys some width.",
            "In traffic it leads towards others."),
    NO_SWING_OUT(
            Question.SWING,
            "From the edge",
            "What is learnt is what the street allows.",
            "A few centimetres with slow bars."),
    LOCK_FIRST(
            Question.TURN_IN,
            "Lock first",
            "At a walk the bars do the turning; nothing falls.",
            "Quicker, the lean comes late."),
    LEAN_FIRST(
            Question.TURN_IN,
            "Lean first",
            "At a jog the lean tightens the turn by an eighth.",
            "Needs grip, and the courage to let it fall."),
    CLUTCH_HELD(
            Question.CLUTCH,
            "Held at one point",
            "One thing less that moves.",
            "The turn's size is set once and for all."),
    CLUTCH_CLOSE_AND_OPEN(
            Question.CLUTCH,
            "Closed to tighten, out to widen",
            "The drive steers: the turn can be mended midway.",
            "A finer hand; closed too far the machine drops."),
    CLUTCH_COAST_AND_DRIVE(
            Question.CLUTCH,
            "Closed round, let out at the end",
            "Quiet through the turn, lifted out of it.",
            "Firm ground only, and nothing to catch a fall midway but the way out.");

    /** What is answered. */
    public enum Question {
        BODY("Body outward"),
        GAZE("Gaze"),
        SWING("Before a U-turn"),
        TURN_IN("Turning in"),
        CLUTCH("Clutch in a turn");

        private final String label;

        Question(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    private final Question question;
    private final String label;
    private final String forIt;
    private final String asks;

    TeachingChoice(Question question, String label, String forIt, String asks) {
        this.question = question;
        this.label = label;
        this.forIt = forIt;
        this.asks = asks;
    }

    public Question question() {
        return question;
    }

    public String label() {
        return label;
    }

    /** What practitioners say for it. */
    public String forIt() {
        return forIt;
    }

    /** What it asks in return. */
    public String asks() {
        return asks;
    }
}
