package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Optional;
import mischung.hair.SecondTone;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;

/** What lies in a colour beside its first tone. */
public record SecondToneView(
        Tone tone,

        @Schema(description = "of the whole colour, 0.1–0.5", example = "0.3")
        double share) {
    static List<SecondToneView> of(Optional<SecondTone> second) {
        return second.stream()
                .map(other -> new SecondToneView(other.tone(), other.share()))
                .toList();
    }

    static ToneMix beside(Tone main, List<SecondToneView> second) {
        return new ToneMix(main, checked(second));
    }

    /** @throws RefusedInput naming {@code second} where there is more than one, or one that cannot be */
    static Optional<SecondTone> checked(List<SecondToneView> second) {
        if (second.size() > 1) {
            throw new RefusedInput("second", second.size(), RefusalMessage.ONE_OR_NONE);
        }
        return CaseFile.eachOf("second", second, other -> new SecondTone(other.tone, other.share)).stream()
                .findFirst();
    }
}
