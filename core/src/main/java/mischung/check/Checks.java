package mischung.check;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import mischung.DataFile;

/** Every check of the model, and what it does not compute. */
public final class Checks {
    private static final DataFile NOT_MODELLED = DataFile.of(Checks.class, "not-modelled.csv");

    private Checks() {}

    /** Computed anew at each call; some tenths of a second. */
    public static List<Check> all() {
        List<Check> checks = new ArrayList<>();
        checks.addAll(LightChecks.all());
        checks.addAll(HairChecks.all());
        checks.addAll(LiftChecks.all());
        checks.addAll(DepositChecks.all());
        checks.addAll(AmountChecks.all());
        checks.addAll(StrengthChecks.all());
        return List.copyOf(checks);
    }

    /** A rule, or a part of it, that is left out. */
    public record NotModelled(String rule, String what, String why) {}

    public static List<NotModelled> notModelled() {
        return IntStream.range(0, NOT_MODELLED.size())
                .mapToObj(row -> new NotModelled(
                        NOT_MODELLED.text(row, "rule"), NOT_MODELLED.text(row, "what"), NOT_MODELLED.text(row, "why")))
                .toList();
    }
}
