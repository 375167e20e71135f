package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import java.util.Arrays;
import java.util.List;
import mischung.Constants;
import mischung.hair.Past;
import mischung.process.Cover;
import mischung.process.Place;
import mischung.process.Wetness;
import mischung.product.DirectHue;
import mischung.server.words.Catalogue;
import mischung.validation.Check;
import mischung.validation.Checks;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The model at work, and what it is held against. Nothing is stored. */
@RestController
@RequestMapping(path = "/api/model", produces = MediaType.APPLICATION_JSON_VALUE)
class ModelController {
    record PastWord(Past.Kind value, String words, boolean dyed) {}

    record LaidWord(
            ModelRun.Laid value,
            String words,
            boolean lifts,
            boolean colours,
            double usualRatio,
            double usualAmount,
            double mostAmount,
            double usualVolume) {}

    record PlaceOnStrand(Place value, String words) {}

    record CoverWord(Cover value, String words) {}

    record WetnessWord(Wetness value, String words) {}

    record HueWord(DirectHue value, String words) {}

    record ModelChoices(
            List<PastWord> pasts,
            List<LaidWord> products,
            List<PlaceOnStrand> places,
            List<CoverWord> covers,
            List<WetnessWord> wetnesses,
            List<HueWord> hues) {}

    @GetMapping("/choices")
    @Operation(operationId = "modelChoices", summary = "What the model can be asked, with its words and usual values")
    ModelChoices choices() {
        return new ModelChoices(
                Arrays.stream(Past.Kind.values())
                        .map(v -> new PastWord(
                                v, Catalogue.spoken().word(v), v != Past.Kind.AS_GROWN && v != Past.Kind.LIFTED))
                        .toList(),
                Arrays.stream(ModelRun.Laid.values())
                        .map(v -> new LaidWord(
                                v,
                                Catalogue.spoken().word(v),
                                v.lifts(),
                                v.colours(),
                                v.usualRatio(),
                                v.usualAmount(),
                                v.mostAmount(),
                                v.usualVolume()))
                        .toList(),
                Arrays.stream(Place.values())
                        .map(v -> new PlaceOnStrand(v, Catalogue.spoken().word(v)))
                        .toList(),
                Arrays.stream(Cover.values())
                        .map(v -> new CoverWord(v, Catalogue.spoken().word(v)))
                        .toList(),
                Arrays.stream(Wetness.values())
                        .map(v -> new WetnessWord(v, Catalogue.spoken().word(v)))
                        .toList(),
                Arrays.stream(DirectHue.values())
                        .map(v -> new HueWord(v, Catalogue.spoken().word(v)))
                        .toList());
    }

    @PostMapping(path = "/run", consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(operationId = "runModel", summary = "One product on one band, over its time, with ranges")
    ModelView run(@RequestBody ModelRun run) {
        return ModelView.of(run);
    }

    /** One check as it stands now. */
    record CheckView(
            String rule, String says, String expected, String found, String basis, String source, boolean passes) {
        static CheckView of(Check check) {
            return new CheckView(
                    called(check.rule()),
                    Catalogue.spoken().sentence(check.says()),
                    Catalogue.spoken().say(check.expected()).strip(),
                    Catalogue.spoken().say(check.found()).strip(),
                    Catalogue.spoken().word(check.basis()),
                    check.source(),
                    check.passes());
        }
    }

    /** A rule by its number, a part of the model by its word. */
    private static String called(String rule) {
        return rule.matches("R\\d+") ? rule : Catalogue.spoken().word("modelPart." + rule);
    }

    record NotModelledView(String rule, String what, String why) {
        static NotModelledView of(String rule) {
            Catalogue words = Catalogue.spoken();
            return new NotModelledView(
                    rule, words.word("notModelled." + rule), words.word("notModelled." + rule + ".why"));
        }
    }

    record ConstantView(String group, String name, double value, String unit, String source) {}

    record ModelChecks(List<CheckView> checks, List<NotModelledView> notModelled, List<ConstantView> constants) {}

    @GetMapping("/checks")
    @Operation(operationId = "modelChecks", summary = "Every check, computed now by the code the tests run")
    ModelChecks checks() {
        return new ModelChecks(
                Checks.all().stream().map(CheckView::of).toList(),
                Checks.notModelled().stream().map(NotModelledView::of).toList(),
                Constants.all().stream()
                        .map(c -> new ConstantView(c.group(), c.name(), c.value(), c.unit(), c.source()))
                        .toList());
    }
}
