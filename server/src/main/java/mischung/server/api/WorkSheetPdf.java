package mischung.server.api;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import mischung.plan.Plan;
import mischung.sequence.SectionPlan;
import mischung.sequence.SectionPlan.Foil;
import mischung.sequence.Task;

/** The sheet beside the chair: the head with its foils, what goes on them, the bowls, and the order of work. */
final class WorkSheetPdf {
    private WorkSheetPdf() {}

    static byte[] of(String client, String date, Plan plan, SectionPlan sections, PlanView view) {
        return Sheet.written(sheet -> write(client, date, plan, sections, view, sheet));
    }

    private static void write(String client, String date, Plan plan, SectionPlan sections, PlanView view, Sheet sheet)
            throws IOException {
        sheet.text(client + ", " + date);
        sheet.title("Work sheet: " + plan.wish().words());
        sheet.text(Character.toUpperCase(plan.strategy().words().charAt(0))
                + plan.strategy().words().substring(1) + ", " + view.totalWords() + " to " + view.endClock() + ".");
        if (!sections.foils().isEmpty()) {
            sheet.heads(plan, sections.foils());
            sheet.list("Foils", foils(sections));
        }
        sheet.list(
                "Bowls",
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
        sheet.list("Order of work", order);
    }

    /** Foils that are alike in a line: "1–6, nape: babylights; 0.5–34 cm 9 pearl, bowl B". */
    private static List<String> foils(SectionPlan sections) {
        Map<String, List<Foil>> alike = new LinkedHashMap<>();
        for (Foil foil : sections.foils()) {
            String what = foil.place().words() + ": " + foil.called() + "; "
                    + foil.stretches().stream()
                            .filter(stretch -> stretch.aim().isPresent())
                            .map(stretch -> LookView.rounded(stretch.fromCm(), 10) + "–"
                                    + LookView.rounded(stretch.toCm(), 10) + " cm "
                                    + stretch.aim().orElseThrow().words()
                                    + (stretch.bowls().isEmpty()
                                            ? ""
                                            : ", bowl " + String.join(" then ", stretch.bowls())))
                            .collect(Collectors.joining("; "));
            alike.computeIfAbsent(what, key -> new ArrayList<>()).add(foil);
        }
        List<String> lines = new ArrayList<>();
        alike.forEach((what, some) -> lines.add(numbers(some) + ", " + what));
        return lines;
    }

    private static String numbers(List<Foil> some) {
        int first = some.get(0).number();
        int last = some.get(some.size() - 1).number();
        if (first == last) {
            return "Foil " + first;
        }
        return last - first + 1 == some.size()
                ? "Foils " + first + "–" + last
                : "Foils "
                        + some.stream()
                                .map(foil -> String.valueOf(foil.number()))
                                .collect(Collectors.joining(", "));
    }
}
