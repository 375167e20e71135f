package mischung.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mischung.Words;
import mischung.change.Application;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Canvas;
import mischung.hair.DyeKind;
import mischung.hair.LevelScale;
import mischung.hair.Look;
import mischung.hair.Porosity;
import mischung.hair.Reading;
import mischung.hair.ToneName;
import mischung.light.Ciede2000;
import mischung.light.Illuminant;
import mischung.light.Lab;
import mischung.product.Shade;
import mischung.product.ShadeClass;
import mischung.wish.Aim;

/** Decides band by band: leave, colour, fill and colour, cover grey, or say that colour cannot do it. */
final class FillerNeed {
    /** R10: three or more levels. */
    private static final double ALWAYS_FROM = 3;

    /** Below three levels the model is asked from here on. */
    private static final double ASKED_FROM = 2;

    /** A miss of the target alone that calls for a filler although the rule of three levels does not. */
    private static final double LEVELS_MISSED = 0.5;

    private static final double DIFFERENCE_MISSED = 8;

    /** A colour this near the wish is left alone. */
    private static final double THERE_ALREADY = 4;

    /** What two colourists may differ by in reading the same hair. */
    private static final double HALF_A_LEVEL = 0.5;

    /** R55. */
    private static final double MOSTLY_GREY = 0.5;

    /** From here on white hairs change how deep the whole looks. */
    static final double SPEAKS_OF_GREY = 0.3;

    private static final double BLENDS = 5;

    /** Of direct dye; less shows no more. */
    private static final double DIRECT_SEEN = 0.01;

    /** Levels of canvas that may be missing for direct colour to be more than a sheen. */
    private static final double TINTS_AT_MOST = 2;

    /** Chroma and hue may miss by this much, in CIEDE2000, before tone alone is worth a bowl. */
    private static final double TONE_OFF = 5;

    private final Aim wish;
    private final Lab wished;

    /** The wish as one demi shade: what most people would reach for. */
    private final Shade plain;

    FillerNeed(Aim wish) {
        this.wish = wish;
        this.wished = wish.colour();
        this.plain = Shade.derived(wish.direct() ? ShadeClass.DIRECT : ShadeClass.DEMI, wish.level(), wish.tones());
    }

    /**
     * The hair in question.
     *
     * @param level as read, or as the model has it by now
     */
    record Hair(BandKind kind, double level, double greyShare, Porosity porosity, Canvas canvas) {
        static Hair of(Band band) {
            return new Hair(band.kind(), band.level(), band.greyShare(), band.porosity(), Reading.canvasOf(band));
        }
    }

    BandAnswer of(BandRef at, Band band) {
        return of(at, Hair.of(band));
    }

    BandAnswer of(BandRef at, Hair band) {
        List<Reason> reasons = new ArrayList<>();
        double drop = band.level() - wish.level();
        Decision decision = wish.direct()
                ? direct(band, reasons)
                : switch (band.kind()) {
                    case NATURAL -> natural(band, drop, reasons);
                    case COLOURED -> coloured(band, drop, reasons);
                    case LIGHTENED, DIRECT -> lightened(band, drop, reasons);
                };
        leftover(band.canvas()).ifPresent(reasons::add);
        return new BandAnswer(at, decision, drop, reasons);
    }

    /** Direct dye of before: no remover takes it, so everything that goes over it is mixed for what it adds. */
    private static Optional<Reason> leftover(Canvas canvas) {
        if (canvas.coloured().dyes(DyeKind.DIRECT).total() < DIRECT_SEEN) {
            return Optional.empty();
        }
        Lab without = Illuminant.D65
                .reflected(canvas.coloured().without(DyeKind.DIRECT).reflectance())
                .toLab();
        return Optional.of(
                new Reason(
                        Rule.R58,
                        "Direct dye is still in it: it shows " + canvas.look().words()
                                + ", and without the dye would show "
                                + LevelScale.words(LevelScale.inHalves(LevelScale.levelOf(without.l()))) + " "
                                + ToneName.of(without)
                                + ". No remover takes it; it adds to whatever goes over it, and the bowls are mixed for that."));
    }

