package mischung.hair;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;
import java.util.function.Predicate;

/** What was done to a band before today. */
public enum BandKind {
    /** As it grew. */
    NATURAL("natural", Past.Kind.AS_GROWN, EnumSet.of(Tone.NATURAL, Tone.ASH, Tone.GOLD, Tone.COPPER)),
    /** Lightened: its warm pigment is partly or wholly gone; toned or coloured since, if its tone says so. */
    LIGHTENED("lightened", Past.Kind.LIFTED, wornBy(tone -> !tone.fashion())),
    /** Oxidative colour over hair that was never lightened. */
    COLOURED("coloured", Past.Kind.COLOURED, wornBy(tone -> !tone.fashion() && tone != Tone.AS_LIFTED)),
    /** Direct dye over lightened hair. */
    DIRECT("direct dye", Past.Kind.DIRECT_OVER_LIFTED, wornBy(tone -> tone.fashion() || tone.warm() || tone.toning()));

    private static Set<Tone> wornBy(Predicate<Tone> which) {
        return EnumSet.copyOf(EnumSet.allOf(Tone.class).stream().filter(which).toList());
    }

    private final String words;
    private final Past.Kind past;
    private final Set<Tone> tones;

    BandKind(String words, Past.Kind past, Set<Tone> tones) {
        this.words = words;
        this.past = past;
        this.tones = Collections.unmodifiableSet(tones);
    }

    public String words() {
        return words;
    }

    /** What it means for a colour that was measured on it. */
    public Past.Kind past() {
        return past;
    }

    /** Tones hair of this kind can be read as. */
    public Set<Tone> tones() {
        return tones;
    }

    /** The tone first thought of. */
    public Tone usualTone() {
        return switch (this) {
            case NATURAL, COLOURED -> Tone.NATURAL;
            case LIGHTENED -> Tone.AS_LIFTED;
            case DIRECT -> Tone.RED;
        };
    }

    /** Whether its warm pigment was taken out before. */
    public boolean lifted() {
        return this == LIGHTENED || this == DIRECT;
    }
}
