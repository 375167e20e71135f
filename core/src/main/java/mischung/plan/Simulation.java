package mischung.plan;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mischung.change.Care;
import mischung.change.Change;
import mischung.change.Factors;
import mischung.doubt.Calibration;
import mischung.doubt.Draw;
import mischung.doubt.Draws;
import mischung.doubt.Forecast;
import mischung.doubt.Start;
import mischung.hair.BandRef;
import mischung.hair.Canvas;
import mischung.hair.Head;
import mischung.hair.Look;
import mischung.hair.Reading;
import mischung.light.Ciede2000;
import mischung.light.Lab;
import org.jspecify.annotations.Nullable;

/** The head while the planner works on it: every band as read and in draws of what is not sure about it. */
final class Simulation {
    /** Few, since a plan asks for them band by band and step by step; a Latin hypercube spreads them evenly. */
    private static final int DRAWS = 32;

    private static final long SEED = 20_240_229;

    private static final class Drawn {
        private Canvas asRead;
        private final List<Canvas> otherwise = new ArrayList<>();
        private @Nullable Outcome seen;
    }

    private final Head head;
    private final Lab wished;
    private final Factors middle;
    private final Map<BandRef, Drawn> bands = new HashMap<>();

    /** The same for every band, so that bands that read the same get the same range. */
    private final List<Draw> draws;

    Simulation(Head head, Wish wish, Calibration calibration) {
        this.head = head;
        this.wished = wish.colour();
        this.middle = calibration.factors();
        this.draws = Draws.of(calibration, DRAWS, SEED);
        for (BandRef at : Plan.bandsOf(head)) {
            Drawn drawn = new Drawn();
            drawn.asRead = Reading.canvasOf(head.band(at), head.thickness());
            Start start = Start.of(drawn.asRead, Reading.explained(head.band(at)));
            draws.forEach(draw -> drawn.otherwise.add(start.in(draw)));
            bands.put(at, drawn);
        }
    }

    Canvas canvas(BandRef at) {
        return drawn(at).asRead;
    }

    void equalise(Collection<BandRef> some, double minutes) {
        lay(new Care(Care.Kind.EQUALISER, minutes), some);
    }

    void lay(Change change, Collection<BandRef> some) {
        for (BandRef at : some) {
            Drawn drawn = drawn(at);
            drawn.seen = null;
            drawn.asRead = change.on(drawn.asRead, middle);
            for (int i = 0; i < draws.size(); i++) {
                drawn.otherwise.set(
                        i, change.on(drawn.otherwise.get(i), draws.get(i).factors()));
            }
        }
    }

    List<List<Outcome>> outcomes(Set<BandRef> touched) {
        List<List<Outcome>> all = new ArrayList<>();
        for (int zone = 0; zone < head.zones().size(); zone++) {
            List<Outcome> strand = new ArrayList<>();
            for (int band = 0; band < head.zones().get(zone).strand().bands().size(); band++) {
                BandRef at = new BandRef(zone, band);
                strand.add(outcome(drawn(at), touched.contains(at)));
            }
            all.add(strand);
        }
        return all;
    }

    private Outcome outcome(Drawn drawn, boolean touched) {
        Outcome seen = drawn.seen;
        if (seen == null) {
            Look look = drawn.asRead.look();
            seen = new Outcome(
                    look,
                    Forecast.of(drawn.asRead, drawn.otherwise).levels(),
                    Ciede2000.between(wished, look.lab()),
                    touched);
            drawn.seen = seen;
        }
        return new Outcome(seen.look(), seen.range(), seen.difference(), touched);
    }

    private Drawn drawn(BandRef at) {
        Drawn drawn = bands.get(at);
        if (drawn == null) {
            throw new IllegalArgumentException("No such band on this head: " + at);
        }
        return drawn;
    }
}
