package mischung.plan;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mischung.change.Application;
import mischung.change.Deposit;
import mischung.hair.BandRef;
import mischung.hair.Canvas;
import mischung.hair.Head;
import mischung.hair.LevelScale;
import mischung.hair.Reading;
import mischung.light.Ciede2000;
import mischung.light.Lab;

/** The head while the planner works on it: every band's canvas, in each case of the {@link Spread}. */
final class Simulation {
    private final Head head;
    private final Lab wished;
    private final Map<BandRef, EnumMap<Spread, Canvas>> canvases = new HashMap<>();

    Simulation(Head head, Wish wish) {
        this.head = head;
        this.wished = wish.colour();
        for (BandRef at : Plan.bandsOf(head)) {
            EnumMap<Spread, Canvas> cases = new EnumMap<>(Spread.class);
            for (Spread spread : Spread.values()) {
                cases.put(spread, Reading.canvasOf(head.band(at), spread.levels()));
            }
            canvases.put(at, cases);
        }
    }

    Canvas canvas(BandRef at) {
        return cases(at).get(Spread.AS_READ);
    }

    void equalise(Collection<BandRef> bands) {
        for (BandRef at : bands) {
            cases(at).replaceAll((spread, canvas) -> canvas.withEqualiser());
        }
    }

    void lay(Application application, Collection<BandRef> bands) {
        for (BandRef at : bands) {
            cases(at).replaceAll((spread, canvas) -> Deposit.on(canvas, application, spread.uptake()));
        }
    }

    List<List<Outcome>> outcomes(Set<BandRef> touched) {
        List<List<Outcome>> all = new ArrayList<>();
        for (int zone = 0; zone < head.zones().size(); zone++) {
            List<Outcome> strand = new ArrayList<>();
            for (int band = 0; band < head.zones().get(zone).strand().bands().size(); band++) {
                BandRef at = new BandRef(zone, band);
                strand.add(outcome(cases(at), touched.contains(at)));
            }
            all.add(strand);
        }
        return all;
    }

    private Outcome outcome(Map<Spread, Canvas> cases, boolean touched) {
        Map<Spread, Double> levels = new EnumMap<>(Spread.class);
        cases.forEach((spread, canvas) ->
                levels.put(spread, LevelScale.levelOf(canvas.lab().l())));
        var look = cases.get(Spread.AS_READ).look();
        return new Outcome(look, Spread.range(levels), Ciede2000.between(wished, look.lab()), touched);
    }

    private EnumMap<Spread, Canvas> cases(BandRef at) {
        EnumMap<Spread, Canvas> cases = canvases.get(at);
        if (cases == null) {
            throw new IllegalArgumentException("No such band on this head: " + at);
        }
        return cases;
    }
}