    /** R59c: nothing is filled for direct colour; it shows what it lies on. */
    private Decision direct(Hair band, List<Reason> reasons) {
        double difference = Ciede2000.between(wished, band.canvas().lab());
        if (difference <= THERE_ALREADY) {
            reasons.add(new Reason(Rule.COMPUTED, "It is " + Words.match(difference) + " already: leave it."));
            return Decision.LEAVE;
        }
        double needed = wish.leastCanvas();
        double missing = needed - band.canvas().level();
        String wants = wish.words() + " is direct colour and wants hair lifted to " + LevelScale.words(needed) + ". ";
        if (missing > TINTS_AT_MOST) {
            reasons.add(new Reason(
                    Rule.R59C,
                    wants + "This is "
                            + LevelScale.words(LevelScale.inHalves(band.canvas().level()))
                            + ": it would leave a sheen at most. It stays."));
            return Decision.TOO_DARK;
        }
        Look shown = band.canvas().look();
        reasons.add(new Reason(
                Rule.R59C,
                missing > HALF_A_LEVEL + 0.1
                        ? wants + "This is " + shown.words() + ": it comes out deeper and duller."
                        : wants + "This is " + shown.words() + ", and what warmth it has left mixes in."));
        if (!band.kind().lifted()) {
            reasons.add(new Reason(Rule.R59C, "Hair that was never lifted takes little of it, and for a short while."));
        }
        return Decision.COLOUR;
    }

    private Decision natural(Hair band, double drop, List<Reason> reasons) {
        reasons.add(new Reason(
                Rule.R17,
                "This stretch is natural " + LevelScale.words(band.level())
                        + " and keeps its own warm pigment, so it gets no filler."));
        Look whole = band.canvas().look();
        if (band.greyShare() >= SPEAKS_OF_GREY && wish.level() > band.level() + 1) {
            return lightBesideGrey(whole, reasons);
        }
        if (band.greyShare() >= SPEAKS_OF_GREY) {
            reasons.add(new Reason(
                    Rule.R55,
                    Words.percent(band.greyShare()) + " of it is grey: a coverage shade with 20 vol, full time"
                            + (band.greyShare() < MOSTLY_GREY ? "; on so little grey it goes warm." : ".")));
            return Decision.COVER_GREY;
        }
        if (drop < -HALF_A_LEVEL) {
            reasons.add(tooDark(drop, "Colour alone cannot lighten it; it stays, and a line will show at its end."));
            return Decision.TOO_DARK;
        }
        Look look = band.canvas().look();
        double difference = Ciede2000.between(wished, look.lab());
        if (drop < 0 && !toneOff(look.lab())) {
            return halfDarker(reasons);
        }
        if (difference <= THERE_ALREADY) {
            reasons.add(new Reason(
                    Rule.COMPUTED,
                    "It already shows " + look.words() + ", CIEDE2000 " + LevelScale.figure(difference)
                            + " from the wish: leave it."));
            return Decision.LEAVE;
        }
        reasons.add(new Reason(
                Rule.R18,
                drop > 0
                        ? "The wish is " + LevelScale.count(drop)
                                + " darker than what grows: permanent colour holds here."
                        : "Only the tone changes: permanent colour, as little lift as shows it."));
        return Decision.COLOUR;
    }

    /** Half-white hair reads light as a whole: towards a light wish it is toned, or blends by itself, and is not covered. */
    private Decision lightBesideGrey(Look whole, List<Reason> reasons) {
        double off = wish.level() - whole.level();
        if (off > 1) {
            reasons.add(tooDark(-off, "White hairs lighten it, but not so far; only lifting the others could."));
            return Decision.TOO_DARK;
        }
        double difference = Ciede2000.between(wished, whole.lab());
        String reads = "With its white hairs it reads " + whole.words() + " as a whole, CIEDE2000 "
                + LevelScale.figure(difference) + " from the wish: ";
        if (difference <= BLENDS) {
            reasons.add(new Reason(Rule.R44, reads + "it blends by itself, nothing is lifted."));
            return Decision.LEAVE;
        }
        reasons.add(new Reason(Rule.R44, reads + "a toner brings it there, nothing is lifted."));
        return Decision.COLOUR;
    }

