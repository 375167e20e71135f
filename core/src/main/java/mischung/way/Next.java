package mischung.way;

/**
 * The one thing to do now.
 *
 * @param step where it is done
 * @param count of what is to be done, where it can be counted; otherwise 0
 */
public record Next(Doing doing, Step step, int count) {
    /** What is to be done. */
    public enum Doing {
        /** Questions of the consultation are open. */
        ASK(Step.CONSULT),
        /** There are zones nobody has read. */
        READ(Step.READ),
        /** Strand tests are on and wait for what they show. */
        NOTE_TESTS(Step.TESTS),
        CHOOSE(Step.DECIDE),
        /** Something must be settled before anything is laid on. */
        SETTLE(Step.CONSULT),
        /** All is planned; the day has not come. */
        WAIT(Step.ORDER),
        BEGIN(Step.CHAIR),
        WORK(Step.CHAIR),
        READ_RESULT(Step.LOOK_BACK),
        NOTE_LESSONS(Step.LOOK_BACK),
        NOTHING(Step.LOOK_BACK);

        private final Step step;

        Doing(Step step) {
            this.step = step;
        }
    }

    static Next of(Doing doing, int count) {
        return new Next(doing, doing.step, count);
    }
}
