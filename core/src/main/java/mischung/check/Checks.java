package mischung.check;

import java.util.ArrayList;
import java.util.List;

/** Every check of the model, computed anew at each call; some tenths of a second. */
public final class Checks {
    private Checks() {}

    public static List<Check> all() {
        List<Check> checks = new ArrayList<>();
        checks.addAll(LightChecks.all());
        checks.addAll(HairChecks.all());
        checks.addAll(LiftChecks.all());
        checks.addAll(DepositChecks.all());
        checks.addAll(StrengthChecks.all());
        return List.copyOf(checks);
    }
}
