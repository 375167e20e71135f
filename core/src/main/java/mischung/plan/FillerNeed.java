package mischung.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
import mischung.process.Application;
import mischung.product.Shade;
import mischung.product.ShadeClass;
import mischung.wish.Aim;
import mischung.wish.Match;

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
        return Optional.of(new Reason(
                Rule.R58,
                ReasonMessage.DIRECT_STILL_IN
                        .say()
                        .part("now", canvas.look().said())
                        .level("level", LevelScale.levelOf(without.l()))
                        .with("tone", ToneName.figure(ToneName.of(without)))
                        .said()));
    }

    /** R59c: nothing is filled for direct colour; it shows what it lies on. */
    private Decision direct(Hair band, List<Reason> reasons) {
        double difference = Ciede2000.between(wished, band.canvas().lab());
        if (difference <= THERE_ALREADY) {
            reasons.add(thereAlready(difference));
            return Decision.LEAVE;
        }
        double needed = wish.leastCanvas();
        double missing = needed - band.canvas().level();
        if (missing > TINTS_AT_MOST) {
            reasons.add(new Reason(
                    Rule.R59C,
                    ReasonMessage.DIRECT_SHEEN
                            .say()
                            .part("wish", wish.said())
                            .level("needed", needed)
                            .level("level", band.canvas().level())
                            .said()));
            return Decision.TOO_DARK;
        }
        reasons.add(new Reason(
                Rule.R59C,
                (missing > HALF_A_LEVEL + 0.1 ? ReasonMessage.DIRECT_DULLER : ReasonMessage.DIRECT_MIXES)
                        .say()
                        .part("wish", wish.said())
                        .level("needed", needed)
                        .part("now", band.canvas().look().said())
                        .said()));
        if (!band.kind().lifted()) {
            reasons.add(new Reason(Rule.R59C, ReasonMessage.NEVER_LIFTED_TAKES_LITTLE));
        }
        return Decision.COLOUR;
    }

    private Decision natural(Hair band, double drop, List<Reason> reasons) {
        reasons.add(new Reason(
                Rule.R17,
                ReasonMessage.KEEPS_ITS_PIGMENT
                        .say()
                        .level("level", band.level())
                        .said()));
        Look whole = band.canvas().look();
        if (band.greyShare() >= SPEAKS_OF_GREY && wish.level() > band.level() + 1) {
            return lightBesideGrey(whole, reasons);
        }
        if (band.greyShare() >= SPEAKS_OF_GREY) {
            reasons.add(new Reason(
                    Rule.R55,
                    (band.greyShare() < MOSTLY_GREY ? ReasonMessage.GREY_COVERED_WARM : ReasonMessage.GREY_COVERED)
                            .say()
                            .share("grey", band.greyShare())
                            .said()));
            return Decision.COVER_GREY;
        }
        if (drop < -HALF_A_LEVEL) {
            reasons.add(tooDark(drop, ReasonMessage.COLOUR_CANNOT_LIGHTEN));
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
                    ReasonMessage.SHOWS_ALREADY
                            .say()
                            .part("look", look.said())
                            .tenth("difference", difference)
                            .said()));
            return Decision.LEAVE;
        }
        reasons.add(new Reason(
                Rule.R18,
                drop > 0
                        ? ReasonMessage.DARKER_HOLDS.say().tenth("levels", drop).said()
                        : ReasonMessage.TONE_ONLY.alone()));
        return Decision.COLOUR;
    }

    /** Half-white hair reads light as a whole: towards a light wish it is toned, or blends by itself, and is not covered. */
    private Decision lightBesideGrey(Look whole, List<Reason> reasons) {
        double off = wish.level() - whole.level();
        if (off > 1) {
            reasons.add(tooDark(-off, ReasonMessage.WHITE_LIGHTENS_NOT_SO_FAR));
            return Decision.TOO_DARK;
        }
        double difference = Ciede2000.between(wished, whole.lab());
        boolean blends = difference <= BLENDS;
        reasons.add(new Reason(
                Rule.R44,
                (blends ? ReasonMessage.GREY_BLENDS : ReasonMessage.GREY_TONED)
                        .say()
                        .part("look", whole.said())
                        .tenth("difference", difference)
                        .said()));
        return blends ? Decision.LEAVE : Decision.COLOUR;
    }

    /** Colour over hair that was never lightened keeps warm pigment beneath it, so it needs no filler. */
    private Decision coloured(Hair band, double drop, List<Reason> reasons) {
        Canvas canvas = band.canvas();
        Optional<Decision> left = left(canvas, drop, ReasonMessage.COLOUR_LIFTS_NO_COLOUR, reasons);
        if (left.isPresent()) {
            return left.get();
        }
        reasons.add(new Reason(Rule.R17, ReasonMessage.NEVER_LIGHTENED));
        reasons.add(alone(canvas));
        return Decision.COLOUR;
    }

    /** What is too dark, or there already, is left; so says this, and why. */
    private Optional<Decision> left(Canvas canvas, double drop, ReasonMessage otherwise, List<Reason> reasons) {
        if (drop < -HALF_A_LEVEL) {
            reasons.add(tooDark(drop, otherwise));
            return Optional.of(Decision.TOO_DARK);
        }
        if (drop < 0 && !toneOff(canvas.lab())) {
            return Optional.of(halfDarker(reasons));
        }
        double difference = Ciede2000.between(wished, canvas.lab());
        if (drop < 1 && difference <= THERE_ALREADY) {
            reasons.add(thereAlready(difference));
            return Optional.of(Decision.LEAVE);
        }
        return Optional.empty();
    }

    private Decision lightened(Hair band, double drop, List<Reason> reasons) {
        Canvas canvas = band.canvas();
        Optional<Decision> left = left(canvas, drop, ReasonMessage.WOULD_NEED_LIFTING, reasons);
        if (left.isPresent()) {
            return left.get();
        }
        if (drop >= ALWAYS_FROM) {
            reasons.add(drop(ReasonMessage.FILL_FIRST, band, drop));
            reasons.add(alone(canvas));
            return Decision.FILL;
        }
        if (drop >= ASKED_FROM && missesAlone(canvas)) {
            reasons.add(new Reason(
                    Rule.R10,
                    ReasonMessage.LOST_WARMTH.say().tenth("levels", drop).said()));
            reasons.add(alone(canvas));
            return Decision.FILL;
        }
        reasons.add(drop(ReasonMessage.TARGET_ENOUGH, band, drop));
        reasons.add(alone(canvas));
        if (band.porosity().raised()) {
            reasons.add(new Reason(
                    Rule.R23,
                    ReasonMessage.EQUALISER_FIRST
                            .say()
                            .thing("porosity", band.porosity())
                            .said()));
        }
        return Decision.COLOUR;
    }

    private Reason drop(ReasonMessage message, Hair band, double drop) {
        return new Reason(
                Rule.R10,
                message.say()
                        .level("from", band.level())
                        .level("to", wish.level())
                        .tenth("levels", drop)
                        .said());
    }

    private static Reason thereAlready(double difference) {
        return new Reason(
                Rule.COMPUTED,
                ReasonMessage.THERE_ALREADY
                        .say()
                        .part("match", Match.said(difference))
                        .said());
    }

    private boolean toneOff(Lab seen) {
        Ciede2000.Parts parts = Ciede2000.parts(wished, seen);
        return Math.hypot(parts.chroma(), parts.hue()) > TONE_OFF;
    }

    private Decision halfDarker(List<Reason> reasons) {
        reasons.add(new Reason(
                Rule.R44,
                ReasonMessage.HALF_A_LEVEL_DARKER
                        .say()
                        .part("wish", wish.said())
                        .said()));
        return Decision.LEAVE;
    }

    private Reason tooDark(double drop, ReasonMessage why) {
        return new Reason(
                Rule.R44,
                why.say().tenth("levels", -drop).part("wish", wish.said()).said());
    }

    private Reason alone(Canvas canvas) {
        Look look = targetAlone(canvas);
        return new Reason(
                Rule.COMPUTED,
                ReasonMessage.TARGET_ALONE
                        .say()
                        .with("tone", wish.tones().figure())
                        .level("level", wish.level())
                        .count("reached", look.level())
                        .with("shown", ToneName.figure(look.tone()))
                        .count("chroma", look.lab().chroma())
                        .count("wished", wished.chroma())
                        .said());
    }

    private boolean missesAlone(Canvas canvas) {
        Look look = targetAlone(canvas);
        return look.level() - wish.level() > LEVELS_MISSED || Ciede2000.between(wished, look.lab()) > DIFFERENCE_MISSED;
    }

    private Look targetAlone(Canvas canvas) {
        return Application.usual(plain.dyes(), ShadeClass.DEMI, 10).on(canvas).look();
    }
}
