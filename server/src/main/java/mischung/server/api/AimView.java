package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Optional;
import mischung.hair.Tone;
import mischung.light.Lab;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;
import mischung.wish.Aim;

/** One colour that is wanted. */
public record AimView(
        @Schema(description = "1–11 in halves", example = "6")
        double level,

        Tone tone,

        @Schema(description = "what lies beside it: none or one")
        List<SecondToneView> second,

        @Schema(description = "the colour itself, where it was picked or photographed: none or one")
        List<PickedView> picked) {
    /** A colour under D65. */
    public record PickedView(
            @Schema(description = "L*, 5–95") double l, double a, double b) {
        Lab checked() {
            RefusedInput.within("l", l, 5, 95, Unit.NONE);
            RefusedInput.within("a", a, -60, 80, Unit.NONE);
            RefusedInput.within("b", b, -60, 80, Unit.NONE);
            return Lab.d65(l, a, b);
        }
    }

    static AimView of(Aim aim) {
        return new AimView(
                aim.level(),
                aim.tone(),
                SecondToneView.of(aim.second()),
                aim.picked().stream()
                        .map(lab -> new PickedView(
                                LookView.rounded(lab.l(), 100),
                                LookView.rounded(lab.a(), 100),
                                LookView.rounded(lab.b(), 100)))
                        .toList());
    }

    static AimView of(double level, Tone tone) {
        return new AimView(level, tone, List.of(), List.of());
    }

    Aim checked() {
        if (picked.size() > 1) {
            throw new RefusedInput("picked", picked.size(), RefusalMessage.ONE_OR_NONE);
        }
        Optional<Lab> colour =
                CaseFile.eachOf("picked", picked, PickedView::checked).stream().findFirst();
        return new Aim(level, tone, SecondToneView.checked(second), colour);
    }
}
