package mischung.plan;

import java.util.List;
import mischung.hair.BandRef;

/** An equaliser laid on before colour: grams with reserve, minutes, and the hair it goes on. */
public record Treatment(List<BandRef> bands, int grams, double minutes, List<Reason> reasons) {
    public Treatment {
        bands = List.copyOf(bands);
        reasons = List.copyOf(reasons);
    }
}
