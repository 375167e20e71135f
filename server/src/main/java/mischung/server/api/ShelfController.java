package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Schema;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import mischung.product.Shade;
import mischung.product.ShadeClass;
import mischung.said.RefusedInput;
import mischung.said.Unit;
import mischung.server.store.ShelfStore;
import mischung.server.words.Catalogue;
import mischung.server.words.ProblemMessage;
import mischung.shelf.Item;
import mischung.shelf.Kind;
import mischung.shelf.Shelf;
import mischung.shelf.ShelfFile;
import mischung.shelf.Stock;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The shelf: what there is, and what comes in as a file. */
@RestController
@RequestMapping(path = "/api/shelf", produces = MediaType.APPLICATION_JSON_VALUE)
class ShelfController {
    private static final int PREVIEWED = 12;
    private static final int MOST_MOVES = 50;

    private final ShelfStore store;
    private final ShelfImports imports;
    private final Shelves shelves;

    ShelfController(ShelfStore store, ShelfImports imports, Shelves shelves) {
        this.store = store;
        this.imports = imports;
        this.shelves = shelves;
    }

    /** A product with what there is of it. */
    record ProductView(
            @Schema(description = "0 in a preview") long id,
            long version,
            long rangeId,
            Kind kind,
            String kindWords,
            String code,
            String name,

            @Schema(description = "of a shade, none or one") List<ShadeView> shade,

            @Schema(description = "of a lightener, none or one")
            List<LightenerView> lightener,

            @Schema(description = "of a developer, 0 otherwise")
            double volume,

            double packGrams,
            double packPrice,
            boolean counted,
            int packs,

            @Schema(description = "grams left in each opened pack")
            List<Double> opened,

            double lowGrams,
            double grams,
            boolean low) {
        static ProductView of(ShelfStore.Kept kept) {
            return of(kept.id(), kept.version(), kept.rangeId(), kept.item());
        }

        static ProductView of(long id, long version, long rangeId, Item item) {
            return new ProductView(
                    id,
                    version,
                    rangeId,
                    item.product().kind(),
                    Catalogue.spoken().word(item.product().kind()),
                    item.product().code(),
                    item.product().name(),
                    item.product().shade().map(shade -> ShadeView.of(shade, item)).stream()
                            .toList(),
                    item.product().lightener().stream().map(LightenerView::of).toList(),
                    item.product().volume(),
                    item.product().packGrams(),
                    item.product().packPrice(),
                    item.stock().counted(),
                    item.stock().packs(),
                    item.stock().opened().stream()
                            .map(grams -> LookView.rounded(grams, 10))
                            .toList(),
                    item.stock().lowGrams(),
                    LookView.rounded(item.grams(), 10),
                    item.low());
        }
    }

    /** The colour of a product. */
    record ShadeView(
            ShadeClass shadeClass,
            String classWords,
            double level,
            String tone,
            double ratio,
            double minutes,

            @Schema(description = "CIEDE2000 between what it is sold as and what it does on the hair it is made for")
            double misfit,

            @Schema(description = "whether that is so much that another name would be truer: the look says which")
            boolean missesItsJob,

            @Schema(description = "as it shows on the hair it is made for; none for clear")
            List<LookView> look) {
        static ShadeView of(Shade shade, Item item) {
            return new ShadeView(
                    shade.shadeClass(),
                    Catalogue.spoken().word(shade.shadeClass()),
                    shade.level(),
                    item.product().tone(),
                    item.product().habit().ratio(),
                    item.product().habit().minutes(),
                    LookView.rounded(shade.misfit(), 10),
                    shade.missesItsJob(),
                    shade.isClear() ? List.of() : List.of(Swatches.of(shade)));
        }
    }

    /** A range of products. */
    record RangeView(long id, String name, boolean inUse, int products) {}

    /** The whole shelf. */
    record ShelfView(List<RangeView> ranges, List<ProductView> products) {}

    /** What was counted by hand. */
    record CountView(
            long version,
            boolean counted,
            @Schema(description = "full ones, 0–10 000") int packs,

            @Schema(description = "grams left in each opened pack, up to 50")
            List<Double> opened,

            double lowGrams,
            double packPrice) {}

    /** A range that is worked with or not, and before others or not. */
    record UseView(boolean inUse, boolean preferred) {}

    @GetMapping
    @Operation(operationId = "shelf", summary = "Every range and product with what there is")
    ShelfView shelf() {
        return new ShelfView(
                store.ranges().stream()
                        .map(range -> new RangeView(range.id(), range.name(), range.inUse(), range.products()))
                        .toList(),
                store.all().stream().map(ProductView::of).toList());
    }

    @PutMapping("/products/{id}")
    @Operation(
            operationId = "countStock",
            summary = "What was counted of a product; refused if it has changed meanwhile")
    ProductView count(@PathVariable long id, @RequestBody CountView counted) {
        ShelfStore.Kept kept = store.find(id).orElseThrow(() -> noSuch(ProblemMessage.NO_PRODUCT, id));
        double pack = kept.item().product().packGrams();
        List<Double> opened =
                CaseFile.eachOf("opened", counted.opened, grams -> RefusedInput.within("", grams, 0, pack, Unit.G));
        RefusedInput.within("packPrice", counted.packPrice, 0, 100_000, Unit.NONE);
        Stock stock = new Stock(counted.counted, counted.packs, opened, counted.lowGrams);
        return store.count(id, counted.version, stock, counted.packPrice)
                .map(ProductView::of)
                .orElseThrow(() -> new Refusal(
                        HttpStatus.CONFLICT,
                        ProblemMessage.PRODUCT_CHANGED,
                        "version",
                        counted.version,
                        ProblemMessage.COUNT_AGAIN));
    }

