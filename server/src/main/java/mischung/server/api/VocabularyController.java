package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import java.util.Arrays;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Density;
import mischung.hair.LevelScale;
import mischung.hair.Porosity;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.ZonePlace;
import mischung.plan.School;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The words of the trade and the swatches beside them, so that no screen keeps a list of its own. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class VocabularyController {
    record PlaceWord(ZonePlace value, String words) {}

    record ToneWord(Tone value, String words, boolean ofNaturalHair, boolean wishable) {}

    record PorosityWord(Porosity value, String words) {}

    record KindWord(BandKind value, String words) {}

    record DensityWord(Density value, String words) {}

    record ThicknessWord(Thickness value, String words) {}

    record SchoolWord(School value, String words, String why) {}

    record Limits(double longestCm, double shortestBandCm, double darkest, double lightest, double lightestWish) {}

    record Vocabulary(
            List<PlaceWord> places,
            List<ToneWord> tones,
            List<PorosityWord> porosities,
            List<KindWord> kinds,
            List<DensityWord> densities,
            List<ThicknessWord> thicknesses,
            List<SchoolWord> schools,
            Limits limits) {}

    @GetMapping("/vocabulary")
    @Operation(operationId = "vocabulary", summary = "What can be chosen, with its words")
    Vocabulary vocabulary() {
        return new Vocabulary(
                all(ZonePlace.values()).map(v -> new PlaceWord(v, v.words())).toList(),
                all(Tone.values())
                        .map(v ->
                                new ToneWord(v, v.words(), Band.TONES_OF_NATURAL_HAIR.contains(v), v != Tone.AS_LIFTED))
                        .toList(),
                all(Porosity.values()).map(v -> new PorosityWord(v, v.words())).toList(),
                all(BandKind.values()).map(v -> new KindWord(v, v.words())).toList(),
                all(Density.values()).map(v -> new DensityWord(v, v.words())).toList(),
                all(Thickness.values())
                        .map(v -> new ThicknessWord(v, v.words()))
                        .toList(),
                all(School.values())
                        .map(v -> new SchoolWord(v, v.words(), v.why()))
                        .toList(),
                new Limits(Band.LONGEST_CM, Band.SHORTEST_CM, LevelScale.DARKEST, LevelScale.LIGHTEST, 10));
    }

    private static <T> Stream<T> all(T[] values) {
        return Arrays.stream(values);
    }

    /** Hair of one level. */
    record Rung(double level, String words, LookView look) {}

    /** Natural and lifted hair side by side, darkest first, in halves. */
    record Ladder(List<Rung> natural, List<Rung> lifted) {}

    @GetMapping("/ladder")
    @Operation(operationId = "ladder", summary = "Hair of every level, natural and lifted, to read by")
    Ladder ladder() {
        return new Ladder(rungs(BandKind.NATURAL, Tone.NATURAL), rungs(BandKind.LIGHTENED, Tone.AS_LIFTED));
    }

    private static List<Rung> rungs(BandKind kind, Tone tone) {
        return DoubleStream.iterate(LevelScale.DARKEST, l -> l <= LevelScale.LIGHTEST, l -> l + 0.5)
                .mapToObj(l -> new Rung(l, LevelScale.words(l), Swatches.of(kind, l, tone)))
                .toList();
    }

    /** Hair of one tone. */
    record ToneSwatch(Tone tone, LookView look) {}

    @GetMapping("/tones")
    @Operation(operationId = "tones", summary = "Every tone hair of this kind can have at this level")
    List<ToneSwatch> tones(@RequestParam BandKind kind, @RequestParam double level) {
        double asked = LevelScale.requireHalves("level", level);
        return all(Tone.values())
                .filter(tone -> kind == BandKind.LIGHTENED || Band.TONES_OF_NATURAL_HAIR.contains(tone))
                .map(tone -> new ToneSwatch(tone, Swatches.of(kind, asked, tone)))
                .toList();
    }
}
