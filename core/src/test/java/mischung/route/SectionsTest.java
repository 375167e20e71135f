package mischung.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.plan.Heads;
import mischung.plan.Plan;
import mischung.plan.Planner;
import mischung.plan.PlanningContext;
import mischung.plan.Strategy;
import mischung.product.ProductRange;
import mischung.school.Method;
import mischung.school.Start;
import mischung.sequence.Durations;
import mischung.sequence.SectionPlan;
import mischung.sequence.Sequencer;
import mischung.sequence.StageId;
import mischung.sequence.Task;
import mischung.sequence.TaskId;
import mischung.sequence.TaskMessage;
import mischung.uncertainty.Calibration;
import mischung.wish.Aim;
import mischung.wish.Layer;
import mischung.wish.Pattern;
import mischung.wish.Region;
import mischung.wish.What;
import mischung.wish.Wish;
import mischung.wish.WorkedHead;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Which foils each laying of the order lays: what the chair marks. */
class SectionsTest {
    private static final Plan WHOLE = Planner.plan(
            new PlanningContext(
                    Heads.full(List.of(new Band(0, 30, BandKind.NATURAL, 3, Tone.NATURAL, Porosity.NORMAL, 0))),
                    new Wish(9, Tone.BEIGE),
                    ProductRange.demo(),
                    Calibration.none(),
                    3),
            Strategy.of("usual", Method.USUAL));

    /** In its own zone, in the order of their numbers, each once a pass, and none that has product is forgotten. */
    @ParameterizedTest
    @MethodSource("mischung.route.LayersTest#made")
    void everyFoilWithProductIsLaidOnceAPass(LayersTest.Made made) {
        everyFoilIsLaid(made.plan());
    }

    @Test
    void wholeSectionsLieInFoilsToo() {
        SectionPlan sections = SectionPlan.of(WHOLE, Durations.USUAL);
        assertThat(sections.foils())
                .hasSizeBetween(90, 110)
                .allSatisfy(foil -> assertThat(foil.called()).isEqualTo(TaskMessage.WHOLE_SECTION.figure()));
        everyFoilIsLaid(WHOLE);
        // The root joins the foils that are open there.
        assertThat(WHOLE.steps().stream().flatMap(step -> step.lifts().stream()))
                .filteredOn(lift ->
                        lift.bands().stream().allMatch(at -> WHOLE.head().at(at).touchesScalp()))
                .isNotEmpty()
                .allSatisfy(root -> assertThat(sections.intoFoils()).contains(root.name()));
    }

    private static void everyFoilIsLaid(Plan plan) {
        SectionPlan sections = SectionPlan.of(plan, Durations.USUAL);
        List<Task> tasks = Sequencer.of(plan).tasks();
        Map<TaskId, List<Integer>> laid = sections.laidBy(tasks);
        Set<Integer> all = new HashSet<>();
        record Pass(StageId stage, int pass, List<String> bowls) {}
        Map<Pass, List<Integer>> passes = new HashMap<>();
        for (Task task : tasks) {
            List<Integer> numbers = laid.getOrDefault(task.id(), List.of());
            assertThat(numbers).isSorted().allSatisfy(number -> {
                SectionPlan.Foil foil = sections.foils().get(number - 1);
                assertThat(task.zones()).contains(foil.place());
                assertThat(foil.stretches().stream()
                                .flatMap(stretch -> stretch.bowls().stream())
                                .toList())
                        .containsAnyElementsOf(task.bowls());
            });
            if (!numbers.isEmpty()) {
                assertThat(task.kind()).isEqualTo(Task.Kind.APPLY);
                passes.computeIfAbsent(
                                new Pass(task.id().stage(), task.id().pass(), task.bowls()), key -> new ArrayList<>())
                        .addAll(numbers);
            }
            all.addAll(numbers);
        }
        assertThat(passes.values()).allSatisfy(numbers -> assertThat(numbers).doesNotHaveDuplicates());
        assertThat(sections.foils())
                .filteredOn(foil -> foil.stretches().stream()
                        .flatMap(stretch -> stretch.bowls().stream())
                        .anyMatch(sections.intoFoils()::contains))
                .extracting(SectionPlan.Foil::number)
                .isSubsetOf(all);
    }

    /** What no layer parts out is there too, from the scalp to the ends: on a head without foils all of it. */
    @Test
    void hairBetweenTheFoilsIsThere() {
        LayersTest.Made direct = LayersTest.made()
                .filter(made -> made.name().startsWith("P11"))
                .findFirst()
                .orElseThrow();
        Plan plan = direct.plan();
        SectionPlan sections = SectionPlan.of(plan, Durations.USUAL);
        assertThat(sections.foils()).isEmpty();
        assertThat(sections.grounds()).hasSize(plan.head().zones().size()).allSatisfy(ground -> {
            List<SectionPlan.Stretch> along = ground.stretches();
            assertThat(along.get(0).fromCm()).isZero();
            assertThat(along.get(along.size() - 1).toCm()).isEqualTo(30);
            assertThat(along)
                    .extracting(stretch -> stretch.aim().orElseThrow().words())
                    .contains("7 violet", "8 blue", "8 teal");
            assertThat(along).allSatisfy(stretch -> assertThat(stretch.bowls()).isNotEmpty());
        });
        SectionPlan panels = SectionPlan.of(
                WorkedHead.of(direct.head(), new Wish(9, Tone.BEIGE).over(List.of(ALL_PANELS))),
                Start.BACK,
                Durations.USUAL);
        assertThat(panels.foils()).isNotEmpty();
        assertThat(panels.grounds()).isEmpty();
    }

    private static final Layer ALL_PANELS = Layer.of(
            Layer.Purpose.HIGHLIGHT,
            Region.ALL,
            new Pattern.Panels(3, 1),
            What.colour(new Aim(9, Tone.BEIGE)),
            What.colour(new Aim(8, Tone.BEIGE)));

    /** What goes on at the basin lies in no foil any more. */
    @Test
    void tonersAtTheBasinMarkNoFoil() {
        Plan plan = LayersTest.made().findFirst().orElseThrow().plan();
        SectionPlan sections = SectionPlan.of(plan, Durations.USUAL);
        Map<TaskId, List<Integer>> laid = sections.laidBy(Sequencer.of(plan).tasks());
        Set<String> lifting = new HashSet<>();
        plan.steps().forEach(step -> step.lifts().forEach(lift -> lifting.add(lift.name())));
        assertThat(sections.intoFoils()).isNotEmpty().isSubsetOf(lifting);
        assertThat(laid).isNotEmpty();
    }
}
