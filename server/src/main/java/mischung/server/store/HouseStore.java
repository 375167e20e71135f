package mischung.server.store;

import java.util.List;
import java.util.Optional;
import mischung.RefusedInput;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What belongs to the house: its settings and its stock. Every method is one transaction. */
@Repository
@Transactional
public class HouseStore {
    private final JdbcClient sql;

    public HouseStore(JdbcClient sql) {
        this.sql = sql;
    }

    /** The settings' document, if any were made. */
    @Transactional(readOnly = true)
    public Optional<String> settings() {
        return sql.sql("select content from house").query(String.class).optional();
    }

    public void set(String content) {
        sql.sql("insert into house (only_one, content) values (1, :content)"
                        + " on conflict (only_one) do update set content = excluded.content")
                .param("content", content)
                .update();
    }

    /**
     * @param grams what is there, 0–1 000 000
     * @param lowGrams at or below which it is time to buy
     */
    public record Stock(long id, String name, double grams, double lowGrams) {
        public Stock {
            name = name.strip();
            if (name.isEmpty() || name.length() > 80) {
                throw new RefusedInput("name", name, "Name the product in 1 to 80 characters.");
            }
            RefusedInput.within("grams", grams, 0, 1_000_000, "g");
            RefusedInput.within("lowGrams", lowGrams, 0, 1_000_000, "g");
        }

        public boolean low() {
            return grams <= lowGrams;
        }
    }

    @Transactional(readOnly = true)
    public List<Stock> stock() {
        return sql.sql("select id, name, grams, low_grams from stock order by name, id")
                .query((row, n) -> new Stock(
                        row.getLong("id"), row.getString("name"), row.getDouble("grams"), row.getDouble("low_grams")))
                .list();
    }

    /** New if its number is 0. @return its number; empty if there is none such */
    public Optional<Long> keep(Stock stock) {
        if (stock.id() == 0) {
            GeneratedKeyHolder key = new GeneratedKeyHolder();
            sql.sql("insert into stock (name, grams, low_grams) values (:name, :grams, :low)")
                    .param("name", stock.name())
                    .param("grams", stock.grams())
                    .param("low", stock.lowGrams())
                    .update(key, "id");
            return Optional.of(ClientStore.number(key));
        }
        int changed = sql.sql("update stock set name = :name, grams = :grams, low_grams = :low where id = :id")
                .param("name", stock.name())
                .param("grams", stock.grams())
                .param("low", stock.lowGrams())
                .param("id", stock.id())
                .update();
        return changed > 0 ? Optional.of(stock.id()) : Optional.empty();
    }

    public boolean removeStock(long id) {
        return sql.sql("delete from stock where id = :id").param("id", id).update() > 0;
    }
}
