package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import mischung.route.Decision;
import mischung.route.Route;
import mischung.server.words.Catalogue;
import mischung.wish.WorkedHead;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Routes side by side. */
@RestController
@RequestMapping(path = "/api/cases/{id}/routes", produces = MediaType.APPLICATION_JSON_VALUE)
class DecideController {
    private final Cases cases;
    private final Routes routes;

    DecideController(Cases cases, Routes routes) {
        this.cases = cases;
        this.routes = routes;
    }

    @GetMapping
    @Operation(operationId = "decideCase", summary = "All routes that were weighed, and those refused with the reason")
    DecisionView decide(@PathVariable long id) {
        Cases.Stored stored = cases.get(id);
        CheckedCase checked = stored.checked();
        Decision decision = routes.decided(stored);
        return DecisionView.of(
                decision,
                routes.route(stored, "").key(),
                WorkedHead.of(checked.head(), checked.wish()),
                Catalogue.spoken().say(checked.wish().said()),
                routes.rates());
    }

    @GetMapping("/first")
    @Operation(operationId = "firstRoute", summary = "The route by the chosen schools, while the others are weighed")
    DecisionView.RouteView first(@PathVariable long id) {
        Route first = routes.first(cases.get(id));
        return DecisionView.of(first, routes.rates());
    }
}
