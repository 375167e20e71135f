package mischung.plan;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import mischung.hair.Canvas;
import mischung.hair.Look;
import mischung.hair.Pigment;
import mischung.hair.PigmentLine;
import mischung.light.Lab;
import mischung.process.Change;
import mischung.process.Factors;
import mischung.uncertainty.Draw;
import mischung.uncertainty.Forecast;
import mischung.uncertainty.LevelRange;
import mischung.uncertainty.Start;
import org.jspecify.annotations.Nullable;

/**
 * Hair at one moment of a plan: as it is expected, and in draws of what is not sure about it, which are computed when they
 * are asked for. States are kept, so that plans which begin alike share their beginning.
 */
public final class HairState {
    private static final double LIGHTEST_NATURAL = PigmentLine.NATURAL.at(10).amount(Pigment.EUMELANIN);

    private final Canvas canvas;
    private final Factors middle;
    private final List<Draw> draws;
    private final @Nullable Start start;
    private final @Nullable HairState before;
    private final @Nullable Change change;

    /** How many changes led to it. */
    private final int depth;

    // Several ways are played through the same hair at once: what is found out twice comes to the same.
    private final Map<Change, HairState> next = new ConcurrentHashMap<>();
    private @Nullable List<Canvas> drawn;
    private @Nullable List<Lab> drawnColours;
    private @Nullable Look look;
    private @Nullable LevelRange range;

    private HairState(
            Canvas canvas,
            Factors middle,
            List<Draw> draws,
            @Nullable Start start,
            @Nullable HairState before,
            @Nullable Change change) {
        this.canvas = canvas;
        this.middle = middle;
        this.draws = draws;
        this.start = start;
        this.before = before;
        this.change = change;
        this.depth = before == null ? 0 : before.depth + 1;
    }

    static HairState of(Start start, Factors middle, List<Draw> draws) {
        return new HairState(start.best(), middle, draws, start, null, null);
    }

    HairState after(Change done) {
        return next.computeIfAbsent(done, c -> new HairState(c.on(canvas, middle), middle, draws, null, this, c));
    }

    /** The same hair, but as it was seen: the reading's doubt takes the place of the prediction's. */
    HairState seenAs(HeadUnderway.Shown shown) {
        Canvas there = Start.of(canvas).in(new Draw(shown.level() - level(), shown.warmth(), 0, 0, Factors.AVERAGE));
        return of(Start.of(there), middle, draws);
    }

    /** What was done to it since an earlier state of it, in order; empty where nothing was. */
    public List<Change> since(HairState earlier) {
        Deque<Change> done = new ArrayDeque<>();
        for (HairState here = this; here != null && here.depth > earlier.depth; here = here.before) {
            if (here.change != null) {
                done.addFirst(here.change);
            }
        }
        return List.copyOf(done);
    }

    /** Where this course begins: the hair as read, or as it was seen last. */
    public HairState root() {
        HairState here = this;
        while (here.before != null) {
            here = here.before;
        }
        return here;
    }

    /** As expected. */
    public Canvas canvas() {
        return canvas;
    }

    public double level() {
        return look().level();
    }

    public Look look() {
        Look known = look;
        if (known == null) {
            known = canvas.look();
            look = known;
        }
        return known;
    }

    public Lab lab() {
        return look().lab();
    }

    /** Whether little of what grew is left in it, so that its warm ground is gone. */
    boolean lifted() {
        double grown = canvas.coloured().amount(Pigment.EUMELANIN);
        return grown < LIGHTEST_NATURAL || grown < canvas.coloured().amount(Pigment.RESIDUE);
    }

    public double integrity() {
        return canvas.fibre().integrity();
    }

    /** What it is after each draw of what is not sure. */
    public List<Canvas> drawn() {
        List<Canvas> known = drawn;
        if (known == null) {
            known = before == null || change == null
                    ? draws.stream()
                            .map(draw ->
                                    Optional.ofNullable(start).orElseThrow().in(draw))
                            .toList()
                    : changed(before.drawn(), change);
            drawn = known;
        }
        return known;
    }

    /** What it looks like after each of them, under D65. */
    public List<Lab> drawnColours() {
        List<Lab> known = drawnColours;
        if (known == null) {
            known = drawn().stream().map(Canvas::lab).toList();
            drawnColours = known;
        }
        return known;
    }

    private List<Canvas> changed(List<Canvas> all, Change done) {
        Canvas[] changed = new Canvas[all.size()];
        for (int i = 0; i < changed.length; i++) {
            changed[i] = done.on(all.get(i), draws.get(i).factors());
        }
        return List.of(changed);
    }

    /** Levels it falls between eight times in ten. */
    public LevelRange range() {
        LevelRange known = range;
        if (known == null) {
            known = Forecast.of(canvas, drawn()).levels();
            range = known;
        }
        return known;
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof HairState state && canvas.equals(state.canvas);
    }

    @Override
    public int hashCode() {
        return canvas.hashCode();
    }
}