    /** What lightener can be mixed from. */
    record LightenersView(List<LightenerView> lighteners, List<LightenerView.StirredView> additives) {}

    @GetMapping("/lighteners")
    @Operation(operationId = "lighteners", summary = "The lighteners in use, and what can be stirred into them")
    LightenersView lighteners() {
        Shelf shelf = shelves.inUse();
        return new LightenersView(
                shelf.lighteners(Set.of()).stream().map(LightenerView::of).toList(),
                shelf.additives().stream().map(LightenerView.StirredView::of).toList());
    }

    @GetMapping("/products/{id}/moves")
    @Operation(operationId = "stockMoves", summary = "What came and went of a product, newest first")
    List<ShelfStore.Move> moves(@PathVariable long id) {
        ShelfStore.Kept kept = store.find(id).orElseThrow(() -> noSuch(ProblemMessage.NO_PRODUCT, id));
        return store.moves(kept.item().product().code(), MOST_MOVES);
    }

    @PutMapping("/ranges/{id}")
    @Operation(operationId = "useRange", summary = "Work with a range or not, and prefer it to others")
    ShelfView use(@PathVariable long id, @RequestBody UseView use) {
        if (!store.use(id, use.inUse) || (use.preferred && !store.prefer(id))) {
            throw noSuch(ProblemMessage.NO_RANGE, id);
        }
        return shelf();
    }

    @DeleteMapping("/ranges/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "removeRange", summary = "Take a whole range off the shelf")
    void remove(@PathVariable long id) {
        if (!store.removeRange(id)) {
            throw noSuch(ProblemMessage.NO_RANGE, id);
        }
    }

    private static Refusal noSuch(ProblemMessage what, long id) {
        return new Refusal(HttpStatus.NOT_FOUND, what, "id", id, ProblemMessage.OFF_THE_SHELF);
    }

    /** A line that cannot be, and what to do. */
    record WrongLine(long line, String column, String value, String remedy) {
        static WrongLine of(ShelfImports.WrongLine wrong) {
            return new WrongLine(
                    wrong.line(),
                    wrong.column(),
                    wrong.value(),
                    Catalogue.spoken().say(wrong.remedy()));
        }
    }

    /** A file on its way in. */
    record ImportView(
            long id,
            String range,
            ShelfImports.State state,
            int done,
            int lines,

            @Schema(description = "every line that cannot be; with one, nothing is taken over")
            List<WrongLine> wrong,

            @Schema(description = "the first of what was read")
            List<ProductView> preview) {
        static ImportView of(ShelfImports.Import one) {
            return new ImportView(
                    one.id(),
                    one.range(),
                    one.state(),
                    one.done(),
                    one.lines(),
                    one.wrong().stream().map(WrongLine::of).toList(),
                    one.items().stream()
                            .limit(PREVIEWED)
                            .map(item -> ProductView.of(0, 0, 0, item))
                            .toList());
        }
    }

    @PostMapping(path = "/imports", consumes = "text/csv")
    @ResponseStatus(HttpStatus.ACCEPTED)
    @Operation(operationId = "beginImport", summary = "Read a range's file, to be looked at before it is taken over")
    ImportView begin(
            @Parameter(description = "what the range is called; one of that name is replaced") @RequestParam
                    String range,
            @RequestBody byte[] csv) {
        return ImportView.of(imports.begin(range, Csv.text(csv)));
    }

    @GetMapping("/imports/{id}")
    @Operation(operationId = "importProgress", summary = "How far reading a file is, and what was read")
    ImportView progress(@PathVariable long id) {
        return ImportView.of(imports.get(id));
    }

    @PostMapping("/imports/{id}/taken-over")
    @Operation(operationId = "takeOverImport", summary = "Put what was read on the shelf, all of it or nothing")
    ImportView takeOver(@PathVariable long id) {
        return ImportView.of(imports.takeOver(id));
    }

    @GetMapping(path = "/ranges/{id}/file", produces = "text/csv")
    @Operation(operationId = "exportRange", summary = "A range as a file that can be read in again")
    ResponseEntity<String> export(@PathVariable long id) {
        ShelfStore.Range range = store.ranges().stream()
                .filter(one -> one.id() == id)
                .findFirst()
                .orElseThrow(() -> noSuch(ProblemMessage.NO_RANGE, id));
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(fileName(range))
                                .build()
                                .toString())
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .body(file(store, range));
    }

    static String fileName(ShelfStore.Range range) {
        return range.name().replaceAll("[^A-Za-z0-9]+", "-") + ".csv";
    }

    /** A range as it can be read in again. */
    static String file(ShelfStore store, ShelfStore.Range range) {
        StringWriter text = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
            Csv.print(csv, ShelfFile.COLUMNS);
            for (ShelfStore.Kept kept : store.all()) {
                if (kept.rangeId() == range.id()) {
                    Csv.print(csv, ShelfFile.write(kept.item()));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }
}
