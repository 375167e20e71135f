package mischung.measure;

import java.util.Locale;
import java.util.Optional;
import mischung.Constants;
import mischung.Phrases;
import mischung.hair.Measured;
import mischung.light.Illuminant;
import mischung.light.Lab;
import mischung.light.Srgb;
import mischung.light.WhitePoint;
import mischung.light.Xyz;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * A photograph with a neutral grey card beside the hair. The card is known, so what the picture shows of it tells the light:
 * its colour is taken as the white the camera saw, its depth as the exposure. The hair is then taken over into daylight: from
 * a lamp that was named by a map fitted to hair under it, otherwise by the linear Bradford transform (CIE 160; ICC.1 annex E).
 *
 * <p>What remains is that hair under a lamp and hair in daylight are two things (metamerism) which no three numbers can
 * wholly undo: where the lamp was not named the stated spread grows with the distance of the light from daylight.
 */
public final class CardPhoto {
    private static final Constants FIGURES = Constants.in("photo");

    /** What the card reflects unless its maker says otherwise: the usual middle grey. */
    public static final double USUAL_CARD = FIGURES.of("usual card");

    private CardPhoto() {}

    /** What a marked patch shows on the whole: linear light, and how it varies. */
    private record Patch(Xyz mean, double scatter, int pixels) {}

    /**
     * @param cardReflectance of the card, 0.05–0.95
     * @param lamp what lights card and hair, if somebody knows
     * @throws RefusedInput naming {@code card} or {@code hair} and why that patch cannot be measured
     */
    public static Measured measured(
            Pixels photo, Frame card, Frame hair, double cardReflectance, Optional<Illuminant> lamp) {
        RefusedInput.within("cardReflectance", cardReflectance, 0.05, 0.95, Unit.OF_THE_CARD);
        if (card.meets(hair)) {
            throw new RefusedInput("hair", "", RefusalMessage.HAIR_BESIDE_CARD);
        }
        Patch grey = patch("card", photo, card);
        Patch lock = patch("hair", photo, hair);
        if (grey.scatter > FIGURES.of("card scatter")) {
            throw new RefusedInput(
                    "card",
                    "",
                    RefusalMessage.CARD_UNEVEN
                            .say()
                            .share("varies", grey.scatter)
                            .share("most", FIGURES.of("card scatter"))
                            .said());
        }
        Xyz light = grey.mean;
        double scale = 100 * cardReflectance / light.y();
        WhitePoint white =
                new WhitePoint("the card's light", 100 * light.x() / light.y(), 100, 100 * light.z() / light.y());
        Xyz seen = new Xyz(lock.mean.x() * scale, lock.mean.y() * scale, lock.mean.z() * scale, white);
        Lab lab = lamp.map(known -> HairUnderLamp.of(known).inDaylight(seen.adaptedTo(known.white())))
                .orElseGet(() -> seen.adaptedTo(WhitePoint.d65()))
                .toLab();
        if (lab.l() > FIGURES.of("lightest") || lab.l() < FIGURES.of("darkest")) {
            throw new RefusedInput(
                    "hair",
                    String.format(Locale.ROOT, "L* %.0f", lab.l()),
                    RefusalMessage.NO_HAIR_SO.say().in("light", lab.l() > 50).said());
        }
        return new Measured(Measured.By.PHOTO, lab, spread(lamp.isPresent() ? WhitePoint.d65() : white, lock, grey));
    }

    /** Standard deviation of each of L*, a*, b*. */
    private static double spread(WhitePoint white, Patch lock, Patch grey) {
        Lab ofLight = new Xyz(white.x(), white.y(), white.z(), WhitePoint.d65()).toLab();
        double least = FIGURES.of("least spread");
        double byLight = FIGURES.of("spread by light") * ofLight.chroma();
        double byHair = FIGURES.of("spread by hair") * lock.scatter;
        double byCard = FIGURES.of("spread by card") * grey.scatter;
        return Math.min(15, Math.sqrt(least * least + byLight * byLight + byHair * byHair + byCard * byCard));
    }

    private static Patch patch(String field, Pixels photo, Frame frame) {
        int left = (int) Math.floor(frame.x() * photo.width());
        int top = (int) Math.floor(frame.y() * photo.height());
        int right = Math.min(photo.width(), (int) Math.ceil((frame.x() + frame.width()) * photo.width()));
        int bottom = Math.min(photo.height(), (int) Math.ceil((frame.y() + frame.height()) * photo.height()));
        int pixels = Math.max(0, right - left) * Math.max(0, bottom - top);
        int least = (int) FIGURES.of("least pixels");
        if (pixels < least || right - left < 8 || bottom - top < 8) {
            throw new RefusedInput(
                    field,
                    (right - left) + " × " + (bottom - top),
                    RefusalMessage.TOO_TINY.say().count("least", least).said());
        }
        double x = 0;
        double y = 0;
        double z = 0;
        double squares = 0;
        int burnt = 0;
        int black = 0;
        for (int row = top; row < bottom; row++) {
            for (int column = left; column < right; column++) {
                int rgb = photo.at(column, row);
                int r = rgb >> 16 & 0xff;
                int g = rgb >> 8 & 0xff;
                int b = rgb & 0xff;
                burnt += Math.max(r, Math.max(g, b)) >= 254 ? 1 : 0;
                black += Math.max(r, Math.max(g, b)) <= FIGURES.of("black") ? 1 : 0;
                Xyz here = new Srgb(r / 255.0, g / 255.0, b / 255.0).toXyz();
                x += here.x();
                y += here.y();
                z += here.z();
                squares += here.y() * here.y();
            }
        }
        if (burnt > FIGURES.of("clipped share") * pixels) {
            throw new RefusedInput(field, Phrases.percent(burnt / (double) pixels), RefusalMessage.OVER_EXPOSED);
        }
        double mean = y / pixels;
        if (black > FIGURES.of("clipped share") * pixels || mean < FIGURES.of("darkest light")) {
            throw new RefusedInput(field, String.format(Locale.ROOT, "%.1f %%", mean), RefusalMessage.UNDER_EXPOSED);
        }
        double variance = Math.max(0, squares / pixels - mean * mean);
        return new Patch(
                new Xyz(x / pixels, y / pixels, z / pixels, WhitePoint.d65()), Math.sqrt(variance) / mean, pixels);
    }
}
