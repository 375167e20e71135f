package mischung.wish;

import java.util.Optional;
import java.util.OptionalDouble;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * With what and how something is done, where the wish says so; what it does not say is decided.
 *
 * @param lightener of the shelf, by its code
 * @param volume of its developer, 0–40; never stronger at the scalp than the scalp may have
 * @param minutes of its clock, 1–120
 * @param basin laid at the basin on damp hair
 * @param barrier beside it on what must not have it
 */
public record How(
        Optional<String> lightener, OptionalDouble volume, OptionalDouble minutes, boolean basin, boolean barrier) {
    public static final How USUAL =
            new How(Optional.empty(), OptionalDouble.empty(), OptionalDouble.empty(), false, false);

    public How {
        volume.ifPresent(vol -> RefusedInput.within("volume", vol, 0, 40, Unit.VOL));
        minutes.ifPresent(min -> RefusedInput.within("minutes", min, 1, 120, Unit.MIN));
    }

    public How forMinutes(double most) {
        return new How(lightener, volume, OptionalDouble.of(most), basin, barrier);
    }

    public How with(double vol) {
        return new How(lightener, OptionalDouble.of(vol), minutes, basin, barrier);
    }

    public How by(String code) {
        return new How(Optional.of(code), volume, minutes, basin, barrier);
    }

    public How atTheBasin() {
        return new How(lightener, volume, minutes, true, barrier);
    }

    public How behindBarrier() {
        return new How(lightener, volume, minutes, basin, true);
    }
}
