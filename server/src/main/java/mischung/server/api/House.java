package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mischung.RefusedInput;
import mischung.server.store.HouseStore;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** What is set for the whole house, and its stock. */
@RestController
@RequestMapping(path = "/api/house", produces = MediaType.APPLICATION_JSON_VALUE)
class House {
    private static final Settings FIRST = new Settings(List.of("Window", "Middle", "Basin"), true);

    private final HouseStore store;
    private final JsonMapper json;

    House(HouseStore store, JsonMapper json) {
        this.store = store;
        this.json = json;
    }

    /** The house's settings. */
    record Settings(
            @Schema(description = "names of the chairs, 1–30")
            List<String> chairs,

            @Schema(description = "whether local rules let a licensed hand take a caution on, with name and reason")
            boolean overridesAllowed) {}

    /** A product on the shelf. */
    record StockView(
            @Schema(description = "0: new") long id, String name, double grams, double lowGrams, boolean low) {}

    @GetMapping
    @Operation(operationId = "house", summary = "The house's settings")
    Settings settings() {
        return store.settings()
                .map(text -> json.readValue(text, Settings.class))
                .orElse(FIRST);
    }

    @PutMapping
    @Operation(operationId = "setHouse", summary = "Change the house's settings")
    Settings set(@RequestBody Settings settings) {
        List<String> chairs = CaseFile.eachOf("chairs", settings.chairs, chair -> {
            if (chair.isBlank() || chair.length() > 40) {
                throw new RefusedInput("", chair, "Name the chair in 1 to 40 characters.");
            }
            return chair.strip();
        });
        if (chairs.isEmpty() || chairs.size() > 30 || chairs.stream().distinct().count() < chairs.size()) {
            throw new RefusedInput("chairs", chairs.size() + " chairs", "Give 1 to 30 chairs of different names.");
        }
        Settings kept = new Settings(chairs, settings.overridesAllowed);
        store.set(json.writeValueAsString(kept));
        return kept;
    }

    @GetMapping("/stock")
    @Operation(operationId = "stock", summary = "What is on the shelf")
    List<StockView> stock() {
        return store.stock().stream()
                .map(s -> new StockView(s.id(), s.name(), s.grams(), s.lowGrams(), s.low()))
                .toList();
    }

    @PutMapping("/stock")
    @Operation(operationId = "keepStock", summary = "A product, new or changed")
    List<StockView> keep(@RequestBody StockView stock) {
        if (store.keep(new HouseStore.Stock(stock.id, stock.name, stock.grams, stock.lowGrams))
                .isEmpty()) {
            throw noSuchStock(stock.id);
        }
        return stock();
    }

    @DeleteMapping("/stock/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "removeStock", summary = "Take a product off the shelf's list")
    void remove(@PathVariable long id) {
        if (!store.removeStock(id)) {
            throw noSuchStock(id);
        }
    }

    private static Refusal noSuchStock(long id) {
        return new Refusal(
                HttpStatus.NOT_FOUND,
                "No such product",
                "id",
                Long.toString(id),
                "Somebody may have taken it off the list; look again.");
    }
}
