package mischung.plan;

import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mischung.said.Message;

/** What goes wrong in practice; the hair it is said of is {@code band}, and how many more it holds for {@code others}. */
public enum WarningMessage implements Message {
    TO_STAY("why"),
    NEEDS_NO_LIFTING("level", "wish"),
    THROUGH_ORANGE("level", "look"),
    OVERLAP("level", "darkest"),
    BLUE_STAYS("left"),
    TOO_DARK_ON_POROUS("level", "aim"),
    COVERAGE_WITHOUT_GREY("grey", "look"),
    TOO_FAR_DOWN("level", "to"),
    NOT_EQUALISED("porosity"),
    ASH_ON_POROUS("porosity"),
    STAINS_SKIN("direct"),
    VIOLET_AT_FIRST,
    YELLOW_MIXES_IN("look"),
    TOO_LITTLE_WARMTH("look", "hue", "chroma", "wishedHue", "wishedChroma");

    private final Set<String> figures;

    WarningMessage(String... figures) {
        this.figures =
                Stream.concat(Stream.of("band", "others"), Stream.of(figures)).collect(Collectors.toUnmodifiableSet());
    }

    @Override
    public String key() {
        return "warning." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
