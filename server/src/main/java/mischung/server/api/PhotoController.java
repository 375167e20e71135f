package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import mischung.hair.Look;
import mischung.hair.Measured;
import mischung.hair.Past;
import mischung.hair.ReadIn;
import mischung.light.Illuminant;
import mischung.measure.CardPhoto;
import mischung.measure.Frame;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.server.photo.Picture;
import mischung.server.store.PhotoStore;
import mischung.server.store.Shredder;
import mischung.server.words.Catalogue;
import mischung.server.words.PageMessage;
import mischung.server.words.ProblemMessage;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Photographs of a case, and colour measured in them beside a grey card. */
@RestController
class PhotoController {
    private static final int LONGEST_WORDS = 120;

    private final PhotoStore photos;
    private final Cases cases;
    private final Shredder shredder;

    PhotoController(PhotoStore photos, Cases cases, Shredder shredder) {
        this.photos = photos;
        this.cases = cases;
        this.shredder = shredder;
    }

    /** What lights card and hair. */
    enum Lamp {
        UNKNOWN("not known, or mixed", Optional.empty()),
        DAYLIGHT("daylight", Optional.of(Illuminant.D65)),
        LOW_SUN("low sun", Optional.of(Illuminant.D50)),
        WARM_BULB("warm bulb", Optional.of(Illuminant.A)),
        COOL_TUBE("cool white tube", Optional.of(Illuminant.F2)),
        NARROW_TUBE("three-band tube", Optional.of(Illuminant.F11));

        private final String words;
        private final Optional<Illuminant> light;

        Lamp(String words, Optional<Illuminant> light) {
            this.words = words;
            this.light = light;
        }

        String words() {
            return words;
        }
    }

    record PhotoView(long id, String words, int width, int height, Instant takenInAt) {
        static PhotoView of(PhotoStore.Photo photo) {
            return new PhotoView(photo.id(), photo.words(), photo.width(), photo.height(), photo.takenInAt());
        }
    }

    /** A rectangle on the picture, in shares of its sides. */
    record FrameView(double x, double y, double width, double height) {
        Frame checked() {
            return new Frame(x, y, width, height);
        }
    }

    /** What is marked on a photograph. */
    record MarkedPatches(
            FrameView card,
            FrameView hair,

            @Schema(description = "what the card reflects, 0.05–0.95; the usual card 0.18")
            double cardReflectance,

            Lamp lamp) {}

    /** What was measured. */
    record MeasuredLook(
            CaseFile.MeasuredView measured,
            LookView look,

            @Schema(example = "6½ copper-gold, ± 2.1 in each of L*, a*, b*")
            String words) {
        static MeasuredLook of(Measured measured) {
            Look look = Look.of(ReadIn.of(measured.lab(), Past.of(Past.Kind.UNKNOWN))
                    .best()
                    .pigments()
                    .reflectance());
            return new MeasuredLook(
                    CaseFile.MeasuredView.of(measured),
                    LookView.of(look),
                    Catalogue.spoken()
                            .say(PageMessage.MEASURED
                                    .say()
                                    .level("level", look.level())
                                    .typed("tone", Catalogue.spoken().toneName(look.tone()))
                                    .tenth("spread", measured.spread())
                                    .said()));
        }
    }

    @GetMapping(path = "/api/cases/{id}/photos", produces = MediaType.APPLICATION_JSON_VALUE)
    @Operation(operationId = "photos", summary = "The photographs of a case")
    List<PhotoView> list(@PathVariable long id) {
        return photos.of(id).stream().map(PhotoView::of).toList();
    }

    @PostMapping(
            path = "/api/cases/{id}/photos",
            consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE},
            produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(
            operationId = "addPhoto",
            summary = "A JPEG or PNG of at most 15 MB; kept re-encoded, without place or camera")
    PhotoView add(@PathVariable long id, @RequestParam(defaultValue = "") String words, @RequestBody byte[] picture) {
        cases.get(id);
        if (words.length() > LONGEST_WORDS || words.chars().anyMatch(Character::isISOControl)) {
            throw new RefusedInput(
                    "words",
                    words,
                    RefusalMessage.ONE_LINE
                            .say()
                            .count("least", 0)
                            .count("most", LONGEST_WORDS)
                            .said());
        }
        if (photos.of(id).size() >= PhotoStore.MOST_OF_A_CASE) {
            throw new RefusedInput(
                    "photo",
                    "",
                    ProblemMessage.ENOUGH_PHOTOS
                            .say()
                            .count("most", PhotoStore.MOST_OF_A_CASE)
                            .said());
        }
        Picture made = Picture.of(picture);
        return PhotoView.of(photos.add(id, words.strip(), made.width(), made.height(), made.jpeg(), made.small()));
    }

    @GetMapping(path = "/api/photos/{id}", produces = MediaType.IMAGE_JPEG_VALUE)
    @Operation(operationId = "photo", summary = "A photograph, at most 2400 pixels wide or high")
    ResponseEntity<byte[]> jpeg(@PathVariable long id, @RequestParam(defaultValue = "false") boolean small) {
        byte[] bytes = (small ? photos.small(id) : photos.jpeg(id)).orElseThrow(() -> noSuchPhoto(id));
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .contentType(MediaType.IMAGE_JPEG)
                .body(bytes);
    }

    @PostMapping(path = "/api/photos/{id}/measure", produces = MediaType.APPLICATION_JSON_VALUE)
    @Operation(
            operationId = "measurePhoto",
            summary = "The colour of a patch of hair, corrected by the grey card beside it")
    MeasuredLook measure(@PathVariable long id, @RequestBody MarkedPatches marked) {
        byte[] jpeg = photos.jpeg(id).orElseThrow(() -> noSuchPhoto(id));
        return MeasuredLook.of(CardPhoto.measured(
                Picture.pixels(jpeg),
                CaseFile.at("card", marked.card::checked),
                CaseFile.at("hair", marked.hair::checked),
                marked.cardReflectance,
                marked.lamp.light));
    }

    @DeleteMapping("/api/photos/{id}")
    @Operation(operationId = "erasePhoto", summary = "Erase a photograph for good")
    ResponseEntity<Void> erase(@PathVariable long id) {
        if (!photos.erase(id)) {
            throw noSuchPhoto(id);
        }
        return Erased.answer(shredder);
    }

    private static Refusal noSuchPhoto(long id) {
        return new Refusal(HttpStatus.NOT_FOUND, ProblemMessage.NO_PHOTO, "id", id, ProblemMessage.ERASED);
    }
}
