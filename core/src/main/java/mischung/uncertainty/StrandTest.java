package mischung.uncertainty;

import java.util.Optional;
import mischung.Constants;
import mischung.hair.Elasticity;
import mischung.hair.LevelScale;
import mischung.process.Course;
import mischung.process.Lightening;
import mischung.product.Lightener;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * What was done on a hidden strand and what was seen.
 *
 * @param start the strand before
 * @param course what was done
 * @param seenLevel afterwards, 1–12, any decimal
 * @param levelSpread standard deviation of that reading in levels, 0.02–3
 * @param felt the stretch afterwards, if it was tried
 */
public record StrandTest(Start start, Course course, double seenLevel, double levelSpread, Optional<Elasticity> felt) {
    public StrandTest {
        RefusedInput.within("seenLevel", seenLevel, LevelScale.DARKEST, LevelScale.LIGHTEST, Unit.NONE);
        RefusedInput.within("levelSpread", levelSpread, 0.02, 3, Unit.LEVELS);
    }

    /** Read dry by eye beside the ladder. */
    public static StrandTest byEye(Start start, Course course, double seenLevel) {
        return new StrandTest(start, course, seenLevel, Constants.in("spread").of("seen"), Optional.empty());
    }

    /** The product it was done with, if it was lightener of a make of its own. */
    Optional<Lightener> lightener() {
        return course.changes().stream()
                .filter(Lightening.class::isInstance)
                .map(change -> ((Lightening) change).make())
                .filter(make -> !make.code().isEmpty())
                .findFirst();
    }

    public StrandTest stretched(Elasticity elasticity) {
        return new StrandTest(start, course, seenLevel, levelSpread, Optional.of(elasticity));
    }
}
