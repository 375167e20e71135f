package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mischung.e2e.Texts.say;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonPrimitive;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Hair as it is drawn: whatever makes it look like hair, its colour is the computed one. */
class HairTest extends OneApplication {
    private static final List<String> LIGHTS = List.of("daylight", "sun", "warm", "tube", "shop");
    private static final Set<String> ONLY_DIRECT =
            Set.of("YELLOW", "ORANGE", "PINK", "LILAC", "BLUE", "TEAL", "GREEN", "MINT");
    private static final double BAND_CM = 6;
    private static final int BANDS = 6;

    /** As CIELAB differs (CIE76), which for these colours is no less than CIEDE2000. */
    private static final double NOTICED = 2;

    /** Mean light of each band's pixels that are hair alone, a quarter of a centimetre from where the next begins. */
    private static final String MEANS = """
            length => [...document.querySelectorAll('.strand')].map(strand => {
              const canvas = strand.querySelector('canvas.tress');
              const shown = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height).data;
              const linear = v => v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
              const fine = canvas.width / strand.clientWidth;
              const perCm = canvas.width / length;
              return [...strand.querySelectorAll('.band')].map(band => {
                const from = Math.ceil(band.offsetLeft * fine + perCm / 3);
                const to = Math.floor((band.offsetLeft + band.offsetWidth) * fine - perCm / 3);
                const sum = [0, 0, 0];
                let count = 0;
                for (let y = 0; y < canvas.height; y++) {
                  for (let x = from; x < to; x++) {
                    const p = 4 * (y * canvas.width + x);
                    if (shown[p + 3] === 255) {
                      for (let c = 0; c < 3; c++) sum[c] += linear(shown[p + c] / 255);
                      count++;
                    }
                  }
                }
                return [...sum.map(all => all / count), count];
              });
            })
            """;

    private record Hair(String kind, double level, String tone, double grey) {}

    private List<Hair> everyLevelAndTone() {
        List<Hair> all = new ArrayList<>();
        for (int level = 1; level <= 12; level++) {
            if (level <= 10) {
                all.add(new Hair("NATURAL", level, "NATURAL", level == 4 ? 0.5 : 0));
            }
            all.add(new Hair("LIGHTENED", level, "AS_LIFTED", 0));
        }
        int level = 3;
        for (JsonElement tone : got("/api/vocabulary").getAsJsonArray("tones")) {
            String value = tone.getAsJsonObject().get("value").getAsString();
            if (tone.getAsJsonObject().get("wishable").getAsBoolean()) {
                all.add(new Hair(ONLY_DIRECT.contains(value) ? "DIRECT" : "COLOURED", level, value, 0));
                level = level == 10 ? 3 : level + 1;
            }
        }
        return all;
    }

    @Test
    void everyBandOfATressIsOfItsColourInEveryLight() {
        List<Hair> hair = everyLevelAndTone();
        assertThat(hair).hasSizeGreaterThan(30);
        int perHead = 5 * BANDS;
        for (int from = 0; from < hair.size(); from += perHead) {
            asDrawn(hair.subList(from, Math.min(hair.size(), from + perHead)));
        }
    }

    private void asDrawn(List<Hair> hair) {
        long id = copied(1, content -> {
            JsonArray zones = new JsonArray();
            int at = 0;
            for (JsonElement zone : content.getAsJsonArray("zones")) {
                JsonArray bands = new JsonArray();
                for (int b = 0; b < BANDS && at < hair.size(); b++, at++) {
                    Hair one = hair.get(at);
                    JsonObject band = band(zone, b * BAND_CM, (b + 1) * BAND_CM, one.kind, one.level, one.tone);
                    band.addProperty("greyShare", one.grey);
                    bands.add(band);
                }
                if (!bands.isEmpty()) {
                    zone.getAsJsonObject().add("bands", bands);
                    zones.add(zone);
                }
            }
            content.add("zones", zones);
        });
        page.navigate("/cases/" + id + "/read");
        assertThat(page.locator(".band.unread")).hasCount(0);
        assertThat(page.locator(".strand canvas")).not().hasCount(0);
        JsonArray looks = got("/api/cases/" + id).getAsJsonArray("looks");
        for (String light : LIGHTS) {
            for (int z = 0; z < looks.size(); z++) {
                JsonArray zone = looks.get(z).getAsJsonArray();
                double length = zone.size() * BAND_CM;
                List<?> drawn = (List<?>) ((List<?>) page.evaluate(MEANS, length)).get(z);
                for (int b = 0; b < zone.size(); b++) {
                    List<?> mean = (List<?>) drawn.get(b);
                    assertThat(number(mean.get(3))).isGreaterThan(1000);
                    assertThat(apart(lab(mean), lab(computed(zone.get(b), light))))
                            .as("%s in %s", hair.get(Math.min(hair.size() - 1, z * BANDS + b)), light)
                            .isLessThan(NOTICED);
                }
            }
            page.keyboard().press("l");
        }
    }

