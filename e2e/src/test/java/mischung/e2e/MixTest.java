package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mischung.e2e.Texts.say;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A bowl on the scale, from the first gram to what was left; and the shelf it is weighed from. */
class MixTest extends OneApplication {
    private Locator part(int number) {
        return page.locator(".mix-parts li").nth(number - 1);
    }

    private void pour(String grams) {
        page.getByLabel(say("mix.gramsToPourOnThe")).fill(grams);
        page.getByLabel(say("mix.standInScale"))
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(say("mix.pour2")).setExact(true))
                .click();
    }

    private double onTheShelf(String find) {
        page.navigate("/shelf");
        page.getByLabel(say("shelf.findAProduct")).fill(find);
        Locator all = page.locator(".products strong").first();
        assertThat(all).isVisible();
        assertThat(page.locator(".products-head small")).hasText("1 products");
        return Double.parseDouble(all.innerText().split(" ", -1)[0]);
    }

    /** What the first bowl is to hold, as the program says it. */
    private List<JsonObject> lines(long id) {
        List<JsonObject> all = new ArrayList<>();
        JsonParser.parseString(page.request()
                        .get(application.address() + "/api/cases/" + id + "/mix")
                        .text())
                .getAsJsonObject()
                .getAsJsonArray("cards")
                .get(0)
                .getAsJsonObject()
                .getAsJsonArray("lines")
                .forEach(line -> all.add(line.getAsJsonObject()));
        return all;
    }

    private static double grams(JsonObject line, String field) {
        return line.get(field).getAsDouble();
    }

    @Test
    void aBowlIsWeighedOverPouredReComputedAndTheStockMoves() {
        long id = copied(1);
        List<JsonObject> planned = lines(id);
        String second = planned.get(1).get("code").getAsString();
        double wanted = grams(planned.get(1), "plannedGrams");
        double before = onTheShelf(second);
        page.navigate("/cases/" + id + "/mix");
        assertThat(part(1)).hasClass("next-part");
        assertThat(part(1)).containsText(whole(grams(planned.get(0), "plannedGrams")) + " g");
        // What is wanted settles on the scale and is taken by itself; the next part follows.
        button(say("mix.pourWhatIsWanted")).click();
        assertThat(part(2)).hasClass("next-part");
        assertThat(part(1)).containsText("g in");

        double poured = Math.rint(wanted * 1.4) + 1;
        pour(whole(poured));
        Locator taken = button(say("mix.itIsInReCompute"));
        assertThat(taken).isEnabled();
        assertThat(page.locator(".scale-state")).containsText("over by");
        taken.click();
        assertThat(page.locator(".mix-card .finding")).containsText("Over-poured");
        // Everything else grows by as much, so the first part lacks some again.
        assertThat(part(1)).hasClass("next-part");
        List<JsonObject> grown = lines(id);
        for (int i = 0; i < planned.size(); i++) {
            assertThat(grams(grown.get(i), "targetGrams"))
                    .isCloseTo(
                            grams(planned.get(i), "plannedGrams") * poured / wanted,
                            within(0.05 + 0.03 * grams(planned.get(i), "plannedGrams")));
        }

        double after = onTheShelf(second);
        assertThat(before - after).isBetween(poured - 0.2, poured + 0.2);
        page.navigate("/cases/" + id + "/mix");
        assertThat(part(2)).containsText("in · planned " + whole(wanted) + " g");
        button(say("mix.takeTheLastWeightBack")).click();
        assertThat(page.locator(".mix-card .finding")).hasCount(0);
        assertThat(part(2)).hasClass("next-part");
        assertThat(onTheShelf(second)).isBetween(before - 0.15, before + 0.15);
    }

    private static String whole(double grams) {
        return Long.toString(Math.round(grams));
    }

    /** The product is in the bowl: what was not taken stays on the scale, and is taken once it is answered. */
    @Test
    void aWeighingThatFailsDoesNotTare() {
        long id = copied(1);
        page.navigate("/cases/" + id + "/mix");
        assertThat(part(1)).hasClass("next-part");
        page.route("**/mix/weighings", route -> route.abort());
        button(say("mix.pourWhatIsWanted")).click();
        assertThat(page.getByText(say("shared.theProgramDoesNotAnswer"))).isVisible();
        assertThat(page.locator(".scale-shown")).not().hasText(Pattern.compile("^-?0\\.\\d g$"));
        page.unroute("**/mix/weighings");
        button(say("mix.takeTheReading")).click();
        assertThat(part(1)).containsText("g in");
        assertThat(page.locator(".scale-shown")).hasText(Pattern.compile("^-?0\\.\\d g$"));
    }

    @Test
    void aPulledPlugLosesNothing() {
        long id = copied(1);
        String second = whole(grams(lines(id).get(1), "plannedGrams"));
        page.navigate("/cases/" + id + "/mix");
        button(say("mix.pourWhatIsWanted")).click();
        assertThat(part(2)).hasClass("next-part");
        button(say("mix.unplugIt")).click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("What was weighed is kept");
        assertThat(part(1)).containsText("g in");
        page.getByLabel(say("mix.gramsWeighedByHand")).fill(second);
        page.getByLabel(say("mix.gramsWeighedByHand")).press("Enter");
        assertThat(part(3)).hasClass("next-part");
        application.killAndRestart();
        page.reload();
        assertThat(part(1)).containsText("g in");
        assertThat(part(2)).containsText(second + " g in");
        assertThat(part(3)).hasClass("next-part");
    }

    @Test
    void whatIsLeftTeachesTheNextEstimate() {
        long id = copied(1);
        page.navigate("/cases/" + id + "/mix");
        page.locator(".mix-line").nth(2).click();
        for (int i = 1; i <= 3; i++) {
            assertThat(part(i)).hasClass("next-part");
            String grams = part(i).locator(".mix-grams").innerText().replace(" g", "");
            page.getByLabel(say("mix.gramsWeighedByHand")).fill(grams);
            page.getByLabel(say("mix.gramsWeighedByHand")).press("Enter");
        }
        assertThat(page.locator(".mix-full")).containsText("Full");
        page.getByLabel(say("mix.gramsLeftOver")).fill("50");
        button(say("mix.bowlDone")).click();
        assertThat(page.locator(".mix-line.done")).hasCount(1);
        assertThat(page.locator(".mix-list .finding")).containsText("1 bowl whose rest was weighed");
        // What is mixed later that day already goes by it.
        assertThat(page.locator(".mix-line").nth(0).locator(".mix-sum")).not().containsText("84 g");
    }

    @Test
    void aRangeIsBroughtLookedAtAndWorkedWith() {
        page.navigate("/shelf");
        String header = "kind,code,name,class,level,tone,pack_g,packs\n";
        page.getByLabel(say("shelf.rangeFile"))
                .setInputFiles(file(header
                        + "shade,a1,,demi,6,purple,60,2\nshade,a2,,demi,60,gold,60,2\nshade,a3,,,6,gold,60,2\n"));
        Locator preview = page.locator(".range-preview");
        assertThat(preview).containsText("3 lines are wrong");
        assertThat(preview).containsText("Line 2, tone “purple”");
        assertThat(preview).containsText("Line 3, level “60”");
        assertThat(preview).containsText("Line 4, class");
        assertThat(button(say("shelf.putAllOfItOn"))).isDisabled();
        button(say("shelf.leaveIt")).click();

        page.getByLabel(say("shelf.nameOfTheNewRange")).fill("Own range");
        page.getByLabel(say("shelf.rangeFile"))
                .setInputFiles(file(header + "shade,a1,Own copper,demi,6,copper,60,2\nshade,a2,,demi,8,gold,60,2\n"));
        assertThat(preview).containsText("Own copper");
        button(say("shelf.putAllOfItOn")).click();
        assertThat(page.locator("[data-range='Own range']")).containsText("2 products · preferred");
        assertThat(page.locator(".products")).containsText("Own copper");
        page.getByLabel(say("shelf.whatIsShown")).getByText(say("shelf.toBuy")).click();
        // Every head that is booked is planned anew with the new range: on a busy machine that takes its time.
        assertThat(page.getByLabel(
                                say("shelf.toBuy"),
                                new com.microsoft.playwright.Page.GetByLabelOptions().setExact(true))
                        .last())
                .containsText("plans until", new LocatorAssertions.ContainsTextOptions().setTimeout(120_000));
        page.getByLabel(say("shelf.whatIsShown"))
                .getByText(say("shelf.whatThereIs"))
                .click();
        button(say("shelf.takeOffTheShelf", "name", "Own range")).click();
        assertThat(page.locator("[data-range='Own range']")).hasCount(0);
    }

    private static FilePayload file(String csv) {
        return new FilePayload("own.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void countingAProduct() {
        page.navigate("/shelf");
        page.getByLabel(say("shelf.findAProduct")).fill("bond");
        button("Count bond treatment bond-treatment").click();
        page.getByLabel(say("shelf.gramsInOpenedPacksOne")).fill("30 55.5");
        button(say("shelf.keep")).click();
        assertThat(page.locator(".moves")).containsText("counted");
        page.keyboard().press("Escape");
        assertThat(page.locator(".products")).containsText("30 g, 55.5 g");
        assertThat(page.locator(".products")).containsText("335.5 g");
    }
}
