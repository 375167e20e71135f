package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mischung.e2e.Texts.say;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.RequestOptions;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/** What every browser test has at hand: the program, a browser, a page, and cases of its own to work on. */
abstract class Browsing {
    static Running application;
    static Chromium chromium;

    /** Titles of what was begun or done at the chair, in order. */
    final List<String> pressed = new ArrayList<>();

    Page page;

    Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, named(name));
    }

    static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name).setExact(true);
    }

    /** Looked at in another light, by its name. */
    static void inLight(Page page, String light) {
        page.getByLabel(say("shared.light"), new Page.GetByLabelOptions().setExact(true))
                .click();
        page.locator(".ant-select-item-option:visible")
                .getByText(light, new Locator.GetByTextOptions().setExact(true))
                .click();
    }

    /** A route of Decide, opened up to its bowls and steps. */
    Locator openRoute(String words) {
        button(say("visit.openRoute", "words", words)).click();
        assertThat(page.locator(".opened[aria-busy=false]")).isVisible();
        return page.locator(".opened");
    }

    void saved() {
        assertThat(page.locator("[data-saving]")).hasAttribute("data-saving", "saved");
    }

    /** At the chair: one press begins, one ends. */
    void press() {
        String state = page.locator(".chair-main").getAttribute("data-state");
        String title = page.locator(".chair-main h2").textContent();
        String where = page.locator(".chair-where").textContent();
        pressed.add(title);
        button(say("NOW".equals(state) ? "chair.done" : "chair.beginIt")).click();
        page.waitForFunction(
                "([state, title, where]) => { const main = document.querySelector('.chair-main');"
                        + " return !main || main.dataset.state !== state"
                        + " || main.querySelector('h2').textContent !== title"
                        + " || main.querySelector('.chair-where').textContent !== where; }",
                List.of(state, title, where));
    }

    JsonObject got(String path) {
        APIResponse answer = page.request().get(application.address() + path);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return JsonParser.parseString(answer.text()).getAsJsonObject();
    }

    private static RequestOptions json(JsonObject sent) {
        return RequestOptions.create()
                .setHeader("Content-Type", "application/json")
                .setData(sent.toString());
    }

    /** The content of a case as it is kept. */
    JsonObject content(long id) {
        return got("/api/cases/" + id).getAsJsonObject("content");
    }

    /** A case as it is kept, changed behind the page's back. */
    void changed(long id, Consumer<JsonObject> change) {
        JsonObject kept = got("/api/cases/" + id);
        JsonObject content = kept.getAsJsonObject("content");
        change.accept(content);
        JsonObject sent = new JsonObject();
        sent.add("version", kept.get("version"));
        sent.add("content", content);
        APIResponse answer = page.request().put(application.address() + "/api/cases/" + id, json(sent));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    }

    /** A case of the test's own: another's file with changes, brought in again. @return its number */
    long copied(long of, Consumer<JsonObject> change) {
        JsonObject file = got("/api/cases/" + of + "/file");
        change.accept(file.getAsJsonObject("content"));
        APIResponse made = page.request().post(application.address() + "/api/cases/file", json(file));
        assertThat(made.status()).as(made.text()).isEqualTo(201);
        return JsonParser.parseString(made.text()).getAsJsonObject().get("id").getAsLong();
    }

    /** As one case is, so that no other test's work is met. @return its number */
    long copied(long of) {
        return copied(of, content -> {});
    }

    /** The first band of a zone with other words, as long as it is told. */
    static JsonObject band(JsonElement zone, double fromCm, double toCm, String kind, double level, String tone) {
        JsonObject band =
                zone.getAsJsonObject().getAsJsonArray("bands").get(0).deepCopy().getAsJsonObject();
        band.addProperty("fromCm", fromCm);
        band.addProperty("toCm", toCm);
        band.addProperty("kind", kind);
        band.addProperty("level", level);
        band.addProperty("tone", tone);
        band.addProperty("porosity", "NORMAL");
        band.addProperty("greyShare", 0);
        return band;
    }

    static JsonArray list(JsonElement... elements) {
        JsonArray all = new JsonArray();
        List.of(elements).forEach(all::add);
        return all;
    }
}
