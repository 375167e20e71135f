package mischung.server.api;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import mischung.Phrases;
import mischung.plan.Plan;
import mischung.said.Figure;
import mischung.said.Said;
import mischung.sequence.SectionPlan;
import mischung.sequence.SectionPlan.Foil;
import mischung.sequence.Task;
import mischung.server.words.Catalogue;
import mischung.server.words.SheetMessage;

/** The sheet beside the chair: the head with its foils, what goes on them, the bowls, and the order of work. */
final class WorkSheetPdf {
    private WorkSheetPdf() {}

    static byte[] of(String client, String date, Plan plan, SectionPlan sections, PlanView view) {
        return Sheet.written(sheet -> write(client, date, plan, sections, view, sheet));
    }

    private static void write(String client, String date, Plan plan, SectionPlan sections, PlanView view, Sheet sheet)
            throws IOException {
        Catalogue spoken = Catalogue.spoken();
        sheet.text(client + ", " + date);
        sheet.title(spoken.say(
                SheetMessage.WORK_SHEET.say().part("wish", plan.wish().said()).said()));
        sheet.text(spoken.sentence(SheetMessage.ROUTE
                .say()
                .part("route", plan.strategy().said())
                .typed("time", view.totalWords())
                .typed("clock", view.endClock())
                .said()));
        sheet.heads(plan, sections);
        if (!sections.foils().isEmpty()) {
            sheet.list(spoken.say(SheetMessage.FOILS), foils(sections));
        }
        List<String> grounds = grounds(sections);
        if (!grounds.isEmpty()) {
            sheet.list(
                    spoken.say(sections.foils().isEmpty() ? SheetMessage.HAIR : SheetMessage.BETWEEN_FOILS), grounds);
        }
        sheet.list(
                spoken.say(SheetMessage.BOWLS),
                view.bowls().stream()
                        .map(bowl -> bowl.name() + ": " + bowl.mixWords() + ", "
                                + bowl.parts().stream()
                                        .map(part -> part.grams() + " g " + part.shade())
                                        .collect(Collectors.joining(", "))
                                + (bowl.developerGrams() > 0
                                        ? ", " + bowl.developerGrams() + " g " + bowl.developer()
                                        : "")
                                + ", " + Math.round(bowl.minutes()) + " min")
                        .toList());
        List<String> order = new ArrayList<>();
        for (TaskView task : view.tasks()) {
            if (task.kind() != Task.Kind.WORK) {
                order.add(task.clock() + " " + task.title()
                        + (task.zones().isEmpty() || task.zones().size() > 3
                                ? ""
                                : ": " + String.join(", ", task.zones()))
                        + ", " + task.minutes() + " min");
            }
        }
        sheet.list(spoken.say(SheetMessage.ORDER), order);
    }

    /** Foils that are alike in a line: "1–6, nape: babylights; 0.5–34 cm 9 pearl, bowl B". */
    private static List<String> foils(SectionPlan sections) {
        Map<String, List<Foil>> alike = new LinkedHashMap<>();
        for (Foil foil : sections.foils()) {
            String what = Catalogue.spoken().word(foil.place()) + ": "
                    + Catalogue.spoken().say(foil.called()) + "; " + String.join("; ", stretches(foil.stretches()));
            alike.computeIfAbsent(what, key -> new ArrayList<>()).add(foil);
        }
        List<String> lines = new ArrayList<>();
        alike.forEach((what, some) -> lines.add(numbers(some) + ", " + what));
        return lines;
    }

    /** Zones that get the same in a line: "Back, nape: 0–3 cm 6 natural, bowl C". */
    private static List<String> grounds(SectionPlan sections) {
        Map<String, List<String>> alike = new LinkedHashMap<>();
        for (SectionPlan.Ground ground : sections.grounds()) {
            List<String> along = stretches(ground.stretches());
            if (!along.isEmpty()) {
                alike.computeIfAbsent(String.join("; ", along), key -> new ArrayList<>())
                        .add(Catalogue.spoken().word(ground.place()));
            }
        }
        List<String> lines = new ArrayList<>();
        alike.forEach((what, places) -> lines.add(Phrases.capital(String.join(", ", places)) + ": " + what));
        return lines;
    }

    /** What goes where along it; what gets the same is one stretch, however it was read. */
    private static List<String> stretches(List<SectionPlan.Stretch> along) {
        List<String> all = new ArrayList<>();
        List<SectionPlan.Stretch> some =
                along.stream().filter(stretch -> stretch.aim().isPresent()).toList();
        for (int first = 0, last; first < some.size(); first = last) {
            SectionPlan.Stretch from = some.get(first);
            last = first + 1;
            while (last < some.size()
                    && some.get(last).aim().equals(from.aim())
                    && some.get(last).bowls().equals(from.bowls())
                    && some.get(last).fromCm() == some.get(last - 1).toCm()) {
                last++;
            }
            SectionPlan.Stretch to = some.get(last - 1);
            Said said = SheetMessage.STRETCH
                    .say()
                    .tenth("from", from.fromCm())
                    .tenth("to", to.toCm())
                    .part("aim", from.aim().orElseThrow().said())
                    .said();
            if (!from.bowls().isEmpty()) {
                said = SheetMessage.STRETCH_BOWLS
                        .say()
                        .part("stretch", said)
                        .with("bowls", oneThenOther(from.bowls()))
                        .said();
            }
            if (to.featherCm() > 0) {
                said = SheetMessage.STRETCH_FEATHERED
                        .say()
                        .part("stretch", said)
                        .tenth("cm", to.featherCm())
                        .said();
            }
            all.add(Catalogue.spoken().say(said));
        }
        return all;
    }

    private static Figure oneThenOther(List<String> bowls) {
        Figure all = new Figure.Typed(bowls.get(0));
        for (String next : bowls.subList(1, bowls.size())) {
            all = new Figure.Part(SheetMessage.THEN
                    .say()
                    .with("one", all)
                    .typed("other", next)
                    .said());
        }
        return all;
    }

    private static String numbers(List<Foil> some) {
        int first = some.get(0).number();
        int last = some.get(some.size() - 1).number();
        String numbers = first == last
                ? String.valueOf(first)
                : last - first + 1 == some.size()
                        ? first + "–" + last
                        : some.stream()
                                .map(foil -> String.valueOf(foil.number()))
                                .collect(Collectors.joining(", "));
        return Catalogue.spoken()
                .say(SheetMessage.FOIL
                        .say()
                        .typed("numbers", numbers)
                        .count("foils", some.size())
                        .said());
    }
}