    @Test
    void aHeadIsOfTheColourOfItsHair() {
        long id = copied(1, content -> {
            for (JsonElement zone : content.getAsJsonArray("zones")) {
                zone.getAsJsonObject().add("bands", list(band(zone, 0, 24, "COLOURED", 6, "COPPER")));
            }
        });
        JsonElement look = got("/api/cases/" + id)
                .getAsJsonArray("looks")
                .get(0)
                .getAsJsonArray()
                .get(0);
        page.navigate("/cases/" + id + "/decide");
        Locator head = page.locator("canvas.head").first();
        assertThat(head).isVisible();
        assertThat(head).hasAttribute("aria-label", Pattern.compile("Back, Now.*6 copper"));
        for (String view : List.of("Back", "Front", "Left", "Right")) {
            page.locator(".head-steps")
                    .getByText(view, new Locator.GetByTextOptions().setExact(true))
                    .click();
            // The bust is grey: what is not, nor beside what is, is hair alone.
            List<?> mean = (List<?>) head.evaluate("""
                    canvas => {
                      const shown = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height).data;
                      const linear = v => v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
                      const sum = [0, 0, 0];
                      const hair = p => shown[p + 3] === 255 && shown[p] - shown[p + 2] > 14;
                      let count = 0;
                      for (let p = 4; p < shown.length - 4; p += 4) {
                        if (hair(p - 4) && hair(p) && hair(p + 4)) {
                          for (let c = 0; c < 3; c++) sum[c] += linear(shown[p + c] / 255);
                          count++;
                        }
                      }
                      return [...sum.map(all => all / count), count];
                    }
                    """);
            assertThat(number(mean.get(3))).isGreaterThan(4000);
            assertThat(apart(lab(mean), lab(computed(look, "daylight"))))
                    .as(view)
                    .isLessThan(NOTICED);
        }
    }

    /** Linear light of a colour as the server says it. */
    private static List<Double> computed(JsonElement look, String light) {
        String hex =
                look.getAsJsonObject().getAsJsonObject("colours").get(light).getAsString();
        List<Double> linear = new ArrayList<>();
        for (int c = 0; c < 3; c++) {
            double value = Integer.parseInt(hex.substring(1 + 2 * c, 3 + 2 * c), 16) / 255.0;
            linear.add(value <= 0.04045 ? value / 12.92 : Math.pow((value + 0.055) / 1.055, 2.4));
        }
        return linear;
    }

    /** CIELAB under D65 of linear light of a screen (IEC 61966-2-1, CIE 15). */
    private static double[] lab(List<?> light) {
        double red = number(light.get(0));
        double green = number(light.get(1));
        double blue = number(light.get(2));
        double x = root((0.4124 * red + 0.3576 * green + 0.1805 * blue) / 0.9505);
        double y = root(0.2126 * red + 0.7152 * green + 0.0722 * blue);
        double z = root((0.0193 * red + 0.1192 * green + 0.9505 * blue) / 1.089);
        return new double[] {116 * y - 16, 500 * (x - y), 200 * (y - z)};
    }

    private static double root(double t) {
        return t > Math.pow(6.0 / 29, 3) ? Math.cbrt(t) : t / (3 * Math.pow(6.0 / 29, 2)) + 4.0 / 29;
    }

    private static double apart(double[] one, double[] other) {
        return Math.sqrt(
                Math.pow(one[0] - other[0], 2) + Math.pow(one[1] - other[1], 2) + Math.pow(one[2] - other[2], 2));
    }

    private static double number(Object value) {
        return new JsonPrimitive((Number) value).getAsDouble();
    }

    @Test
    void pressingHairOnTheHeadTakesItsZoneInHand() {
        long id = copied(1);
        page.navigate("/cases/" + id + "/read");
        Locator head = page.locator(".read-heads canvas").last();
        assertThat(head).hasAttribute("aria-label", Pattern.compile("The head from behind. Fringe, 24 cm: .*Nape, "));
        Locator crown = page.locator("[data-zone=CROWN] .band").first();
        assertThat(crown).hasAttribute("aria-pressed", "false");
        BoundingBox box = head.boundingBox();
        page.mouse().click(box.x + box.width / 2, box.y + box.height * 0.12);
        assertThat(crown).hasAttribute("aria-pressed", "true");
    }

