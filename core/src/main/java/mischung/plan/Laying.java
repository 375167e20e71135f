package mischung.plan;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mischung.hair.BandRef;
import mischung.hair.Tone;
import mischung.process.LiftProduct;
import mischung.process.Lightening;
import mischung.process.Place;
import mischung.process.Wetness;
import mischung.product.Developer;
import mischung.product.Lightener;
import mischung.product.Mix;
import mischung.product.ProductRange;
import mischung.product.ShadeClass;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;
import mischung.wish.Aim;

/**
 * One product on some bands: one bowl, one treatment, one cut, or the time until the next visit. What the planner decides and
 * what a colourist edits; formulas and predictions follow from it. Of four kinds, each with what applies to it and nothing else.
 */
public sealed interface Laying {
    double LONGEST = 120;

    /** Where nothing is mixed nobody looks at it. */
    Aim NO_COLOUR = new Aim(6, Tone.NATURAL);

    Action action();

    List<BandRef> bands();

    /** It works, 0–120; each time of several. */
    double minutes();

    /** The same on other hair. */
    Laying on(List<BandRef> others);

    /** The same for other minutes. */
    Laying withMinutes(double other);

    /** Of its developer; 0 where there is none. */
    default double volume() {
        return 0;
    }

    /** How often it is laid fresh or repeated before anything else is done. */
    default int times() {
        return 1;
    }

    /**
     * Colour, mixed by a formula.
     *
     * @param aim it is mixed for
     * @param volume 0–40 vol; direct colour has none
     * @param ratio weight of developer to one of colour, 0–6
     * @param minutes 0–120
     * @param mix fixed by hand, or as it was mixed; empty: looked for
     */
    record Deposit(
            Action action,
            List<BandRef> bands,
            Aim aim,
            ShadeClass shadeClass,
            double volume,
            double ratio,
            double minutes,
            Wetness wetness,
            Optional<Mix> mix)
            implements Laying {
        public Deposit {
            bands = List.copyOf(bands);
            require(action.deposits(), action);
            mixed(volume, ratio, minutes);
            if (shadeClass == ShadeClass.DIRECT) {
                RefusedInput.within("ratio", ratio, 0, 0, Unit.TO_ONE_DIRECT);
                RefusedInput.within("volume", volume, 0, 0, Unit.VOL_DIRECT);
            }
        }

        @Override
        public Deposit on(List<BandRef> others) {
            return new Deposit(action, others, aim, shadeClass, volume, ratio, minutes, wetness, mix);
        }

        @Override
        public Deposit withMinutes(double other) {
            return new Deposit(action, bands, aim, shadeClass, volume, ratio, other, wetness, mix);
        }

        Deposit withRatio(double other) {
            return new Deposit(action, bands, aim, shadeClass, volume, other, minutes, wetness, mix);
        }

        Deposit withVolume(double other) {
            return new Deposit(action, bands, aim, shadeClass, other, ratio, minutes, wetness, mix);
        }

        public Deposit onHair(Wetness other) {
            return new Deposit(action, bands, aim, shadeClass, volume, ratio, minutes, other, mix);
        }

        public Deposit with(Mix fixed) {
            return new Deposit(action, bands, aim, shadeClass, volume, ratio, minutes, wetness, Optional.of(fixed));
        }

        /** As the maker of the range wants it mixed and left; the share of the full time stays. */
        Deposit mixedAs(ProductRange.Habit own) {
            double share = minutes / shadeClass.fullMinutes();
            return new Deposit(
                    action,
                    bands,
                    aim,
                    shadeClass,
                    volume,
                    own.ratio(),
                    Math.rint(share * own.minutes()),
                    wetness,
                    mix);
        }
    }

    /**
     * Lightener, or a cleanse mix.
     *
     * @param lightener that lifts; empty: plain powder
     * @param volume 0–40 vol
     * @param ratio weight of developer to one of powder, 0.5–6
     * @param minutes of each laying, 0–120
     * @param times it is laid fresh, 1–3
     */
    record Lift(
            Action action,
            List<BandRef> bands,
            LiftWay way,
            Optional<Lightener> lightener,
            double volume,
            double ratio,
            double minutes,
            int times)
            implements Laying {
        public Lift {
            bands = List.copyOf(bands);
            require(action.lifts(), action);
            mixed(volume, ratio, minutes);
            RefusedInput.within("ratio", ratio, 0.5, 6, Unit.TO_ONE);
            rounds(times);
        }

        @Override
        public Lift on(List<BandRef> others) {
            return new Lift(action, others, way, lightener, volume, ratio, minutes, times);
        }

        @Override
        public Lift withMinutes(double other) {
            return new Lift(action, bands, way, lightener, volume, ratio, other, times);
        }

        /** Laid fresh so often. */
        public Lift repeated(int layings) {
            return new Lift(action, bands, way, lightener, volume, ratio, minutes, layings);
        }

        /** With a lightener of its own, mixed as its maker says. */
        public Lift by(Lightener make) {
            return new Lift(action, bands, way, Optional.of(make), volume, make.ratio(), minutes, times);
        }

        /** One laying of it, on hair of such a place. */
        public Lightening lightening(Place place) {
            return lightening(place, volume, minutes);
        }

        /** The same with another developer, for other minutes. */
        public Lightening lightening(Place place, double otherVolume, double otherMinutes) {
            return new Lightening(
                    action == Action.CLEANSE ? LiftProduct.CLEANSE_MIX : LiftProduct.LIGHTENER,
                    otherVolume,
                    ratio,
                    otherMinutes,
                    way.setting(place),
                    0,
                    OptionalDouble.empty(),
                    action == Action.CLEANSE ? Lightener.PLAIN : lightener.orElse(Lightener.PLAIN));
        }
    }

