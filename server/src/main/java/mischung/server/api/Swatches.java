package mischung.server.api;

import mischung.hair.BandKind;
import mischung.hair.Canvas;
import mischung.hair.Porosity;
import mischung.hair.Reading;
import mischung.hair.Tone;

/** Looks of hair that is only spoken of. */
final class Swatches {
    private Swatches() {}

    static LookView of(BandKind kind, double level, Tone tone) {
        return LookView.of(Canvas.of(Reading.of(kind, level, tone).pigments(), Porosity.NORMAL)
                .look());
    }
}
