package mischung.plan;

import java.util.List;
import mischung.hair.BandRef;
import mischung.light.Lab;
import mischung.product.BowlGrams;
import mischung.product.Developer;

/**
 * One bowl of colour.
 *
 * @param name A, B, C … in the order they are needed
 * @param place what it is for
 * @param aimWords the colour it aims at, such as "8 copper-gold"
 * @param minutes working time
 * @param bands the hair it goes on
 */
public record Bowl(
        String name,
        BowlPlace place,
        Formula formula,
        Developer developer,
        double developerPerColour,
        double minutes,
        double aimLevel,
        String aimWords,
        Lab aim,
        List<BandRef> bands,
        BowlGrams grams,
        List<Reason> reasons) {
    public Bowl {
        bands = List.copyOf(bands);
        reasons = List.copyOf(reasons);
    }
}
