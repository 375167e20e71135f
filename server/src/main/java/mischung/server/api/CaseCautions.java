package mischung.server.api;

import java.time.Clock;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import mischung.caution.Caution;
import mischung.caution.StandingCaution;
import mischung.hair.Canvas;
import mischung.mix.BowlContent;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.process.Factors;
import mischung.said.Said;
import mischung.server.words.ProblemMessage;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** The cautions of a case as they stand in this house, and what they refuse. */
@Component
class CaseCautions {
    private final HouseSettings house;
    private final Clock clock;

    CaseCautions(HouseSettings house, Clock clock) {
        this.house = house;
        this.clock = clock;
    }

    List<StandingCaution> before(CheckedCase of, Plan plan) {
        return standing(of, of.cautions(now()).before(plan));
    }

    List<StandingCaution> before(CheckedCase of, Plan plan, PlanStep step) {
        return standing(of, of.cautions(now()).before(plan, step));
    }

    /** @param end the hair of the panel as the model leaves it */
    List<StandingCaution> before(CheckedCase of, StrandTestView test, Canvas end) {
        return standing(
                of, of.cautions(now()).before(test.change(), test.band().checked(), end.fibre(), test.onHead()));
    }

    private List<StandingCaution> standing(CheckedCase of, List<Caution> cautions) {
        return StandingCaution.of(cautions, of.takenOn(), house.now().overridesAllowed());
    }

    /** @param touchesScalp whether it does, or may because nobody said where it goes */
    void refuseBlockedBowl(CheckedCase of, BowlContent content, boolean touchesScalp) {
        refuse(blocks(standing(of, of.cautions(now()).before(content, touchesScalp))), "lines");
    }

    /** Nor does a step of the plan that is worked, whatever has been said since it was begun. */
    void refuseBlockedStep(CheckedCase of, Plan plan, int step) {
        if (step >= 0 && step < plan.steps().size()) {
            refuse(blocks(before(of, plan, plan.steps().get(step))), "task");
        }
    }

    private static Set<String> blocks(List<StandingCaution> all) {
        Set<String> blocks = new TreeSet<>();
        all.stream()
                .filter(StandingCaution::blocks)
                .map(StandingCaution::caution)
                .forEach(caution -> blocks.add(StandingView.title(caution) + ": " + StandingView.cleared(caution)));
        return blocks;
    }

    private static void refuse(Set<String> blocks, String field) {
        if (!blocks.isEmpty()) {
            throw new Refusal(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    ProblemMessage.BLOCKED_WORK,
                    field,
                    Integer.toString(blocks.size()),
                    settle(String.join(" · ", blocks)));
        }
    }

    private ZonedDateTime now() {
        return clock.instant().atZone(ZoneId.systemDefault());
    }

    /** Work on the hair does not begin past a block that nobody settled or took on. */
    void refuseBlockedWork(CheckedCase of, Plan plan) {
        Set<String> blocks = new TreeSet<>();
        for (PlanStep step : plan.steps()) {
            blocks.addAll(blocks(before(of, plan, step)));
        }
        refuse(blocks, "content.status");
    }

    /** Nor is a panel begun past one. What was begun before goes on; what is off the hair again is what happened, and is believed. */
    void refuseBlockedTests(CheckedCase of, List<StrandTestView> before) {
        for (int i = 0; i < of.strandTests().size(); i++) {
            StrandTestView test = of.strandTests().get(i);
            if (!test.running() || before.stream().anyMatch(test::sameWorkAs)) {
                continue;
            }
            Canvas end = test.course()
                    .on(test.start(of.head().thickness(), of.head().grown()).best(), Factors.AVERAGE);
            for (StandingCaution one : before(of, test, end)) {
                if (one.blocks()) {
                    throw new Refusal(
                            HttpStatus.UNPROCESSABLE_CONTENT,
                            ProblemMessage.BLOCKED_TEST,
                            "content.strandTests[" + i + "].startedAt",
                            StandingView.title(one.caution()),
                            settle(StandingView.cleared(one.caution())));
                }
            }
        }
    }

    private static Said settle(String what) {
        return ProblemMessage.SETTLE_FIRST.say().typed("what", what).said();
    }
}
