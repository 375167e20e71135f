package mischung.way;

/** The steps of the work, in its order. */
public enum Step {
    CONSULT,
    HISTORY,
    READ,
    TESTS,
    DESIGN,
    DECIDE,
    ORDER,
    MIX,
    CHAIR,
    LOOK_BACK;

    /** How a step stands. */
    public enum State {
        DONE,
        /** Can be done now. */
        OPEN,
        /** Must not be done before something is settled. */
        BLOCKED,
        /** Comes after another that is not done. */
        WAITING
    }
}
