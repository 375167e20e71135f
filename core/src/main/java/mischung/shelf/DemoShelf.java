package mischung.shelf;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mischung.DataFile;
import mischung.hair.LevelScale;
import mischung.product.Developer;
import mischung.product.Lightener;
import mischung.product.ProductRange;
import mischung.product.Shade;
import mischung.product.ShadeClass;

/** The made-up shelf of the demonstration: the shades of {@link ProductRange#demo()} and what else a corrective day takes. */
public final class DemoShelf {
    private static final DataFile PACKS = DataFile.of(DemoShelf.class, "demo-packs.csv");

    private static final String LESS = "LESS";

    private DemoShelf() {}

    public static List<Item> items() {
        List<Item> all = new ArrayList<>();
        for (int row = 0; row < PACKS.size(); row++) {
            if (PACKS.text(row, "kind").equals(LESS)) {
                continue;
            }
            Kind kind = Kind.valueOf(PACKS.text(row, "kind"));
            if (kind == Kind.SHADE) {
                ShadeClass of = ShadeClass.valueOf(PACKS.text(row, "code"));
                for (Shade shade : ProductRange.demo().of(of)) {
                    all.add(item(row, kind, shade.code(), shade.words(), Optional.of(shade), 0));
                }
            } else if (kind == Kind.DEVELOPER) {
                for (Developer developer : ProductRange.demo().developers()) {
                    String figure = LevelScale.figure(developer.volume());
                    all.add(item(
                            row,
                            kind,
                            "developer-" + figure,
                            "developer " + developer.words(),
                            Optional.empty(),
                            developer.volume()));
                }
            } else {
                all.add(item(row, kind, PACKS.text(row, "code"), PACKS.text(row, "name"), Optional.empty(), 0));
            }
        }
        return all.stream().map(DemoShelf::withLess).toList();
    }

    /** A shelf on which nothing runs out would show nothing. */
    private static Item withLess(Item item) {
        for (int row = 0; row < PACKS.size(); row++) {
            if (PACKS.text(row, "kind").equals(LESS)
                    && PACKS.text(row, "code").equals(item.product().code())) {
                return new Item(item.product(), stock(row));
            }
        }
        return item;
    }

    private static Stock stock(int row) {
        double opened = PACKS.number(row, "opened_g");
        return new Stock(
                true,
                (int) PACKS.number(row, "packs"),
                opened > 0 ? List.of(opened) : List.of(),
                PACKS.number(row, "low_g"));
    }

    private static Lightener lightener(String code) {
        return ProductRange.demo().lighteners().stream()
                .filter(one -> one.code().equals(code))
                .findFirst()
                .orElseThrow();
    }

    private static Item item(int row, Kind kind, String code, String name, Optional<Shade> shade, double volume) {
        ProductRange.Habit habit = shade.map(s -> ProductRange.demo().habit(s.shadeClass()))
                .orElseGet(() -> new ProductRange.Habit(PACKS.number(row, "ratio"), PACKS.number(row, "minutes")));
        return new Item(
                new Product(
                        code,
                        ProductRange.demo().name(),
                        kind,
                        name,
                        shade,
                        shade.map(ShelfFile::toneOf).orElse(""),
                        volume,
                        habit,
                        kind == Kind.LIGHTENER ? Optional.of(lightener(code)) : Optional.empty(),
                        kind == Kind.ADDITIVE
                                ? Optional.of(new Lightener.Additive(
                                        code, name, PACKS.number(row, "cools"), PACKS.number(row, "share")))
                                : Optional.empty(),
                        PACKS.number(row, "pack_g"),
                        PACKS.number(row, "pack_price")),
                stock(row));
    }
}