    /** Colour over hair that was never lightened keeps warm pigment beneath it, so it needs no filler. */
    private Decision coloured(Hair band, double drop, List<Reason> reasons) {
        Canvas canvas = band.canvas();
        Optional<Decision> left =
                left(canvas, drop, "Colour does not lift colour; a remover or a lightener would have to.", reasons);
        if (left.isPresent()) {
            return left.get();
        }
        reasons.add(
                new Reason(
                        Rule.R17,
                        "It was coloured but never lightened, so warm pigment lies under it still: the target alone is enough."));
        reasons.add(alone(canvas));
        return Decision.COLOUR;
    }

    /** What is too dark, or there already, is left; so says this, and why. */
    private Optional<Decision> left(Canvas canvas, double drop, String otherwise, List<Reason> reasons) {
        if (drop < -HALF_A_LEVEL) {
            reasons.add(tooDark(drop, otherwise));
            return Optional.of(Decision.TOO_DARK);
        }
        if (drop < 0 && !toneOff(canvas.lab())) {
            return Optional.of(halfDarker(reasons));
        }
        double difference = Ciede2000.between(wished, canvas.lab());
        if (drop < 1 && difference <= THERE_ALREADY) {
            reasons.add(new Reason(Rule.COMPUTED, "It is " + Words.match(difference) + " already: leave it."));
            return Optional.of(Decision.LEAVE);
        }
        return Optional.empty();
    }

    private Decision lightened(Hair band, double drop, List<Reason> reasons) {
        Canvas canvas = band.canvas();
        Optional<Decision> left =
                left(canvas, drop, "Deposit colour cannot lighten; this band would need lifting first.", reasons);
        if (left.isPresent()) {
            return left.get();
        }
        if (drop >= ALWAYS_FROM) {
            reasons.add(new Reason(
                    Rule.R10,
                    "From " + LevelScale.words(band.level()) + " to " + LevelScale.words(wish.level()) + " is "
                            + LevelScale.count(drop)
                            + " on lightened hair: nothing warm is left for the target to rest on. Fill first."));
            reasons.add(alone(canvas));
            return Decision.FILL;
        }
        if (drop >= ASKED_FROM && missesAlone(canvas)) {
            reasons.add(new Reason(
                    Rule.R10,
                    LevelScale.count(drop)
                            + " is less than three, but this band lost more warmth than its level shows."));
            reasons.add(alone(canvas));
            return Decision.FILL;
        }
        reasons.add(new Reason(
                Rule.R10,
                "From " + LevelScale.words(band.level()) + " to " + LevelScale.words(wish.level()) + " is "
                        + LevelScale.count(drop) + ", less than three: the target alone is enough."));
        reasons.add(alone(canvas));
        if (band.porosity().raised()) {
            reasons.add(new Reason(
                    Rule.R23, "Its porosity is " + band.porosity().words() + ": an equaliser goes on before colour."));
        }
        return Decision.COLOUR;
    }

    private boolean toneOff(Lab seen) {
        Ciede2000.Parts parts = Ciede2000.parts(wished, seen);
        return Math.hypot(parts.chroma(), parts.hue()) > TONE_OFF;
    }

    private Decision halfDarker(List<Reason> reasons) {
        reasons.add(new Reason(
                Rule.R44,
                "It is half a level darker than the wished " + wish.words()
                        + ", no more than two eyes differ: leave it, nothing needs lifting."));
        return Decision.LEAVE;
    }

    private Reason tooDark(double drop, String what) {
        return new Reason(
                Rule.R44, "It is " + LevelScale.count(-drop) + " darker than the wished " + wish.words() + ". " + what);
    }

    private Reason alone(Canvas canvas) {
        Look look = targetAlone(canvas);
        return new Reason(
                Rule.COMPUTED,
                String.format(
                        Locale.ROOT,
                        "A demi %s %s applied straight to it would show level %.1f, %s: chroma %.0f where the wish has %.0f.",
                        wish.tones().words(),
                        LevelScale.words(wish.level()),
                        look.level(),
                        look.tone(),
                        look.lab().chroma(),
                        wished.chroma()));
    }

    private boolean missesAlone(Canvas canvas) {
        Look look = targetAlone(canvas);
        return look.level() - wish.level() > LEVELS_MISSED || Ciede2000.between(wished, look.lab()) > DIFFERENCE_MISSED;
    }

    private Look targetAlone(Canvas canvas) {
        return Application.usual(plain.dyes(), ShadeClass.DEMI, 10).on(canvas).look();
    }
}
