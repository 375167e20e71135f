package mischung.server.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import mischung.hair.Dyes;
import mischung.hair.Tone;
import mischung.product.Lightener;
import mischung.product.ProductRange;
import mischung.product.Shade;
import mischung.product.ShadeClass;
import mischung.shelf.Item;
import mischung.shelf.Kind;
import mischung.shelf.Product;
import mischung.shelf.ShelfFile;
import mischung.shelf.Stock;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** The shelf: ranges, products, packs, and every gram that came or went. Every method is one transaction. */
@Repository
@Transactional
public class ShelfStore {
    private final JdbcClient sql;
    private final Clock clock;
    private final AtomicLong state = new AtomicLong();

    public ShelfStore(JdbcClient sql, Clock clock) {
        this.sql = sql;
        this.clock = clock;
    }

    /** Once it is committed: who asks before then still reads what was. */
    private void changed() {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                state.incrementAndGet();
            }
        });
    }

    /** A range of products. */
    public record Range(long id, String name, boolean inUse, int products) {}

    /** A product as kept. */
    public record Kept(long id, long version, long rangeId, Item item) {}

    /** A gram more or less. */
    public record Move(String at, String productCode, double grams, String why) {}

    /** Grows with every change, so that what was read before is known to be old. */
    public long state() {
        return state.get();
    }

    @Transactional(readOnly = true)
    public List<Range> ranges() {
        return sql.sql("""
                        select r.id, r.name, r.in_use, (select count(*) from product p where p.range_id = r.id) as products
                          from product_range r order by r.position, r.id
                        """)
                .query((row, n) -> new Range(
                        row.getLong("id"), row.getString("name"), row.getBoolean("in_use"), row.getInt("products")))
                .list();
    }

    /** Everything, the preferred range first, each range in its own order. */
    @Transactional(readOnly = true)
    public List<Kept> all() {
        Map<Long, List<Double>> opened = new HashMap<>();
        sql.sql("select product_id, grams from opened_pack order by id").query(row -> {
            opened.computeIfAbsent(row.getLong("product_id"), id -> new ArrayList<>())
                    .add(row.getDouble("grams"));
        });
        return sql.sql(PRODUCTS + " order by r.position, r.id, p.position, p.id")
                .query((row, n) -> kept(row, opened.getOrDefault(row.getLong("id"), List.of())))
                .list();
    }

    private static final String PRODUCTS =
            "select p.*, r.name as range_name from product p join product_range r on r.id = p.range_id";

    @Transactional(readOnly = true)
    public Optional<Kept> find(long id) {
        return sql.sql(PRODUCTS + " where p.id = :id")
                .param("id", id)
                .query((row, n) -> kept(row, opened(id)))
                .optional();
    }

    private List<Double> opened(long id) {
        return sql.sql("select grams from opened_pack where product_id = :id order by id")
                .param("id", id)
                .query(Double.class)
                .list();
    }

    private static Kept kept(ResultSet row, List<Double> opened) throws SQLException {
        String shadeClass = row.getString("shade_class");
        Optional<Shade> shade = shadeClass == null
                ? Optional.empty()
                : Optional.of(new Shade(
                        row.getString("code"),
                        ShadeClass.valueOf(shadeClass),
                        row.getDouble("level"),
                        Optional.ofNullable(row.getString("shade_tone")).map(Tone::valueOf),
                        ShelfFile.secondOf(
                                ShadeClass.valueOf(shadeClass), row.getDouble("level"), row.getString("tone")),
                        new Dyes(
                                row.getDouble("yellow"),
                                row.getDouble("red"),
                                row.getDouble("violet"),
                                row.getDouble("blue")),
                        row.getDouble("misfit"),
                        ShelfFile.classes(row.getString("mixes_with"))));
        Product product = new Product(
                row.getString("code"),
                row.getString("range_name"),
                Kind.valueOf(row.getString("kind")),
                row.getString("name"),
                shade,
                row.getString("tone"),
                row.getDouble("volume"),
                new ProductRange.Habit(row.getDouble("ratio"), row.getDouble("minutes")),
                lightener(row),
                additive(row),
                row.getDouble("pack_grams"),
                row.getDouble("pack_price"));
        Stock stock = new Stock(row.getBoolean("counted"), row.getInt("packs"), opened, row.getDouble("low_grams"));
        return new Kept(row.getLong("id"), row.getLong("version"), row.getLong("range_id"), new Item(product, stock));
    }

    private static Optional<Lightener> lightener(ResultSet row) throws SQLException {
        if (!row.getString("kind").equals(Kind.LIGHTENER.name())) {
            return Optional.empty();
        }
        return Optional.of(new Lightener(
                row.getString("code"),
                row.getString("name"),
                row.getDouble("ratio"),
                row.getDouble("speed"),
                row.getDouble("harshness"),
                row.getDouble("most_volume"),
                row.getDouble("most_levels"),
                row.getBoolean("on_scalp"),
                row.getBoolean("open_air"),
                Optional.empty()));
    }

    private static Optional<Lightener.Additive> additive(ResultSet row) throws SQLException {
        return row.getString("kind").equals(Kind.ADDITIVE.name())
                ? Optional.of(new Lightener.Additive(
                        row.getString("code"), row.getString("name"), row.getDouble("cools"), row.getDouble("share")))
                : Optional.empty();
    }

    /** A shade as it is written, to be derived from that. */
    public record Written(long id, String code, ShadeClass of, double level, String tone) {}

    /** Shades that were derived by a model that knew no violet. */
    @Transactional(readOnly = true)
    public List<Written> derivedBefore() {
        return sql.sql("""
                        select id, code, shade_class, level, tone from product
                        where shade_class is not null and violet is null order by id
                        """)
                .query((row, n) -> new Written(
                        row.getLong("id"),
                        row.getString("code"),
                        ShadeClass.valueOf(row.getString("shade_class")),
                        row.getDouble("level"),
                        row.getString("tone")))
                .list();
    }

    /** What they hold by the model of now; all of them or none. */
    public void derivedAgain(Map<Long, Shade> shades) {
        shades.forEach((id, shade) -> sql.sql("""
                        update product set yellow = :yellow, red = :red, violet = :violet, blue = :blue, misfit = :misfit
                        where id = :id
                        """)
                .param("id", id)
                .param("yellow", shade.dyes().yellow())
                .param("red", shade.dyes().red())
                .param("violet", shade.dyes().violet())
                .param("blue", shade.dyes().blue())
                .param("misfit", shade.misfit())
                .update());
        changed();
    }

    /** Codes that are taken by products of other ranges than the one named. */
    @Transactional(readOnly = true)
    public List<String> codesBeside(String range) {
        return sql.sql("select p.code from product p join product_range r on r.id = p.range_id where r.name <> :range")
                .param("range", range)
                .query(String.class)
                .list();
    }

    /** A whole range, in place of the one of that name if there is one; the new one is preferred. */
    public void replaceRange(String name, List<Item> items) {
        sql.sql("delete from product_range where name = :name")
                .param("name", name)
                .update();
        sql.sql("update product_range set position = position + 1").update();
        GeneratedKeyHolder key = new GeneratedKeyHolder();
        sql.sql("insert into product_range (name, position, in_use) values (:name, 0, 1)")
                .param("name", name)
                .update(key, "id");
        long range = ClientStore.number(key);
        for (int i = 0; i < items.size(); i++) {
            insert(range, i, items.get(i));
        }
        changed();
    }

    private void insert(long range, int position, Item item) {
        Product product = item.product();
        Optional<Shade> shade = product.shade();
        GeneratedKeyHolder key = new GeneratedKeyHolder();
        sql.sql("""
                        insert into product (range_id, position, code, kind, name, shade_class, level, tone, shade_tone, yellow,
                                             red, violet, blue, misfit, volume, ratio, minutes, pack_grams, pack_price, counted,
                                             packs, low_grams, speed, harshness, most_volume, most_levels, on_scalp, open_air,
                                             cools, share, mixes_with)
                        values (:range, :position, :code, :kind, :name, :shadeClass, :level, :tone, :shadeTone, :yellow,
                                :red, :violet, :blue, :misfit, :volume, :ratio, :minutes, :packGrams, :packPrice, :counted,
                                :packs, :lowGrams, :speed, :harshness, :mostVolume, :mostLevels, :onScalp, :openAir,
                                :cools, :share, :mixesWith)
                        """)
                .param("range", range)
                .param("position", position)
                .param("code", product.code())
                .param("kind", product.kind().name())
                .param("name", product.name())
                .param("shadeClass", shade.map(s -> s.shadeClass().name()).orElse(null))
                .param("level", shade.map(Shade::level).orElse(null))
                .param("tone", product.tone())
                .param("shadeTone", shade.flatMap(Shade::tone).map(Tone::name).orElse(null))
                .param("yellow", shade.map(s -> s.dyes().yellow()).orElse(null))
                .param("red", shade.map(s -> s.dyes().red()).orElse(null))
                .param("violet", shade.map(s -> s.dyes().violet()).orElse(null))
                .param("blue", shade.map(s -> s.dyes().blue()).orElse(null))
                .param("misfit", shade.map(Shade::misfit).orElse(null))
                .param("volume", product.volume())
                .param("ratio", product.habit().ratio())
                .param("minutes", product.habit().minutes())
                .param("packGrams", product.packGrams())
                .param("packPrice", product.packPrice())
                .param("counted", item.stock().counted())
                .param("packs", item.stock().packs())
                .param("lowGrams", item.stock().lowGrams())
                .param(
                        "mixesWith",
                        shade.map(s -> ShelfFile.words(s.mixesWith())).orElse(""))
                .param("speed", product.lightener().map(Lightener::speed).orElse(null))
                .param(
                        "harshness",
                        product.lightener().map(Lightener::harshness).orElse(null))
                .param(
                        "mostVolume",
                        product.lightener().map(Lightener::mostVolume).orElse(null))
                .param(
                        "mostLevels",
                        product.lightener().map(Lightener::mostLevels).orElse(null))
                .param("onScalp", product.lightener().map(Lightener::scalp).orElse(null))
                .param("openAir", product.lightener().map(Lightener::openAir).orElse(null))
                .param(
                        "cools",
                        product.additive().map(Lightener.Additive::cools).orElse(null))
                .param(
                        "share",
                        product.additive().map(Lightener.Additive::share).orElse(null))
                .update(key, "id");
        setOpened(ClientStore.number(key), item.stock().opened());
    }

    private void setOpened(long product, List<Double> opened) {
        sql.sql("delete from opened_pack where product_id = :id")
                .param("id", product)
                .update();
        for (double grams : opened) {
            sql.sql("insert into opened_pack (product_id, grams) values (:id, :grams)")
                    .param("id", product)
                    .param("grams", grams)
                    .update();
        }
    }

    /** @return whether there was such a range */
    public boolean removeRange(long id) {
        changed();
        return sql.sql("delete from product_range where id = :id")
                        .param("id", id)
                        .update()
                > 0;
    }

    /** Whether a range is worked with. @return whether there is such a range */
    public boolean use(long id, boolean inUse) {
        changed();
        return sql.sql("update product_range set in_use = :inUse where id = :id")
                        .param("id", id)
                        .param("inUse", inUse)
                        .update()
                > 0;
    }

    /** Before all others. @return whether there is such a range */
    public boolean prefer(long id) {
        changed();
        sql.sql("update product_range set position = position + 1").update();
        return sql.sql("update product_range set position = 0 where id = :id")
                        .param("id", id)
                        .update()
                > 0;
    }

    /** What was counted by hand. @return empty if somebody changed it meanwhile, or it is gone */
    public Optional<Kept> count(long id, long version, Stock stock, double packPrice) {
        Optional<Kept> before = find(id).filter(kept -> kept.version() == version);
        if (before.isEmpty()) {
            return Optional.empty();
        }
        Item item = before.get().item();
        setStock(id, stock);
        sql.sql("update product set pack_price = :price where id = :id")
                .param("price", packPrice)
                .param("id", id)
                .update();
        double difference =
                stock.grams(item.product().packGrams()) - (item.stock().counted() ? item.grams() : 0);
        move(item.product().code(), stock.counted() ? difference : 0, "counted", null);
        return find(id);
    }

    /**
     * Takes grams out for a weighing, or puts them back if there are less than none. Nothing moves of what is not listed.
     *
     * @return what really moved: no more comes off a shelf than is on it
     */
    double take(String code, double grams, String why, long weighing) {
        Optional<Long> id = sql.sql("select id from product where code = :code")
                .param("code", code)
                .query(Long.class)
                .optional();
        if (id.isEmpty()) {
            return 0;
        }
        Item item = find(id.get()).orElseThrow().item();
        double pack = item.product().packGrams();
        Stock.Taken taken = item.stock().take(Math.max(0, grams), pack);
        double moved = grams - taken.missing();
        setStock(id.get(), grams >= 0 ? taken.after() : item.stock().putBack(-grams, pack));
        move(code, -moved, why, weighing);
        return moved;
    }

    private void setStock(long id, Stock stock) {
        sql.sql("""
                        update product set version = version + 1, counted = :counted, packs = :packs, low_grams = :low
                         where id = :id
                        """)
                .param("counted", stock.counted())
                .param("packs", stock.packs())
                .param("low", stock.lowGrams())
                .param("id", id)
                .update();
        setOpened(id, stock.opened());
        changed();
    }

    private void move(String code, double grams, String why, @Nullable Long weighing) {
        sql.sql(
                        "insert into stock_move (at, product_code, grams, why, weighing_id) values (:at, :code, :grams, :why, :w)")
                .param("at", Moments.text(clock.instant()))
                .param("code", code)
                .param("grams", grams)
                .param("why", why)
                .param("w", weighing)
                .update();
    }

    /** The last ones of a product, newest first. */
    @Transactional(readOnly = true)
    public List<Move> moves(String code, int limit) {
        return sql.sql("""
                        select at, product_code, grams, why from stock_move where product_code = :code
                         order by id desc limit :limit
                        """)
                .param("code", code)
                .param("limit", limit)
                .query((row, n) -> new Move(
                        row.getString("at"),
                        row.getString("product_code"),
                        row.getDouble("grams"),
                        row.getString("why")))
                .list();
    }
}
