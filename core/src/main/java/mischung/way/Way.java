package mischung.way;

import java.util.EnumMap;
import java.util.Map;
import mischung.way.Next.Doing;
import mischung.way.Step.State;

/**
 * The way of one head through the work: every step's state, and the one thing to do next. One rule for all screens: a visit that
 * runs comes first, then what is left of one that has ended; before that questions, reading, tests under way, the choice of a
 * route, what blocks it, and the day.
 */
public record Way(Map<Step, State> steps, Next next) {
    /** How far the work at the chair is. */
    public enum Work {
        NOT_BEGUN,
        RUNNING,
        ENDED
    }

    /**
     * What is known of a visit.
     *
     * @param questions of the consultation that nobody has asked
     * @param past whether anything of the hair's past is written down
     * @param unread zones that nobody has read yet
     * @param testsOn strand tests that were begun and not noted
     * @param tests strand tests that were noted
     * @param placed whether it is said where colours go, beyond one for all
     * @param chosen whether a route is chosen
     * @param blocks that nobody has settled or taken on; looked for only where it is decided what is done
     * @param later whether the day of the visit is still to come
     * @param mixed whether any bowl has been begun
     * @param resultRead whether any band was read afterwards
     * @param lessons whether it was said what worked and what did not
     */
    public record Facts(
            int questions,
            boolean past,
            int unread,
            int testsOn,
            int tests,
            boolean placed,
            boolean chosen,
            int blocks,
            boolean later,
            boolean mixed,
            Work work,
            boolean resultRead,
            boolean lessons) {
        /** What was mixed or begun without a choice was by the route offered first. */
        boolean decided() {
            return chosen || mixed || work != Work.NOT_BEGUN;
        }

        /** Whether nothing but a block can keep the work from beginning: before that none is looked for, since it takes a plan. */
        public boolean ready() {
            return work == Work.NOT_BEGUN && questions == 0 && unread == 0 && decided();
        }

        /** With what was found when it was looked for. */
        public Facts withBlocks(int found) {
            return new Facts(
                    questions,
                    past,
                    unread,
                    testsOn,
                    tests,
                    placed,
                    chosen,
                    found,
                    later,
                    mixed,
                    work,
                    resultRead,
                    lessons);
        }
    }

    public static Way of(Facts facts) {
        return new Way(steps(facts), next(facts));
    }

    private static Map<Step, State> steps(Facts facts) {
        boolean begun = facts.work != Work.NOT_BEGUN;
        Map<Step, State> all = new EnumMap<>(Step.class);
        all.put(Step.CONSULT, facts.blocks > 0 ? State.BLOCKED : doneIf(facts.questions == 0));
        all.put(Step.HISTORY, doneIf(facts.past));
        all.put(Step.READ, doneIf(facts.unread == 0));
        all.put(Step.TESTS, doneIf(facts.testsOn == 0 && facts.tests > 0));
        all.put(Step.DESIGN, doneIf(facts.placed));
        all.put(Step.DECIDE, facts.unread == 0 || facts.decided() ? doneIf(facts.decided()) : State.WAITING);
        all.put(Step.ORDER, facts.decided() ? doneIf(begun) : State.WAITING);
        all.put(Step.MIX, facts.decided() ? doneIf(facts.mixed) : State.WAITING);
        all.put(Step.CHAIR, chair(facts));
        all.put(Step.LOOK_BACK, facts.work == Work.ENDED ? doneIf(facts.resultRead && facts.lessons) : State.WAITING);
        return all;
    }

    private static State chair(Facts facts) {
        if (facts.work != Work.NOT_BEGUN) {
            return doneIf(facts.work == Work.ENDED);
        }
        return !facts.decided() ? State.WAITING : facts.blocks > 0 ? State.BLOCKED : State.OPEN;
    }

    private static State doneIf(boolean done) {
        return done ? State.DONE : State.OPEN;
    }

    private static Next next(Facts facts) {
        return switch (facts.work) {
            case RUNNING -> Next.of(Doing.WORK, 0);
            case ENDED ->
                Next.of(!facts.resultRead ? Doing.READ_RESULT : !facts.lessons ? Doing.NOTE_LESSONS : Doing.NOTHING, 0);
            case NOT_BEGUN -> before(facts);
        };
    }

    private static Next before(Facts facts) {
        if (facts.questions > 0) {
            return Next.of(Doing.ASK, facts.questions);
        }
        if (facts.unread > 0) {
            return Next.of(Doing.READ, facts.unread);
        }
        if (facts.testsOn > 0) {
            return Next.of(Doing.NOTE_TESTS, facts.testsOn);
        }
        if (!facts.decided()) {
            return Next.of(Doing.CHOOSE, 0);
        }
        if (facts.blocks > 0) {
            return Next.of(Doing.SETTLE, facts.blocks);
        }
        return Next.of(facts.later ? Doing.WAIT : Doing.BEGIN, 0);
    }
}
