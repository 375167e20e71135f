package mischung.product;

import java.util.ArrayList;
import java.util.List;

/**
 * What is weighed into one bowl.
 *
 * @param needGrams colour and developer the bands take, without reserve
 * @param shadeGrams grams of each shade, in the mix's order; whole grams, in the exact proportion of the parts
 * @param developerGrams whole grams
 */
public record BowlGrams(double needGrams, List<Integer> shadeGrams, int developerGrams) {
    public BowlGrams {
        shadeGrams = List.copyOf(shadeGrams);
    }

    /** Rounded up so that every part is a whole number of grams, with the reserve of a fifth (R62) and what stays on bowl and brush. */
    public static BowlGrams of(Mix mix, double developerPerColour, double needGrams) {
        double colour = Math.max(
                HairAmount.leastColourGrams(),
                (needGrams * (1 + HairAmount.reserve()) + HairAmount.waste()) / (1 + developerPerColour));
        int gramsPerPart = (int) Math.ceil(colour / mix.totalParts() - 1e-9);
        List<Integer> shades = new ArrayList<>();
        for (Mix.Part part : mix.parts()) {
            shades.add(part.parts() * gramsPerPart);
        }
        double developer = mix.totalParts() * gramsPerPart * developerPerColour;
        return new BowlGrams(needGrams, shades, (int) Math.ceil(developer - 1e-9));
    }

    public int colourGrams() {
        return shadeGrams.stream().mapToInt(Integer::intValue).sum();
    }

    public int totalGrams() {
        return colourGrams() + developerGrams;
    }
}
