package mischung.plan;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mischung.change.Change;
import mischung.change.Factors;
import mischung.doubt.Draw;
import mischung.doubt.Forecast;
import mischung.doubt.LevelRange;
import mischung.doubt.Start;
import mischung.hair.Canvas;
import mischung.hair.Look;
import mischung.light.Lab;
import org.jspecify.annotations.Nullable;

/**
 * Hair at one moment of a plan: as it is expected, and in draws of what is not sure about it, which are computed when they
 * are asked for. States are kept, so that plans which begin alike share their beginning.
 */
public final class HairState {
    private final Canvas canvas;
    private final Factors middle;
    private final List<Draw> draws;
    private final @Nullable Start start;
    private final @Nullable HairState before;
    private final @Nullable Change change;
    private final Map<Change, HairState> next = new HashMap<>();
    private @Nullable List<Canvas> drawn;
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
    }

    static HairState of(Start start, Factors middle, List<Draw> draws) {
        return new HairState(start.best(), middle, draws, start, null, null);
    }

    HairState after(Change done) {
        return next.computeIfAbsent(done, c -> new HairState(c.on(canvas, middle), middle, draws, null, this, c));
    }

    /** As expected. */
    public Canvas canvas() {
        return canvas;
    }

    public double level() {
        return look().level();
    }

    public Look look() {
        if (look == null) {
            look = canvas.look();
        }
        return look;
    }

    public Lab lab() {
        return look().lab();
    }

    public double integrity() {
        return canvas.fibre().integrity();
    }

    /** What it is after each draw of what is not sure. */
    public List<Canvas> drawn() {
        if (drawn == null) {
            drawn = before == null || change == null
                    ? draws.stream()
                            .map(draw ->
                                    Optional.ofNullable(start).orElseThrow().in(draw))
                            .toList()
                    : changed(before.drawn(), change);
        }
        return drawn;
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
        if (range == null) {
            range = Forecast.of(canvas, drawn()).levels();
        }
        return range;
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
