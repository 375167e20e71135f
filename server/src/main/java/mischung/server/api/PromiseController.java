package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import java.util.List;
import mischung.plan.Plan;
import mischung.route.Later;
import mischung.route.Promise;
import mischung.route.Route;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the client is promised of a route: on the screen, on paper, as a PDF. */
@RestController
@RequestMapping("/api/cases/{id}")
class PromiseController {
    private final Cases cases;
    private final Routes routes;
    private final HouseSettings house;

    PromiseController(Cases cases, Routes routes, HouseSettings house) {
        this.cases = cases;
        this.routes = routes;
        this.house = house;
    }

    @GetMapping(path = "/promise", produces = MediaType.APPLICATION_JSON_VALUE)
    @Operation(operationId = "promise", summary = "What the client is told of a route, in plain words")
    PromiseView promise(
            @PathVariable long id,
            @Parameter(description = "its key; empty: the chosen one") @RequestParam(defaultValue = "") String route) {
        Cases.Stored stored = cases.get(id);
        Route asked = routes.route(stored, route);
        Promise promise = Promise.of(
                asked,
                routes.rates(),
                stored.checked().history().washesPerWeek(),
                house.now().inches());
        return PromiseView.of(stored.checked(), asked.key(), promise);
    }

    @GetMapping(path = "/later", produces = MediaType.APPLICATION_JSON_VALUE)
    @Operation(
            operationId = "later",
            summary = "How the head looks some weeks after the last visit of a route: washed out, and grown")
    List<LaterView> later(
            @PathVariable long id,
            @Parameter(description = "its key; empty: the chosen one") @RequestParam(defaultValue = "") String route) {
        Cases.Stored stored = cases.get(id);
        return Later.of(routes.route(stored, route).plan(), stored.checked().history()).stream()
                .map(LaterView::of)
                .toList();
    }

    @GetMapping(path = "/promise.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    @Operation(operationId = "promisePdf", summary = "The same as a PDF")
    ResponseEntity<byte[]> pdf(@PathVariable long id, @RequestParam(defaultValue = "") String route) {
        PromiseView promise = promise(id, route);
        Plan plan = routes.route(cases.get(id), route).plan();
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("promise-" + id + "-" + promise.date() + ".pdf")
                                .build()
                                .toString())
                .body(PromisePdf.of(promise, plan));
    }
}
