package mischung.plan;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import mischung.formula.Formula;
import mischung.formula.FormulaTask;
import mischung.formula.Oddness;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Dyes;
import mischung.hair.LevelScale;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.process.Application;
import mischung.process.Place;
import mischung.process.Setting;
import mischung.product.ProductRange;
import mischung.product.Shade;
import mischung.product.ShadeClass;
import mischung.school.School;
import mischung.wish.Aim;

/** What is asked of a formula: the hair it goes on, how it is laid, and the rules its shades must keep. */
final class Recipes {
    /** A filler is judged by its depth first: the schools differ in levels. A toner is not: one that leaves gold has failed. */
    private static final double DEPTH_FIRST = 2;

    private static final double FILLER_WINDOW = 1.5;

    /** The filler brings the warmth (R15 calls warmth in the target the least predictable way); the target is the wish. */
    private static final double MOSTLY_THE_WISH = 0.75;

    /** R14: the layer between filler and target is green-based. */
    private static final double MOSTLY_MATTE = 0.25;

    /** R19: on porous hair half a level to a level lighter is what is meant. */
    private static final double LIFTS_FROM = 20;

    private static final double LITTLE = 0.25;
    private static final double POROUS_LIGHTER = 0.5;

    private static final double LIGHTEST_SHADE = 10;

    private static final double LEAST_WEIGHT = 0.1;

    private final PlanningContext desk;
    private final School school;

    Recipes(PlanningContext desk, School school) {
        this.desk = desk;
        this.school = school;
    }

    /** In the model's terms: what a maker's own ratio and time give is what its shades were made to show. */
    Application application(Laying.Deposit laying) {
        ShadeClass of = laying.shadeClass();
        ProductRange.Habit own = desk.range().habit(of);
        double ratio = (1 + laying.ratio()) * (1 + of.developerPerColour()) / (1 + own.ratio()) - 1;
        return Application.usual(Dyes.NONE, of, laying.volume())
                .withRatio(Math.max(0, Math.min(10, ratio)))
                .withMinutes(Math.min(Laying.LONGEST, laying.minutes() * of.fullMinutes() / own.minutes()))
                .onHair(laying.wetness());
    }

    /** On hair of such a place: at the scalp colour that lifts works in its warmth. */
    static Application at(Application application, Place place) {
        return application.laid(Setting.OPEN.at(place));
    }

    FormulaTask task(Laying.Deposit laying, BowlPlace place, Function<BandRef, HairState> hair) {
        Aim aim = laying.aim();
        double level = aim.level();
        Application application = application(laying);
        List<FormulaTask.Spot> spots = laying.bands().stream()
                .map(at -> new FormulaTask.Spot(
                        at(application, desk.head().at(at).place())
                                .ownLift(
                                        hair.apply(at).canvas(),
                                        desk.calibration().factors()),
                        aim.colour(),
                        Math.max(LEAST_WEIGHT, desk.head().mixGrams(List.of(at)))))
                .toList();
        if (laying.shadeClass() == ShadeClass.DIRECT) {
            // Depth comes from clear, and one dye over another makes what no tube holds.
            return new FormulaTask(
                    spots,
                    application,
                    desk.range().of(ShadeClass.DIRECT),
                    LevelScale.DARKEST,
                    LevelScale.LIGHTEST,
                    List.of(),
                    1,
                    new Oddness(Oddness.Purpose.DIRECT, level, aim.tones()),
                    desk.calibration().factors());
        }
        boolean filler = laying.action() == Action.FILL;
        // R9: colour that has to lift is made a level lighter, since its own depth takes back part of what it lifts.
        boolean lifts = laying.shadeClass() == ShadeClass.PERMANENT
                && laying.volume() >= LIFTS_FROM
                && laying.bands().stream()
                        .allMatch(at -> aim.level() > hair.apply(at).level() + LITTLE);
        boolean sheer = laying.action() == Action.TONER || laying.action() == Action.PRE_TONE;
        // Lighter shades than level 10 are not made; the lightest toners are thinned with clear instead.
        double made = Math.min(level, LIGHTEST_SHADE);
        double darkest = filler
                ? level - FILLER_WINDOW
                : sheer ? made - 0.5 : place == BowlPlace.POROUS ? Math.min(level + 0.5, LIGHTEST_SHADE) : made - 1;
        double lightest = filler || sheer ? level + FILLER_WINDOW : level + (lifts ? 2 : 1);
        return new FormulaTask(
                spots,
                application,
                onHair(desk.range().forBowl(laying.shadeClass()), laying, place),
                darkest,
                lightest,
                laying.bands().stream().anyMatch(at -> desk.head().band(at).kind() == BandKind.DIRECT)
                        ? List.of()
                        : shares(laying, aim),
                filler ? DEPTH_FIRST : 1,
                oddness(
                        laying.action(),
                        aim,
                        lifts
                                ? made + 1
                                : place == BowlPlace.POROUS && !filler && !sheer ? made + POROUS_LIGHTER : made),
                desk.calibration().factors());
    }

