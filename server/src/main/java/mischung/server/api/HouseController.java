package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
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

/** What is set for the whole house, and its stock. */
@RestController
@RequestMapping(path = "/api/house", produces = MediaType.APPLICATION_JSON_VALUE)
class HouseController {
    private final HouseSettings settings;
    private final HouseStore store;

    HouseController(HouseSettings settings, HouseStore store) {
        this.settings = settings;
        this.store = store;
    }

    /** A product on the shelf. */
    record StockView(@Schema(description = "0: new") long id, String name, double grams, double lowGrams, boolean low) {
        static List<StockView> of(List<HouseStore.Stock> stock) {
            return stock.stream()
                    .map(s -> new StockView(s.id(), s.name(), s.grams(), s.lowGrams(), s.low()))
                    .toList();
        }
    }

    @GetMapping
    @Operation(operationId = "house", summary = "The house's settings")
    HouseSettings.Settings settings() {
        return settings.now();
    }

    @PutMapping
    @Operation(operationId = "setHouse", summary = "Change the house's settings")
    HouseSettings.Settings set(@RequestBody HouseSettings.Settings asked) {
        return settings.set(asked);
    }

    @GetMapping("/stock")
    @Operation(operationId = "stock", summary = "What is on the shelf")
    List<StockView> stock() {
        return StockView.of(store.stock());
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
