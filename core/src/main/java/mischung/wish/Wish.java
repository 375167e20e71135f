package mischung.wish;

import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import mischung.hair.LevelScale;
import mischung.hair.Tone;
import mischung.hair.ZonePlace;
import mischung.light.Lab;
import mischung.said.Figure;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Said;
import mischung.said.Saying;
import mischung.said.Unit;

/**
 * What the client wants to see, and what must stay.
 *
 * @param main the colour of all that no design and no part says otherwise of
 * @param keepNatural whether hair as it grew stays as it grew
 * @param leaveOut zones that stay as they are, such as a light frame round the face
 * @param parts wishes for parts of the head; the last one that speaks of a piece of hair holds
 * @param layers what goes over all that, one after another
 */
public record Wish(
        Aim main,
        Design design,
        Grey grey,
        boolean keepNatural,
        Set<ZonePlace> leaveOut,
        List<PartWish> parts,
        List<Layer> layers,
        Limits limits) {
    private static final int MOST_PARTS = 40;
    private static final int MOST_LAYERS = 12;

    /** Lightest that can be wished for: lifted white (R1). */
    public static final double LIGHTEST = 11;

    public Wish {
        main.wished();
        RefusedInput.within("level", main.level(), LevelScale.DARKEST, LIGHTEST, Unit.IN_HALVES);
        design.root().ifPresent(Aim::wished);
        design.ends().ifPresent(Aim::wished);
        design.pieces().ifPresent(Aim::wished);
        parts.forEach(part -> part.aim().ifPresent(Aim::wished));
        EnumSet<ZonePlace> kept = EnumSet.noneOf(ZonePlace.class);
        kept.addAll(leaveOut);
        leaveOut = Collections.unmodifiableSet(kept);
        parts = List.copyOf(parts);
        if (parts.size() > MOST_PARTS) {
            throw new RefusedInput(
                    "parts",
                    parts.size(),
                    RefusalMessage.AT_MOST.say().count("most", MOST_PARTS).said());
        }
        layers = List.copyOf(layers);
        layers.forEach(Layer::wished);
        if (layers.size() > MOST_LAYERS) {
            throw new RefusedInput(
                    "layers",
                    layers.size(),
                    RefusalMessage.AT_MOST.say().count("most", MOST_LAYERS).said());
        }
    }

    /** One even colour. */
    public Wish(Aim main) {
        this(main, Design.EVEN, Grey.COVERED, false, Set.of(), List.of(), List.of(), Limits.NONE);
    }

    public Wish(double level, Tone tone) {
        this(new Aim(level, tone));
    }

    public double level() {
        return main.level();
    }

    public Tone tone() {
        return main.tone();
    }

    /** The main colour under D65. */
    public Lab colour() {
        return main.colour();
    }

    public Wish with(Design other) {
        return new Wish(main, other, grey, keepNatural, leaveOut, parts, layers, limits);
    }

    public Wish with(Grey other) {
        return new Wish(main, design, other, keepNatural, leaveOut, parts, layers, limits);
    }

    public Wish with(Limits other) {
        return new Wish(main, design, grey, keepNatural, leaveOut, parts, layers, other);
    }

    public Wish with(List<PartWish> others) {
        return new Wish(main, design, grey, keepNatural, leaveOut, others, layers, limits);
    }

    /** With these layers over all else that is wished. */
    public Wish over(List<Layer> others) {
        return new Wish(main, design, grey, keepNatural, leaveOut, parts, others, limits);
    }

    /** All that is wished as layers, the first at the bottom. */
    public List<Layer> placement() {
        return Placement.of(this);
    }

    /** Which of the wish's own layers this one of the placement is; empty where it follows from what else is wished. */
    public OptionalInt own(int placed) {
        int own = placed - Placement.beneath(this);
        return own >= 0 && own < layers.size() ? OptionalInt.of(own) : OptionalInt.empty();
    }

    public Wish keepingNatural() {
        return new Wish(main, design, grey, true, leaveOut, parts, layers, limits);
    }

    public Wish leavingOut(Set<ZonePlace> places) {
        return new Wish(main, design, grey, keepNatural, places, parts, layers, limits);
    }

    /** "6 natural"; with a design "melt: 4½ natural, 6 copper, 7 copper"; with layers "6 natural with babylights 9 pearl". */
    public Said said() {
        List<Said> over = layers.stream().filter(Layer::on).map(Layer::said).toList();
        return over.isEmpty()
                ? designed()
                : WishMessage.WITH_LAYERS
                        .say()
                        .part("wish", designed())
                        .all("layers", Figure.Joint.COMMA, over)
                        .said();
    }

    private Said designed() {
        Saying said = switch (design.kind()) {
            case EVEN -> WishMessage.EVEN.say();
            case MELT -> WishMessage.MELT.say();
            case SHADOW_ROOT, ROOT_TAP -> WishMessage.WITH_ROOT.say().thing("design", design.kind());
            case TIPS -> WishMessage.WITH_TIPS.say();
            case LOWLIGHTS, HIGHLIGHTS ->
                (design.restStays() ? WishMessage.PIECES_ALONE : WishMessage.PIECES_IN)
                        .say()
                        .thing("design", design.kind())
                        .part("pieces", design.pieces().orElseThrow().said());
        };
        if (design.kind().hasRoot()) {
            said.part("root", design.root().orElseThrow().said());
        }
        if (design.kind().hasEnds()) {
            said.part("ends", design.ends().orElseThrow().said());
        }
        if (!design.kind().woven() || !design.restStays()) {
            said.part("main", main.said());
        }
        return said.said();
    }
}
