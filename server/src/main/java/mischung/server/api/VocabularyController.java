package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Arrays;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import mischung.consultation.Answer;
import mischung.consultation.CutStrand;
import mischung.consultation.HomeColour;
import mischung.consultation.Keep;
import mischung.consultation.PatchTest;
import mischung.consultation.Scalp;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandLine;
import mischung.hair.Density;
import mischung.hair.Elasticity;
import mischung.hair.LevelScale;
import mischung.hair.Porosity;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.hair.ZonePlace;
import mischung.history.Service;
import mischung.history.Where;
import mischung.light.Srgb;
import mischung.plan.Action;
import mischung.plan.LiftWay;
import mischung.process.Wetness;
import mischung.product.ShadeClass;
import mischung.school.Between;
import mischung.school.FillerOn;
import mischung.school.Hold;
import mischung.school.Pace;
import mischung.school.Pull;
import mischung.school.Rinse;
import mischung.school.School;
import mischung.school.Start;
import mischung.school.TakeOut;
import mischung.sequence.Durations;
import mischung.server.words.Catalogue;
import mischung.wish.Aim;
import mischung.wish.Design;
import mischung.wish.Edge;
import mischung.wish.Grey;
import mischung.wish.Layer;
import mischung.wish.Region;
import mischung.wish.Wish;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The words of the trade and the swatches beside them, so that no screen keeps a list of its own. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class VocabularyController {
    private final Shelves shelves;

    VocabularyController(Shelves shelves) {
        this.shelves = shelves;
    }

    /** @param mirrored the same on the other side of the head */
    record PlaceWord(ZonePlace value, String words, List<ZonePlace> halves, ZonePlace mirrored) {}

    record ToneWord(Tone value, String words, boolean ofNaturalHair, boolean wishable) {}

    record PorosityWord(Porosity value, String words) {}

    record KindWord(BandKind value, String words, Tone usualTone) {}

    record DensityWord(Density value, String words) {}

    record ThicknessWord(Thickness value, String words) {}

    /** A choice with one line of why and when. */
    record Choice<T>(T value, String words, String why) {}

    /** A choice that is no more than its words. */
    record Word<T>(T value, String words) {}

    /** A figure of how long things take. */
    record DurationWord(
            @Schema(example = "seconds a foil") String name,
            @Schema(example = "A foil") String words,
            @Schema(example = "s") String unit,
            @Schema(description = "as it ships") double value) {}

    /** @param usual how it is first thought of, on no hair yet */
    record ActionWord(Action value, String words, boolean deposits, boolean lifts, RoundView.LayingView usual) {}

    record ClassWord(ShadeClass value, String words, double ratio, double minutes) {}

    record ShadeWord(String code, String words, ShadeClass shadeClass) {}

    record ServiceWord(Service value, String words, boolean colours, boolean marks, boolean cuts) {}

    /** @param value the name of its colour among those of a look */
    record LightWord(String value, String words) {}

    record LampWord(PhotoController.Lamp value, String words) {}

    record Limits(double longestCm, double shortestBandCm, double darkest, double lightest, double lightestWish) {}

    record Vocabulary(
            List<PlaceWord> places,
            List<ToneWord> tones,
            List<PorosityWord> porosities,
            List<KindWord> kinds,
            List<DensityWord> densities,
            List<ThicknessWord> thicknesses,
            List<Choice<School>> schools,
            List<Choice<Rinse>> rinses,
            List<Choice<FillerOn>> fillerOns,
            List<Choice<Hold>> holds,
            List<Choice<TakeOut>> takeOuts,
            List<Choice<Pull>> pulls,
            List<Choice<Between>> betweens,
            List<Choice<Start>> starts,
            List<Choice<Pace>> paces,
            List<Choice<Grey>> greys,
            List<Word<Design.Kind>> designs,
            List<Beginnings.Beginning> beginnings,
            List<Word<Layer.Purpose>> purposes,
            List<Choice<Layer.Direction>> directions,
            List<Word<Edge.At>> edges,
            List<Word<Region.Which>> whiches,
            List<Word<LayerView.PatternKind>> patterns,
            List<Word<LayerView.WhatKind>> whatKinds,
            List<ActionWord> actions,
            List<Word<LiftWay>> liftWays,
            List<Word<Wetness>> wetnesses,
            List<ClassWord> shadeClasses,
            List<ShadeWord> shades,
            List<Double> developers,
            List<Word<Elasticity>> stretches,
            List<Word<Answer>> answers,
            List<Word<Scalp>> scalps,
            List<Word<HomeColour>> homeColours,
            List<Word<CutStrand>> cutStrands,
            List<Word<PatchTest.Result>> patchResults,
            List<Word<Keep>> keeps,
            List<Word<StrandTestView.Breakage>> breakages,
            List<Word<CaseFile.Status>> statuses,
            List<ServiceWord> services,
            List<Word<Where>> wheres,
            List<LampWord> lamps,
            List<LightWord> lights,
            List<DurationWord> durations,
            Limits limits) {}

    @GetMapping("/vocabulary")
    @Operation(operationId = "vocabulary", summary = "What can be chosen, with its words")
    Vocabulary vocabulary() {
        Catalogue said = Catalogue.spoken();
        return new Vocabulary(
                all(ZonePlace.values())
                        .map(v -> new PlaceWord(v, said.word(v), v.halves(), Region.mirrored(v)))
                        .toList(),
                all(Tone.values())
                        .map(v -> new ToneWord(
                                v, said.word(v), BandKind.NATURAL.tones().contains(v), v.wishable()))
                        .toList(),
                all(Porosity.values())
                        .map(v -> new PorosityWord(v, said.word(v)))
                        .toList(),
                all(BandKind.values())
                        .map(v -> new KindWord(v, said.word(v), v.usualTone()))
                        .toList(),
                all(Density.values()).map(v -> new DensityWord(v, said.word(v))).toList(),
                all(Thickness.values())
                        .map(v -> new ThicknessWord(v, said.word(v)))
                        .toList(),
                choices(School.values()),
                choices(Rinse.values()),
                choices(FillerOn.values()),
                choices(Hold.values()),
                choices(TakeOut.values()),
                choices(Pull.values()),
                choices(Between.values()),
                choices(Start.values()),
                choices(Pace.values()),
                choices(Grey.values()),
                words(Design.Kind.values()),
                Beginnings.all(),
                words(Layer.Purpose.values()),
                choices(Layer.Direction.values()),
                words(Edge.At.values()),
                words(Region.Which.values()),
                words(LayerView.PatternKind.values()),
                words(LayerView.WhatKind.values()),
                all(Action.values())
                        .map(v -> new ActionWord(v, said.word(v), v.deposits(), v.lifts(), RoundView.usual(v)))
                        .toList(),
                words(LiftWay.values()),
                words(Wetness.values()),
                all(ShadeClass.values())
                        .map(v -> new ClassWord(v, said.word(v), v.developerPerColour(), v.fullMinutes()))
                        .toList(),
                shelves.inUse().items().stream()
                        .flatMap(item -> item.product().shade().stream()
                                .map(s -> new ShadeWord(s.code(), item.product().name(), s.shadeClass())))
                        .toList(),
                shelves.inUse().developers().stream()
                        .map(item -> item.product().volume())
                        .distinct()
                        .sorted()
                        .toList(),
                words(Elasticity.values()),
                words(Answer.values()),
                words(Scalp.values()),
                words(HomeColour.values()),
                words(CutStrand.values()),
                words(PatchTest.Result.values()),
                words(Keep.values()),
                words(StrandTestView.Breakage.values()),
                words(CaseFile.Status.values()),
                all(Service.values())
                        .map(v -> new ServiceWord(v, said.word(v), v.colours(), v.marks(), v == Service.HAIRCUT))
                        .toList(),
                words(Where.values()),
                all(PhotoController.Lamp.values())
                        .map(v -> new LampWord(v, said.word(v)))
                        .toList(),
                LookView.LIGHTS.entrySet().stream()
                        .map(light -> new LightWord(light.getKey(), said.word(light.getValue())))
                        .toList(),
                Durations.names().stream()
                        .map(name -> new DurationWord(
                                name,
                                said.word(durationKey(name)),
                                said.word(durationKey(name) + ".unit"),
                                Durations.shipped(name)))
                        .toList(),
                new Limits(Band.LONGEST_CM, Band.SHORTEST_CM, LevelScale.DARKEST, LevelScale.LIGHTEST, Wish.LIGHTEST));
    }

    private static String durationKey(String name) {
        return "duration." + name.replace(' ', '_');
    }

    private static <T extends Enum<T>> List<Choice<T>> choices(T[] values) {
        Catalogue said = Catalogue.spoken();
        return all(values).map(v -> new Choice<>(v, said.word(v), said.why(v))).toList();
    }

    private static <T extends Enum<T>> List<Word<T>> words(T[] values) {
        Catalogue said = Catalogue.spoken();
        return all(values).map(v -> new Word<>(v, said.word(v))).toList();
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
                .mapToObj(l -> new Rung(l, LevelScale.words(l), Swatches.of(kind, l, ToneMix.of(tone))))
                .toList();
    }

    @GetMapping("/picked-colour")
    @Operation(
            operationId = "pickedColour",
            summary = "A colour as hair: picked on the screen (sRGB), named by the nearest level and tone")
    AimView picked(@Parameter(example = "#8a5a3c") @RequestParam String hex) {
        return AimView.of(Aim.picked(Srgb.ofHex(hex).toXyz().toLab()));
    }

    @PostMapping("/measured-colour")
    @Operation(operationId = "measuredColour", summary = "A measured colour, named by the nearest level and tone")
    AimView measured(@RequestBody AimView.PickedView colour) {
        return AimView.of(Aim.picked(colour.checked()));
    }

    /** Hair of one tone. */
    record ToneSwatch(Tone tone, LookView look) {}

    @GetMapping("/tones")
    @Operation(operationId = "tones", summary = "Every tone hair of this kind can have at this level")
    List<ToneSwatch> tones(@RequestParam BandKind kind, @RequestParam double level) {
        double asked = LevelScale.requireHalves("level", level);
        return all(Tone.values())
                .filter(tone -> kind.tones().contains(tone))
                .map(tone -> new ToneSwatch(tone, Swatches.of(kind, asked, ToneMix.of(tone))))
                .toList();
    }

    /** A strand typed in one line. */
    record Line(@Schema(example = "6n 5, 8l 13, 10lp 38") String line) {}

    @PostMapping("/strand-line")
    @Operation(
            operationId = "readLine",
            summary = "The bands that a typed line means; refused with the place that is not understood")
    List<CaseFile.BandView> readLine(@RequestBody Line typed) {
        return BandLine.read(typed.line).bands().stream()
                .map(CaseFile.BandView::of)
                .toList();
    }
}
