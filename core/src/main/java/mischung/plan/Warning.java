package mischung.plan;

import java.util.List;
import mischung.hair.BandRef;

/**
 * Where practice goes wrong: something in a step that the model or a rule says will not do what is hoped.
 *
 * @param fault what sort of fault it is
 * @param sentence with the figures of this head
 */
public record Warning(Fault fault, String sentence, List<BandRef> bands) {
    /** The faults that are looked for. */
    public enum Fault {
        TOO_DARK_ON_POROUS("toner too dark on porous light hair"),
        GREEN("goes green or hollow"),
        COVERAGE_WITHOUT_GREY("coverage shade without grey"),
        NEEDLESS_LIFT("lifts what needs no lifting"),
        OVERLAP("overlap onto light hair"),
        TOO_FAR_DOWN("more than two levels in one deposit"),
        BLUE_STAYS("direct blue that will not leave"),
        SHORT_CUT("a short cut");

        private final String words;

        Fault(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Warning {
        bands = List.copyOf(bands);
    }
}
