package mischung.product;

import java.util.List;
import mischung.hair.LevelScale;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * Hydrogen peroxide developer, named by the volumes of oxygen it can give off.
 *
 * @param volume 0 (water or treatment) to 40; hair-product peroxide above 12 % (40 vol) is not for use on hair
 *     (Regulation (EC) 1223/2009, Annex III)
 */
public record Developer(double volume) {
    public static final double STRONGEST = 40;

    public Developer {
        requireForHair(volume);
    }

    /** @throws RefusedInput unless it is 0 to 40 vol, naming the rule for what is stronger */
    public static double requireForHair(double volume) {
        if (volume > STRONGEST) {
            throw new RefusedInput("volume", volume, RefusalMessage.TOO_STRONG);
        }
        return RefusedInput.within("volume", volume, 0, STRONGEST, Unit.VOL);
    }

    /** Peroxide by the trade's rounding: 10 vol is 3 %. */
    public double tradePercent() {
        return volume * 0.3;
    }

    /**
     * Grams of peroxide in 100 ml, from chemistry: 2 H₂O₂ → 2 H₂O + O₂, so one litre that gives {@code volume} litres of
     * oxygen (22.414 l a mole at 0 °C, 1 atm) holds 2 × volume / 22.414 moles of 34.0147 g.
     */
    public double gramsPer100Ml() {
        return 2 * volume / 22.414 * 34.0147 / 10;
    }

    /** "10 vol (3 %)". */
    public String words() {
        return LevelScale.figure(volume) + " vol (" + LevelScale.figure(tradePercent()) + " %)";
    }

    /** A weighed share of a blend. */
    public record Portion(Developer developer, double grams) {
        public Portion {
            RefusedInput.within("grams", grams, 0, 100_000, Unit.G);
        }
    }

    /**
     * What a blend by weight acts like (R61): the weighted mean of the volumes.
     *
     * @throws RefusedInput if nothing is weighed
     */
    public static Developer blended(List<Portion> portions) {
        double grams = portions.stream().mapToDouble(Portion::grams).sum();
        if (!(grams > 0)) {
            throw new RefusedInput("grams", grams, RefusalMessage.DEVELOPER_IN_IT);
        }
        double volume =
                portions.stream().mapToDouble(p -> p.developer.volume * p.grams).sum() / grams;
        return new Developer(Math.min(STRONGEST, volume));
    }

    /**
     * How to weigh {@code grams} of {@code wanted} from two others, by the mixing rule of alligation: each gets the
     * distance of the other from what is wanted.
     *
     * @throws RefusedInput if the wanted volume does not lie between the two
     */
    public static List<Portion> blend(Developer wanted, double grams, Developer weaker, Developer stronger) {
        double span = stronger.volume - weaker.volume;
        if (!(span > 0) || wanted.volume < weaker.volume || wanted.volume > stronger.volume) {
            throw new RefusedInput(
                    "volume",
                    wanted.volume(),
                    RefusalMessage.BLEND_BETWEEN
                            .say()
                            .count("weaker", weaker.volume())
                            .count("stronger", stronger.volume())
                            .said());
        }
        double strongerGrams = grams * (wanted.volume - weaker.volume) / span;
        return List.of(new Portion(weaker, grams - strongerGrams), new Portion(stronger, strongerGrams));
    }
}
