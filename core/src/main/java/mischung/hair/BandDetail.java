package mischung.hair;

import java.util.List;
import java.util.Optional;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * What is known of a band beyond what the eye reads at first.
 *
 * <table>
 * <caption>components</caption>
 * <tr><td>stretch</td><td>what was felt when a wet strand was stretched</td><td>empty: not tried</td></tr>
 * <tr><td>density, thickness</td><td>where they differ from the head's</td><td>empty: as the head's</td></tr>
 * <tr><td>layers</td><td>oxidative colour laid over it so far</td><td>0–50</td></tr>
 * <tr><td>underFrom, underTo</td><td>between which levels the hair under the dye may be</td><td>1–12</td></tr>
 * <tr><td>second</td><td>a tone seen beside the first</td><td>empty: one tone</td></tr>
 * <tr><td>measured</td><td>measurements that replace level and tone</td><td>0–20 of them</td></tr>
 * </table>
 */
public record BandDetail(
        Optional<Elasticity> stretch,
        Optional<Density> density,
        Optional<Thickness> thickness,
        double layers,
        double underFrom,
        double underTo,
        Optional<SecondTone> second,
        List<Measured> measured) {
    /** Nothing more than the eye saw. */
    public static final BandDetail NONE = new BandDetail(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            0,
            LevelScale.DARKEST,
            LevelScale.LIGHTEST,
            Optional.empty(),
            List.of());

    public BandDetail {
        RefusedInput.within("layers", layers, 0, 50, Unit.NONE);
        RefusedInput.within("underFrom", underFrom, LevelScale.DARKEST, LevelScale.LIGHTEST, Unit.NONE);
        RefusedInput.within("underTo", underTo, underFrom, LevelScale.LIGHTEST, Unit.NONE);
        measured = List.copyOf(measured);
        if (measured.size() > MeasuredColour.MOST) {
            throw new RefusedInput(
                    "measured",
                    measured.size(),
                    RefusalMessage.AT_MOST
                            .say()
                            .count("most", MeasuredColour.MOST)
                            .said());
        }
    }

    public BandDetail withStretch(Elasticity felt) {
        return new BandDetail(Optional.of(felt), density, thickness, layers, underFrom, underTo, second, measured);
    }

    public BandDetail withSecond(SecondTone beside) {
        return new BandDetail(stretch, density, thickness, layers, underFrom, underTo, Optional.of(beside), measured);
    }

    public BandDetail withPast(double count, double from, double to) {
        return new BandDetail(stretch, density, thickness, count, from, to, second, measured);
    }

    public BandDetail withMeasured(List<Measured> all) {
        return new BandDetail(stretch, density, thickness, layers, underFrom, underTo, second, all);
    }

    /** The mean of the measurements, if there are any. */
    public Optional<MeasuredColour> colour() {
        return measured.isEmpty() ? Optional.empty() : Optional.of(MeasuredColour.of(measured));
    }
}
