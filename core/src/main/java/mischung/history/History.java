package mischung.history;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mischung.hair.LevelScale;
import mischung.said.Figure;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * What is known of a head's past.
 *
 * @param naturalLevel as it grows, 1–10 in halves
 * @param growth in cm a month
 * @param washesPerWeek at home, 0–14
 * @param events in the order they were told
 */
public record History(double naturalLevel, Growth growth, double washesPerWeek, List<Event> events) {
    public static final int MOST_EVENTS = 200;
    private static final double DAYS_A_MONTH = 365.2425 / 12;

    public History {
        LevelScale.requireHalves("naturalLevel", naturalLevel);
        RefusedInput.within("naturalLevel", naturalLevel, 1, 10, Unit.IN_HALVES);
        RefusedInput.within("washesPerWeek", washesPerWeek, 0, 14, Unit.NONE);
        if (events.size() > MOST_EVENTS) {
            throw new RefusedInput(
                    "events",
                    events.size(),
                    RefusalMessage.AT_MOST.say().count("most", MOST_EVENTS).said());
        }
        events = List.copyOf(events);
    }

    /** Nothing is known yet but how it grows. */
    public static History none(double naturalLevel) {
        return new History(naturalLevel, Growth.UNMEASURED, 2, List.of());
    }

    public History with(Growth other) {
        return new History(naturalLevel, other, washesPerWeek, events);
    }

    /** Oldest first; what happened on one day stays in the order it was told. */
    public List<Event> inOrder() {
        return events.stream().sorted(Comparator.comparing(Event::date)).toList();
    }

    /** @throws RefusedInput for the first event that lies after {@code today} */
    public History notAfter(LocalDate today) {
        for (int i = 0; i < events.size(); i++) {
            if (events.get(i).date().isAfter(today)) {
                throw new RefusedInput(
                        "events[" + i + "].date",
                        events.get(i).date(),
                        RefusalMessage.AFTER_THE_WORK
                                .say()
                                .with("day", new Figure.Day(today))
                                .said());
            }
        }
        return this;
    }

    /** The last time something that leaves a line went on at the scalp; woven pieces leave none. */
    public Optional<Event> lastAtScalp() {
        return inOrder().stream()
                .filter(e -> e.service().marks() && (e.where() == Where.ALL || e.where() == Where.ROOTS))
                .reduce((earlier, later) -> later);
    }

    /** With the growth that a measured regrowth shows; unchanged if nothing left a line. */
    public History corrected(double regrowthCm, LocalDate today) {
        return lastAtScalp()
                .map(last -> with(Growth.measured(regrowthCm, months(last.date(), today))))
                .orElse(this);
    }

    static double months(LocalDate from, LocalDate to) {
        return ChronoUnit.DAYS.between(from, to) / DAYS_A_MONTH;
    }
}