    /** Who minds no motion sees the head come round; what is asked for last is what is seen in the end. */
    @Test
    void theHeadTurnsFromViewToView() {
        long id = copied(1);
        page.navigate("/cases/" + id + "/before-after");
        Locator head = page.locator(".before-after canvas").first();
        seenFrom("visit.front");
        assertThat(head).hasAttribute("aria-label", Pattern.compile("Afterwards, front: .*"));
        Object front = drawn(head);
        page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.NO_PREFERENCE));
        page.reload();
        page.evaluate("""
                () => {
                  window.turns = 0;
                  const animate = Element.prototype.animate;
                  Element.prototype.animate = function (...how) {
                    window.turns += this.matches('.before-after canvas') ? 1 : 0;
                    return animate.apply(this, how);
                  };
                }
                """);
        assertThat(head).hasAttribute("aria-label", Pattern.compile("Afterwards, back: .*"));
        seenFrom("visit.left");
        seenFrom("visit.front");
        page.waitForCondition(() -> front.equals(drawn(head)));
        assertThat((int) page.evaluate("() => window.turns")).isGreaterThanOrEqualTo(4);
        page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
    }

    private static Object drawn(Locator head) {
        return head.evaluate("canvas => canvas.toDataURL()");
    }

    private void seenFrom(String view) {
        page.getByLabel(say("beforeAfter.seenFrom"))
                .getByText(say(view), new Locator.GetByTextOptions().setExact(true))
                .click();
    }

    @Test
    void theClientSeesTheHeadNowAndThen() {
        long id = copied(1);
        page.navigate("/cases/" + id + "/decide");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(say("visit.beforeAndAfter")))
                .click();
        Locator canvases = page.locator(".before-after canvas");
        assertThat(canvases).hasCount(2);
        assertThat(canvases.first()).hasAttribute("aria-label", Pattern.compile("Afterwards, back: .*natural"));
        assertThat(canvases.nth(1)).hasAttribute("aria-label", Pattern.compile("Now, back: .*pale yellow"));
        Locator line = page.getByRole(AriaRole.SLIDER);
        line.press("End");
        assertThat(page.locator(".before-after-now")).hasAttribute("style", Pattern.compile("inset\\(0(px)? 0%"));
        line.press("Home");
        assertThat(page.locator(".before-after-now")).hasAttribute("style", Pattern.compile("inset\\(0(px)? 100%"));
        Object afterwards = canvases.first().evaluate("canvas => canvas.toDataURL()");
        page.getByLabel(say("beforeAfter.howItFades")).getByText("8 weeks").click();
        assertThat(page.locator(".before-after-right"))
                .containsText(Pattern.compile("In 8 weeks, predicted; [12]\\.\\d cm have grown"));
        assertThat(canvases.first().evaluate("canvas => canvas.toDataURL()")).isNotEqualTo(afterwards);
        page.getByText("1. filler").click();
        assertThat(page.locator(".before-after-words")).containsText("orange or gold");
        assertThat(canvases.first().evaluate("canvas => canvas.toDataURL()")).isNotEqualTo(afterwards);
        page.getByText(say("visit.front"), new Page.GetByTextOptions().setExact(true))
                .click();
        assertThat(canvases.nth(1)).hasAttribute("aria-label", Pattern.compile("Now, front: "));
        page.keyboard().press("Escape");
        assertThat(page).hasURL(Pattern.compile(".*/decide"));
    }

    @Test
    void whiteFibresAreDrawnWhite() {
        long id = copied(1, content -> {
            JsonElement zone = content.getAsJsonArray("zones").get(0);
            JsonObject band = band(zone, 0, 30, "NATURAL", 3, "NATURAL");
            band.addProperty("greyShare", 0.4);
            zone.getAsJsonObject().add("bands", list(band));
            content.add("zones", list(zone));
        });
        page.navigate("/cases/" + id + "/read");
        Locator tress = page.locator(".strand canvas").first();
        assertThat(tress).isVisible();
        double light = number(tress.evaluate("""
                canvas => {
                  const shown = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height).data;
                  let light = 0;
                  let all = 0;
                  for (let p = 0; p < shown.length; p += 4) {
                    if (shown[p + 3] === 255) {
                      all++;
                      light += shown[p + 1] > 110 ? 1 : 0;
                    }
                  }
                  return light / all;
                }
                """));
        assertThat(light).isCloseTo(0.4, within(0.12));
    }
}
