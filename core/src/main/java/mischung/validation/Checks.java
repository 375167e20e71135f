package mischung.validation;

import java.util.ArrayList;
import java.util.List;

/** Every check of the model, and what it does not compute. */
public final class Checks {
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

    /** Rules of the trade that the model does not compute, or not wholly; what and why stands with the words. */
    public static List<String> notModelled() {
        return List.of("R31", "R35", "R39", "R52", "R56", "R57", "R72");
    }
}
