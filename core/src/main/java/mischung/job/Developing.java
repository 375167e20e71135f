package mischung.job;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import mischung.hair.Canvas;
import mischung.plan.Plan;
import mischung.sequence.Batch;
import mischung.uncertainty.Calibration;

/**
 * How the hair under a clock should look while it develops: the band of its zone there is most of.
 *
 * @param course from the moment the product was put on to the end of its window, every few minutes
 */
public record Developing(Clock clock, List<At> course) {
    /** @param minutes of work */
    public record At(int minutes, Canvas hair) {}

    private static final int EVERY = 5;

    public Developing {
        course = List.copyOf(course);
    }

    /**
     * Of every clock that runs. What the plan does not know, since it was changed meanwhile, is left out.
     *
     * @param known of this client by now
     */
    public static List<Developing> of(Plan plan, List<Batch> batches, Job job, Calibration known, Instant now) {
        StrandLook looking = new StrandLook(plan, batches, job, known, now);
        return job.clocks().stream()
                .flatMap(clock -> Laid.by(plan, clock.task()).stream()
                        .map(laid -> new Developing(clock, course(looking, clock, laid))))
                .toList();
    }

    private static List<At> course(StrandLook looking, Clock clock, Laid laid) {
        List<Integer> minutes = new ArrayList<>();
        for (int minute = 0; minute < clock.latestMinutes(); minute += EVERY) {
            minutes.add(minute);
        }
        minutes.add(clock.latestMinutes());
        List<Canvas> hair = looking.after(clock, laid, minutes);
        List<At> course = new ArrayList<>();
        for (int i = 0; i < minutes.size(); i++) {
            course.add(new At(minutes.get(i), hair.get(i)));
        }
        return course;
    }
}
