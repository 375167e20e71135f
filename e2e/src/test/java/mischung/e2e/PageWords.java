package mischung.e2e;

import com.google.gson.JsonElement;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** The words on a page: whether they are whole, and whether they are the language's. */
final class PageWords {
    /** Words no English sentence does without and no German one has, and what this program says most. */
    private static final Pattern ENGLISH = Pattern.compile(
            "\\b(the|and|of|with|is|are|for|from|to|be|it|this|that|where|which|by|at|no|yes|your|you|bowls?|levels?|hair|lighter"
                    + "|darker|instead|choose|open|close|add|remove|done|next|back|wish|shade|grey|tone|roots?|ends|lengths?|crown|sides?"
                    + "|nape|fringe|developer|rinse|apply|mix|natural|copper|ash|red|violet|cool|daylight|bulb|none|all)\\b",
            Pattern.CASE_INSENSITIVE);

    /** Where people have typed something, or products have names. */
    private static final List<String> TYPED = List.of(
            "/api/clients",
            "/api/clients/1",
            "/api/shelf",
            "/api/house",
            "/api/cases/1",
            "/api/cases/2",
            "/api/cases/3",
            "/api/cases/4",
            "/api/cases/5");

    private PageWords() {}

    /** Words that lie beyond a box which shows nothing outside itself; what scrolls, and what only screen readers hear, is not cut. */
    static List<?> cut(Page page) {
        return (List<?>) page.evaluate("""
                () => {
                  const found = [];
                  const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
                  while (texts.nextNode()) {
                    const text = texts.currentNode;
                    const inside = text.parentElement;
                    if (text.data.trim() === '' || inside.closest('.unseen, style, script, title, [aria-hidden=true], .ant-table-tbody-virtual')) continue;
                    const range = document.createRange();
                    range.selectNodeContents(text);
                    const lines = [...range.getClientRects()].filter(line => line.width > 1 && line.height > 1);
                    let scrollsBeside = false;
                    let scrollsBelow = false;
                    for (let box = inside; box !== document.body; box = box.parentElement) {
                      const { overflowX, overflowY, visibility } = getComputedStyle(box);
                      if (visibility === 'hidden') break;
                      scrollsBeside ||= /auto|scroll/.test(overflowX);
                      scrollsBelow ||= /auto|scroll/.test(overflowY);
                      const edge = box.getBoundingClientRect();
                      const beside = overflowX !== 'visible' && !scrollsBeside
                        && lines.some(line => line.right > edge.right + 1.5 || line.left < edge.left - 1.5);
                      const below = overflowY !== 'visible' && !scrollsBelow
                        && lines.some(line => line.bottom > edge.bottom + 4 || line.top < edge.top - 4);
                      if (beside || below) {
                        found.push(text.data.trim().slice(0, 60) + ' in ' + box.className);
                        break;
                      }
                    }
                  }
                  return [...new Set(found)];
                }
                """);
    }

    /** How much wider than the screen it is, in pixels. */
    static int sideways(Page page) {
        return ((Number) page.evaluate("() => document.documentElement.scrollWidth - window.innerWidth")).intValue();
    }

    /** What can be read or heard on the page and is English, beside what somebody has typed. */
    static List<String> english(Page page, String address, List<String> more) {
        List<String> typed = new ArrayList<>(more);
        for (String path : TYPED) {
            texts(JsonParser.parseString(page.request().get(address + path).text()), typed);
        }
        typed.sort(Comparator.comparingInt(String::length).reversed());
        List<?> all = (List<?>) page.evaluate("""
                () => {
                  const found = [];
                  const seen = one => one.getClientRects().length > 0 && one.closest('[lang=en], style, script') === null;
                  const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
                  while (texts.nextNode()) {
                    const text = texts.currentNode;
                    if (seen(text.parentElement)) found.push(text.data);
                  }
                  for (const one of document.querySelectorAll('*')) {
                    if (seen(one)) {
                      for (const name of ['aria-label', 'title', 'placeholder', 'alt', 'aria-valuetext', 'aria-description']) {
                        if (one.hasAttribute(name)) found.push(one.getAttribute(name));
                      }
                    }
                  }
                  return [document.title, ...new Set(found.map(one => one.trim()).filter(one => one !== ''))];
                }
                """);
        return all.stream()
                .map(String::valueOf)
                .map(words -> typed.stream().reduce(words, (left, one) -> left.replace(one, "")))
                .filter(words -> ENGLISH.matcher(words).find())
                .toList();
    }

    private static void texts(JsonElement of, List<String> all) {
        if (of.isJsonPrimitive() && of.getAsJsonPrimitive().isString()) {
            Stream.of(of.getAsString()).filter(text -> text.length() > 2).forEach(all::add);
        } else if (of.isJsonArray()) {
            of.getAsJsonArray().forEach(one -> texts(one, all));
        } else if (of.isJsonObject()) {
            of.getAsJsonObject().asMap().values().forEach(one -> texts(one, all));
        }
    }
}
