package mischung.plan;

import java.util.List;
import mischung.hair.BandRef;
import mischung.said.Said;

/**
 * Where practice goes wrong: something in a step that the model or a rule says will not do what is hoped.
 *
 * @param fault what sort of fault it is
 * @param said with the figures of this head
 */
public record Warning(Fault fault, Said said, List<BandRef> bands) {
    /** The faults that are looked for. */
    public enum Fault {
        TOO_DARK_ON_POROUS("toner too dark on porous light hair"),
        GREEN("goes green or hollow"),
        COVERAGE_WITHOUT_GREY("coverage shade without grey"),
        NEEDLESS_LIFT("lifts what needs no lifting"),
        OVERLAP("overlap onto light hair"),
        TOO_FAR_DOWN("more than two levels in one deposit"),
        BLUE_STAYS("direct blue that will not leave"),
        NOT_EQUALISED("filler on porous hair without an equaliser"),
        ASH_ON_POROUS("ash on porous hair"),
        STAINS_SKIN("stains the skin at hairline and nape"),
        VIOLET_AT_FIRST("a violet tinge that leaves in two washes"),
        THROUGH_ORANGE("goes through orange on its way"),
        SHORT_CUT("a short cut");

        private final String words;

        Fault(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Whether it is to be said beforehand rather than worked round, so that once a plan is enough. */
        public boolean saidOnce() {
            return this == STAINS_SKIN || this == VIOLET_AT_FIRST || this == THROUGH_ORANGE || this == NOT_EQUALISED;
        }
    }

    public Warning {
        bands = List.copyOf(bands);
    }
}
