package mischung.way;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import mischung.consultation.Consultation;
import mischung.way.Next.Doing;
import mischung.way.Step.State;
import mischung.way.Way.Facts;
import mischung.way.Way.Work;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/** What is next, from the first question to the lessons. */
class WayTest {
    private static final Facts FRESH =
            new Facts(8, false, 5, 0, 0, false, false, 0, false, false, Work.NOT_BEGUN, false, false);

    private static Facts after(int questions, int unread, int testsOn, boolean chosen, int blocks, boolean later) {
        return new Facts(
                questions, true, unread, testsOn, 1, false, chosen, blocks, later, false, Work.NOT_BEGUN, false, false);
    }

    private static Facts working(Work work, boolean resultRead, boolean lessons) {
        return new Facts(0, true, 0, 0, 1, false, false, 0, false, true, work, resultRead, lessons);
    }

    /** Followed from a head nobody has seen, every line leads one step on, and each place is where that is done. */
    @Test
    void theLineLeadsThroughTheWholeJob() {
        List<Facts> job = List.of(
                FRESH,
                after(0, 5, 0, false, 0, false),
                after(0, 1, 0, false, 0, false),
                after(0, 0, 1, false, 0, false),
                after(0, 0, 0, false, 0, false),
                after(0, 0, 0, true, 2, false),
                after(0, 0, 0, true, 0, true),
                after(0, 0, 0, true, 0, false),
                working(Work.RUNNING, false, false),
                working(Work.ENDED, false, false),
                working(Work.ENDED, true, false),
                working(Work.ENDED, true, true));
        List<Doing> lines = new ArrayList<>();
        job.forEach(facts -> lines.add(Way.of(facts).next().doing()));
        assertThat(lines)
                .containsExactly(
                        Doing.ASK,
                        Doing.READ,
                        Doing.READ,
                        Doing.NOTE_TESTS,
                        Doing.CHOOSE,
                        Doing.SETTLE,
                        Doing.WAIT,
                        Doing.BEGIN,
                        Doing.WORK,
                        Doing.READ_RESULT,
                        Doing.NOTE_LESSONS,
                        Doing.NOTHING);
        assertThat(Way.of(FRESH).next()).isEqualTo(new Next(Doing.ASK, Step.CONSULT, 8));
        assertThat(Way.of(job.get(2)).next()).isEqualTo(new Next(Doing.READ, Step.READ, 1));
        assertThat(Way.of(job.get(5)).next()).isEqualTo(new Next(Doing.SETTLE, Step.CONSULT, 2));
    }

    @Test
    void questionsAreCountedAsTheyAreAsked() {
        assertThat(Consultation.unasked().questionsOpen()).isEqualTo(8);
    }

    @Test
    void stepsWaitForThoseBeforeThemAndBlocksAreSeen() {
        assertThat(Way.of(FRESH).steps())
                .containsEntry(Step.CONSULT, State.OPEN)
                .containsEntry(Step.DECIDE, State.WAITING)
                .containsEntry(Step.CHAIR, State.WAITING)
                .containsEntry(Step.LOOK_BACK, State.WAITING);
        assertThat(Way.of(after(0, 0, 0, true, 1, false)).steps())
                .containsEntry(Step.CONSULT, State.BLOCKED)
                .containsEntry(Step.DECIDE, State.DONE)
                .containsEntry(Step.ORDER, State.OPEN)
                .containsEntry(Step.CHAIR, State.BLOCKED);
        // A bowl was mixed without a choice, by the route that was offered first.
        Facts mixing = new Facts(0, true, 0, 0, 1, false, false, 0, false, true, Work.NOT_BEGUN, false, false);
        assertThat(Way.of(mixing).next().doing()).isEqualTo(Doing.BEGIN);
        assertThat(Way.of(mixing).steps())
                .containsEntry(Step.DECIDE, State.DONE)
                .containsEntry(Step.MIX, State.DONE)
                .containsEntry(Step.CHAIR, State.OPEN);
        // Begun by the route that was offered first, without a press.
        assertThat(Way.of(working(Work.RUNNING, false, false)).steps())
                .containsEntry(Step.DECIDE, State.DONE)
                .containsEntry(Step.ORDER, State.DONE)
                .containsEntry(Step.CHAIR, State.OPEN)
                .containsEntry(Step.LOOK_BACK, State.WAITING);
    }

    /** Whatever is known, the line never sends to a step that is done, waits or is shut, but for the end of all. */
    @Property
    void theLineNeverSendsToADoneOrWaitingStep(
            @ForAll("few") int unread,
            @ForAll boolean chosen,
            @ForAll boolean later,
            @ForAll Work work,
            @ForAll boolean resultRead,
            @ForAll boolean lessons,
            @ForAll("few") int questions,
            @ForAll("few") int testsOn,
            @ForAll("few") int blocks) {
        Way way = Way.of(new Facts(
                questions,
                false,
                unread,
                testsOn,
                0,
                false,
                chosen,
                chosen ? blocks : 0,
                later,
                false,
                work,
                resultRead,
                lessons));
        assertThat(way.steps()).containsOnlyKeys(Step.values());
        State there = way.steps().get(way.next().step());
        switch (way.next().doing()) {
            case NOTHING -> assertThat(there).isEqualTo(State.DONE);
            case SETTLE -> assertThat(there).isEqualTo(State.BLOCKED);
            case ASK -> assertThat(there).isIn(State.OPEN, State.BLOCKED);
            default -> assertThat(there).isEqualTo(State.OPEN);
        }
    }

    @Provide
    Arbitrary<Integer> few() {
        return Arbitraries.integers().between(0, 2);
    }
}
