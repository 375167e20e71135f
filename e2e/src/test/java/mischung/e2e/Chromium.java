package mischung.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ReducedMotion;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** The system's own Chromium, headless, and what it asked for. */
final class Chromium implements AutoCloseable {
    /** In milliseconds. A slow machine is no fault; what is waited for mostly comes at once. */
    private static final double PATIENCE = 90_000;

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
    }

    private final Playwright playwright = Playwright.create();
    private final Browser browser = playwright
            .chromium()
            .launch(new BrowserType.LaunchOptions()
                    .setExecutablePath(Path.of(System.getProperty("mischung.chromium", "/usr/bin/chromium")))
                    .setArgs(List.of(
                            "--no-sandbox",
                            "--disable-gpu",
                            "--disable-quic",
                            "--no-first-run",
                            "--disable-background-networking",
                            "--disable-component-update",
                            "--disable-sync")));

    /** Every address any page asked for. */
    final List<String> asked = new ArrayList<>();

    /** What the pages complained of. */
    final List<String> complaints = new ArrayList<>();

    Page page(String address, int width, int height) {
        return page(address, width, height, false);
    }

    /** @param touch a tablet instead of a mouse */
    Page page(String address, int width, int height, boolean touch) {
        return pageIn(browser.newContext(options(address, width, height).setHasTouch(touch)));
    }

    /**
     * What pages share that are opened one after the other: what was fetched and compiled once. Without the offline worker: one per
     * language, they would put each other out.
     */
    BrowserContext shared(String address, boolean touch) {
        return browser.newContext(
                options(address, 1280, 800).setHasTouch(touch).setServiceWorkers(ServiceWorkerPolicy.BLOCK));
    }

    private static Browser.NewContextOptions options(String address, int width, int height) {
        return new Browser.NewContextOptions()
                .setBaseURL(address)
                .setLocale("en-GB")
                // The house's own certificate is trusted on a device by hand.
                .setIgnoreHTTPSErrors(true)
                // What moves is looked at in tests of its own.
                .setReducedMotion(ReducedMotion.REDUCE)
                .setViewportSize(width, height);
    }

    Page pageIn(BrowserContext context) {
        context.setDefaultTimeout(PATIENCE);
        Page page = context.newPage();
        page.onRequest(request -> asked.add(request.url()));
        page.onPageError(complaints::add);
        return page;
    }

    @Override
    public void close() {
        playwright.close();
    }
}