    /**
     * What is done without colour and without lightener: equaliser, remover, clarifying, bond, trim, drying.
     *
     * @param minutes 0–120, of a remover 0–60
     * @param times rounds of it, 1–3
     */
    record Treat(Action action, List<BandRef> bands, double minutes, int times) implements Laying {
        public Treat {
            bands = List.copyOf(bands);
            require(!action.deposits() && !action.lifts() && action != Action.WAIT, action);
            RefusedInput.within("minutes", minutes, 0, action == Action.REMOVE ? LONGEST / 2 : LONGEST, Unit.MIN);
            rounds(times);
        }

        @Override
        public Treat on(List<BandRef> others) {
            return new Treat(action, others, minutes, times);
        }

        @Override
        public Treat withMinutes(double other) {
            return new Treat(action, bands, other, times);
        }

        public Treat repeated(int rounds) {
            return new Treat(action, bands, minutes, rounds);
        }
    }

    /** @param weeks until the next visit, 0–52 */
    record Wait(double weeks) implements Laying {
        public Wait {
            RefusedInput.within("weeks", weeks, 0, 52, Unit.WEEKS);
        }

        @Override
        public Action action() {
            return Action.WAIT;
        }

        @Override
        public List<BandRef> bands() {
            return List.of();
        }

        @Override
        public double minutes() {
            return 0;
        }

        @Override
        public Wait on(List<BandRef> others) {
            return this;
        }

        @Override
        public Wait withMinutes(double other) {
            return this;
        }
    }

    private static void require(boolean fits, Action action) {
        if (!fits) {
            throw new RefusedInput("action", action.name(), RefusalMessage.OTHER_WORK);
        }
    }

    private static void mixed(double volume, double ratio, double minutes) {
        Developer.requireForHair(volume);
        RefusedInput.within("minutes", minutes, 0, LONGEST, Unit.MIN);
        RefusedInput.within("ratio", ratio, 0, 6, Unit.TO_ONE);
    }

    private static void rounds(int times) {
        RefusedInput.within("times", times, 1, 3, Unit.ROUNDS);
    }

    /** As it is first thought of when somebody adds it by hand. */
    static Laying usual(Action action, List<BandRef> bands) {
        if (action.deposits()) {
            throw new IllegalArgumentException(action + " needs a colour it is mixed for");
        }
        return usual(action, bands, NO_COLOUR);
    }

    /** The same for any action; {@code wished} is what a deposit is mixed for. */
    static Laying usual(Action action, List<BandRef> bands, Aim wished) {
        return switch (action) {
            case LIGHTEN -> lift(action, bands, LiftWay.OFF_SCALP, 20, 30, 2, 1);
            case CLEANSE -> lift(action, bands, LiftWay.BAND, 40, 15, 1.5, 1);
            case REMOVE -> treat(action, bands, 25, 1);
            case WAIT -> new Wait(5);
            case TRIM, DRY, TREATMENT -> treat(action, bands, 10, 1);
            case CLARIFY -> treat(action, bands, 5, 2);
            case EQUALISE -> treat(action, bands, 5, 1);
            case PRE_TONE, ROOT_TAP -> colour(action, bands, wished, ShadeClass.DEMI, 6, 5);
            case GLOSS -> colour(action, bands, wished, ShadeClass.GLOSS, 6, ShadeClass.GLOSS.fullMinutes());
            case FILL ->
                colour(
                        action,
                        bands,
                        wished.at(wished.level() + 2),
                        ShadeClass.DEMI,
                        10,
                        ShadeClass.DEMI.fullMinutes());
            case NEUTRALISE, TARGET, MELT, TONER ->
                colour(action, bands, wished, ShadeClass.DEMI, 10, ShadeClass.DEMI.fullMinutes());
        };
    }

    static Treat treat(Action action, List<BandRef> bands, double minutes, int times) {
        return new Treat(action, bands, minutes, times);
    }

    static Lift lift(
            Action action, List<BandRef> bands, LiftWay way, double volume, double minutes, double ratio, int times) {
        return new Lift(action, bands, way, Optional.empty(), volume, ratio, minutes, times);
    }

    static Deposit colour(Action action, List<BandRef> bands, Aim aim, ShadeClass of, double volume, double minutes) {
        return new Deposit(
                action, bands, aim, of, volume, of.developerPerColour(), minutes, Wetness.DRY, Optional.empty());
    }
}
