package mischung.caution;

import java.util.Arrays;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mischung.said.Message;

/** What cautions say. The names are kept with overrides, so they stay as they are. */
public enum CautionMessage implements Message {
    REACTED_LIGHTENER,
    REACTED_LIGHTENER_TO("allergies"),
    REACTED,
    REACTED_TO("allergies"),
    REACTION_NOT_ASKED,
    BLACK_TATTOO,
    BLACK_TATTOO_NOT_ASKED,
    PATCH_REACTED,
    PATCH_NOT_APPLIED("hours"),
    PATCH_NOT_READ("day", "hours"),
    PATCH_READ_TOO_EARLY("day", "hours"),
    PATCH_STILL_TO_COME,
    PATCH_TOO_OLD("day", "weeks"),
    SCALP_BROKEN,
    SCALP_IRRITATED,
    SCALP_NOT_LOOKED_AT,
    UNDER_AGE,
    AGE_NOT_ASKED,
    PREGNANT,
    PREGNANCY_NOT_ASKED,
    MEDICATION,
    MEDICATION_OF("which"),
    MEDICATION_NOT_ASKED,
    CUT_STRAND_REACTED("what"),
    CUT_STRAND_FIRST("what"),
    CUT_STRAND_NOW,
    HOME_COLOUR_NOT_ASKED,
    STRETCH_LEFT_OUT,
    STRETCH_FAILED,
    STRENGTH_AFTER("stretch"),
    VERY_POROUS,
    STRONG_AT_SCALP("volume"),
    CLEANSE_AT_SCALP,
    MAKER_OFF_SCALP,
    MAKER_VOLUME("volume"),
    COVERAGE_AT_SCALP,
    ASTHMA,
    ASTHMA_NOT_ASKED,
    PERSULFATES,
    FOIL_AND_WARMTH,
    PROTECTION,
    PREDICTION,
    LOCAL_LAW;

    private final Set<String> figures;

    CautionMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "caution." + name();
    }

    /** What settles it, said with the same figures. */
    public Message cleared() {
        return new Cleared(this);
    }

    @Override
    public Set<String> figures() {
        return figures;
    }

    /** Every message there is, with what settles each. */
    public static Set<Message> all() {
        return Arrays.stream(values())
                .flatMap(one -> Stream.of(one, one.cleared()))
                .collect(Collectors.toUnmodifiableSet());
    }

    private record Cleared(CautionMessage of) implements Message {
        @Override
        public String key() {
            return of.key() + ".cleared";
        }

        @Override
        public Set<String> figures() {
            return of.figures();
        }
    }
}
