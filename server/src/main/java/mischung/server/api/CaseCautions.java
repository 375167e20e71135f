package mischung.server.api;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import mischung.caution.Caution;
import mischung.caution.Standing;
import mischung.change.Factors;
import mischung.hair.Canvas;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** The cautions of a case as they stand in this house, and what they refuse. */
@Component
class CaseCautions {
    private final HouseSettings house;

    CaseCautions(HouseSettings house) {
        this.house = house;
    }

    List<Standing> before(CheckedCase of, Plan plan) {
        return standing(of, of.cautions().before(plan));
    }

    List<Standing> before(CheckedCase of, Plan plan, PlanStep step) {
        return standing(of, of.cautions().before(plan, step));
    }

    /** @param end the hair of the panel as the model leaves it */
    List<Standing> before(CheckedCase of, StrandTestView test, Canvas end) {
        return standing(of, of.cautions().before(test.change(), test.band().checked(), end.fibre(), test.onHead()));
    }

    private List<Standing> standing(CheckedCase of, List<Caution> cautions) {
        return Standing.of(cautions, of.takenOn(), house.now().overridesAllowed());
    }

    /** Work on the hair does not begin past a block that nobody settled or took on. */
    void refuseBlockedWork(CheckedCase of, Plan plan) {
        Set<String> blocks = new TreeSet<>();
        for (PlanStep step : plan.steps()) {
            before(of, plan, step).stream()
                    .filter(Standing::blocks)
                    .forEach(s ->
                            blocks.add(s.caution().title() + ": " + s.caution().lifts()));
        }
        if (!blocks.isEmpty()) {
            throw new Refusal(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "This work is blocked",
                    "content.status",
                    blocks.size() + (blocks.size() == 1 ? " block" : " blocks"),
                    "Settle first: " + String.join(" · ", blocks));
        }
    }

    /** Nor is a panel begun past one; what was begun before is done already. */
    void refuseBlockedTests(CheckedCase of, List<StrandTestView> before) {
        for (int i = 0; i < of.strandTests().size(); i++) {
            StrandTestView test = of.strandTests().get(i);
            if (!test.begun() || before.stream().anyMatch(test::sameWorkAs)) {
                continue;
            }
            Canvas end = test.course().on(test.start(of.head().thickness()).best(), Factors.AVERAGE);
            for (Standing one : before(of, test, end)) {
                if (one.blocks()) {
                    throw new Refusal(
                            HttpStatus.UNPROCESSABLE_CONTENT,
                            "This test is blocked",
                            "content.strandTests[" + i + "].startedAt",
                            one.caution().title(),
                            "Settle first: " + one.caution().lifts());
                }
            }
        }
    }
}
