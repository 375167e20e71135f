package mischung.plan;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mischung.hair.BandRef;
import mischung.hair.Canvas;
import mischung.light.Lab;
import mischung.process.Change;
import mischung.wish.WorkedHead;

/** The head while it is worked on: where every band stands by now. */
final class Simulation {
    private final PlanningContext desk;
    private final WorkedHead head;
    private final Map<BandRef, HairState> now = new HashMap<>();
    private final Set<BandRef> cut = new HashSet<>();
    private final Set<BandRef> touched = new HashSet<>();

    Simulation(PlanningContext desk) {
        this.desk = desk;
        this.head = desk.head();
        head.bands().forEach(at -> now.put(at, desk.start(at)));
    }

    HairState hair(BandRef at) {
        HairState state = now.get(at);
        if (state == null) {
            throw new IllegalArgumentException("No such band on this head: " + at);
        }
        return state;
    }

    Canvas canvas(BandRef at) {
        return hair(at).canvas();
    }

    boolean isCut(BandRef at) {
        return cut.contains(at);
    }

    void lay(Change change, Collection<BandRef> some) {
        for (BandRef at : some) {
            if (!cut.contains(at)) {
                now.put(at, hair(at).after(change));
                touched.add(at);
            }
        }
    }

    /** Time at home goes over all hair; nothing was laid. */
    void pass(Change change) {
        now.replaceAll((at, state) -> state.after(change));
    }

    /** It was looked at, and is so whatever had been predicted. */
    void see(BandRef at, HeadUnderway.Shown shown) {
        now.put(at, hair(at).seenAs(shown));
    }

    void cutOff(Collection<BandRef> some) {
        cut.addAll(some);
        touched.addAll(some);
    }

    /** Every band as it stands; what was touched since the last look is marked so. */
    List<List<Outcome>> look() {
        List<List<Outcome>> all = new ArrayList<>();
        for (int zone = 0; zone < head.zones().size(); zone++) {
            List<Outcome> strand = new ArrayList<>();
            for (int band = 0; band < head.zones().get(zone).size(); band++) {
                BandRef at = new BandRef(zone, band);
                strand.add(new Outcome(hair(at), wished(at), touched.contains(at), cut.contains(at)));
            }
            all.add(strand);
        }
        touched.clear();
        return all;
    }

    private Lab wished(BandRef at) {
        return head.at(at)
                .aim()
                .map(aim -> aim.colour())
                .orElseGet(() -> desk.start(at).lab());
    }
}
