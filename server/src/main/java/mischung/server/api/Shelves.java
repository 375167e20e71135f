package mischung.server.api;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mischung.product.Shade;
import mischung.server.store.ShelfStore;
import mischung.shelf.DemoShelf;
import mischung.shelf.Item;
import mischung.shelf.Shelf;
import mischung.shelf.ShelfFile;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The shelf as it is now, in the core's own type. Read anew only when something of it has changed. */
@Component
class Shelves implements Shades {
    private final ShelfStore store;
    private @Nullable Read last;

    Shelves(ShelfStore store) {
        this.store = store;
    }

    private record Read(long state, Shelf inUse, Shelf all) {}

    /** What is planned with and mixed from: ranges in use, the preferred one first. */
    Shelf inUse() {
        return read().inUse;
    }

    private synchronized Read read() {
        long state = store.state();
        Read known = last;
        if (known == null || known.state != state) {
            Set<Long> used = new HashSet<>();
            store.ranges().stream().filter(ShelfStore.Range::inUse).forEach(range -> used.add(range.id()));
            List<ShelfStore.Kept> all = store.all();
            known = new Read(
                    state,
                    new Shelf(all.stream()
                            .filter(kept -> used.contains(kept.rangeId()))
                            .map(ShelfStore.Kept::item)
                            .toList()),
                    new Shelf(all.stream().map(ShelfStore.Kept::item).toList()));
            last = known;
        }
        return known;
    }

    @Override
    public Optional<Shade> named(String code) {
        return read().all.shade(code);
    }

    /** What was derived by an older model is derived again, from the words it is written in. */
    void deriveAgain() {
        Map<Long, Shade> shades = new LinkedHashMap<>();
        for (ShelfStore.Written one : store.derivedBefore()) {
            shades.put(one.id(), ShelfFile.shade(one.code(), one.of(), one.level(), one.tone()));
        }
        if (!shades.isEmpty()) {
            store.derivedAgain(shades);
        }
    }

    /** An empty shelf is filled with the made-up range, so that there is something to plan with; see docs/shelf.md. */
    void fillIfEmpty(boolean counted) {
        if (store.ranges().isEmpty()) {
            List<Item> items = counted ? DemoShelf.items() : Shelf.demo().items();
            store.replaceRange(items.get(0).product().range(), items);
        }
    }
}
