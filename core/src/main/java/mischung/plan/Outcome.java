package mischung.plan;

import mischung.doubt.LevelRange;
import mischung.hair.Look;

/**
 * How one band is predicted to look after a step.
 *
 * @param range levels it may fall between, eight times in ten, see {@link mischung.doubt.Forecast}
 * @param difference CIEDE2000 to the wish
 * @param touched whether the step did anything to it
 */
public record Outcome(Look look, LevelRange range, double difference, boolean touched) {}
