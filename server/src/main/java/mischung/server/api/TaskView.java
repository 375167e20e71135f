package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mischung.sequence.Task;
import mischung.server.words.Catalogue;

/** A task on the clock. */
public record TaskView(
        @Schema(description = "names it as long as the plan is the same")
        String key,

        Task.Kind kind,
        int visit,

        @Schema(description = "index of the plan's step, −1 before the first")
        int step,

        String title,
        String detail,

        @Schema(description = "from the beginning of its visit")
        int startMinute,

        int minutes,
        String clock,
        String endClock,

        @Schema(description = "who does it, 1–3; 0: a clock that runs by itself")
        int person,

        List<String> bowls,
        List<String> zones,

        @Schema(description = "when its rinse may begin: none or one")
        List<WindowView> window,

        @Schema(description = "how long it really took, if that was said")
        List<Integer> tookMinutes) {
    static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);

    /** The earliest and the latest minute of the visit. */
    public record WindowView(int earliest, int latest, String earliestClock, String latestClock) {}

    static TaskView of(Task task, LocalTime start, Optional<Integer> took) {
        return new TaskView(
                task.key(),
                task.kind(),
                task.visit(),
                task.step(),
                Catalogue.spoken().sentence(task.title()),
                Catalogue.spoken().sentences(task.detail()),
                task.startMinute(),
                task.minutes(),
                CLOCK.format(start.plusMinutes(task.startMinute())),
                CLOCK.format(start.plusMinutes(task.endMinute())),
                task.person(),
                task.bowls(),
                task.zones().stream().map(Catalogue.spoken()::word).toList(),
                task.window().stream()
                        .map(w -> new WindowView(
                                w.earliest(),
                                w.latest(),
                                CLOCK.format(start.plusMinutes(w.earliest())),
                                CLOCK.format(start.plusMinutes(w.latest()))))
                        .toList(),
                took.stream().toList());
    }
}
