package mischung.server.api;

import mischung.hair.BandKind;
import mischung.hair.Canvas;
import mischung.hair.Look;
import mischung.hair.Past;
import mischung.hair.Porosity;
import mischung.hair.ReadIn;
import mischung.hair.Reading;
import mischung.hair.ToneMix;
import mischung.product.Shade;
import mischung.wish.Aim;

/** Looks of hair that is only spoken of. */
final class Swatches {
    private Swatches() {}

    /** The wished colour; one that was picked shows as the hair that comes nearest. */
    static LookView of(Aim aim) {
        return LookView.of(look(aim));
    }

    static Look look(Aim aim) {
        return aim.picked()
                .map(lab -> Canvas.of(
                                ReadIn.of(lab, Past.of(Past.Kind.COLOURED_OVER_LIFTED))
                                        .best()
                                        .pigments(),
                                Porosity.NORMAL)
                        .look())
                .orElseGet(() -> look(BandKind.LIGHTENED, aim.level(), aim.tones()));
    }

    /** A shade on the hair it is made for. */
    static LookView of(Shade shade) {
        return LookView.of(Canvas.of(shade.shown(), Porosity.NORMAL));
    }

    static LookView of(BandKind kind, double level, ToneMix tones) {
        return LookView.of(look(kind, level, tones));
    }

    private static Look look(BandKind kind, double level, ToneMix tone) {
        return Canvas.of(Reading.of(kind, level, tone).pigments(), Porosity.NORMAL)
                .look();
    }
}