    /** R19: porous hair takes ash too dark and too cold; a brown on it is made without, unless it is wished. */
    private static List<Shade> onHair(List<Shade> all, Laying.Deposit laying, BowlPlace place) {
        Aim aim = laying.aim();
        boolean brown = laying.action() == Action.TARGET || laying.action() == Action.MELT;
        if (place != BowlPlace.POROUS || !brown || aim.tones().any(Tone::ashen)) {
            return all;
        }
        return all.stream()
                .filter(shade ->
                        shade.tones().filter(tones -> tones.any(Tone::ashen)).isEmpty())
                .toList();
    }

    private static Oddness oddness(Action action, Aim aim, double made) {
        return switch (action) {
            case FILL -> new Oddness(Oddness.Purpose.FILLER, made, ToneMix.of(Tone.AS_LIFTED));
            case NEUTRALISE -> new Oddness(Oddness.Purpose.COUNTER, made, aim.tones());
            case TONER, GLOSS, PRE_TONE -> new Oddness(Oddness.Purpose.TONER, made, aim.tones());
            default -> new Oddness(Oddness.Purpose.TARGET, made, aim.tones());
        };
    }

    /** What would be mixed if no shade of the class were out; empty where none is. */
    Optional<Formula> withAll(FormulaTask task, ShadeClass of) {
        List<Shade> out = desk.range().setAside().stream()
                .filter(shade -> shade.shadeClass() == of)
                .toList();
        return out.isEmpty() ? Optional.empty() : Optional.of(desk.best(task.with(out)));
    }

    private List<FormulaTask.ToneShare> shares(Laying.Deposit laying, Aim aim) {
        return switch (laying.action()) {
            case FILL ->
                FillerShares.of(
                        school,
                        desk.head()
                                .at(laying.bands().get(0))
                                .aim()
                                .map(Aim::tones)
                                .orElse(ToneMix.of(Tone.NATURAL)));
            case TARGET, MELT, ROOT_TAP ->
                school == School.IN_TARGET
                        ? List.of(FillerShares.WARMTH_IN_TARGET, noneOf(notForCorrecting(aim.tones())))
                        : List.of(
                                new FormulaTask.ToneShare(naturalOr(aim.tones()), MOSTLY_THE_WISH, 1),
                                noneOf(notForCorrecting(aim.tones())));
            case NEUTRALISE ->
                school == School.AT_TARGET
                        ? List.of(new FormulaTask.ToneShare(EnumSet.of(Tone.MATTE), MOSTLY_MATTE, 1))
                        : List.of(noneOf(notForCorrecting(aim.tones())));
            case TONER, GLOSS, PRE_TONE -> List.of();
            case TRIM, CLARIFY, EQUALISE, REMOVE, CLEANSE, LIGHTEN, TREATMENT, DRY, WAIT ->
                throw new IllegalArgumentException("Nothing is mixed for " + laying.action());
        };
    }

    private static FormulaTask.ToneShare noneOf(Set<Tone> tones) {
        return new FormulaTask.ToneShare(tones, 0, 0);
    }

    /** What is never added to a wish of another tone to correct it: too strong in its own hue. */
    private static Set<Tone> notForCorrecting(ToneMix wished) {
        Set<Tone> strong = EnumSet.allOf(Tone.class);
        strong.removeIf(tone -> !tone.fashion() && tone != Tone.MAHOGANY && tone != Tone.VIOLET);
        strong.removeIf(tone -> wished.any(asked -> asked == tone));
        return strong;
    }

    private static Set<Tone> naturalOr(ToneMix wished) {
        Set<Tone> tones = EnumSet.of(Tone.NATURAL, wished.main());
        wished.second().ifPresent(other -> tones.add(other.tone()));
        return tones;
    }
}
