package mischung.hair;

import mischung.light.Lab;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * One measurement of a band's colour, in daylight terms.
 *
 * @param lab under D65, L* 5–95, a* and b* −60 to 80
 * @param spread standard deviation of each of L*, a* and b* that the measurement itself states, 0.05–15
 */
public record Measured(By by, Lab lab, double spread) {
    /** What measured. */
    public enum By {
        READER("colour reader"),
        PHOTO("photograph");

        private final String words;

        By(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Measured {
        RefusedInput.within("L*", lab.l(), 5, 95, Unit.NONE);
        RefusedInput.within("a*", lab.a(), -60, 80, Unit.NONE);
        RefusedInput.within("b*", lab.b(), -60, 80, Unit.NONE);
        RefusedInput.within("spread", spread, 0.05, 15, Unit.NONE);
    }
}
