package knollwind.e2e;

import com.google.gson.JsonObject;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.ReducedMotion;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Debian's Chromium without a window, as a designer's browser of 1280 by 800. */
public final class Chromium implements AutoCloseable {
    private static final double PATIENCE_MS = 45_000;

    private final Playwright playwright =
            Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    private BrowserContext profile;
    private final List<String> faults = new ArrayList<>();

    /**
     * The only page of a browser that has been at the address before, but remembers nothing of its own: what is fetched once
     * need not be fetched again. What the page logs as an error, and what it asks of other addresses, is kept.
     */
    public Page page(String address) {
        if (profile == null) {
            profile = launch();
            profile.onClose(closed -> profile = null);
        }
        List.copyOf(profile.pages()).forEach(Page::close);
        Page page = page(profile, address);
        JsonObject origin = new JsonObject();
        origin.addProperty("origin", address);
        origin.addProperty("storageTypes", "local_storage,indexeddb");
        CDPSession session = profile.newCDPSession(page);
        session.send("Storage.clearDataForOrigin", origin);
        session.detach();
        return page;
    }

    /** A profile in a folder: only there the browser keeps what it has compiled, which is most of what a page costs. */
    private BrowserContext launch() {
        try {
            return playwright
                    .chromium()
                    .launchPersistentContext(
                            Files.createTempDirectory("knollwind-profile"),
                            new BrowserType.LaunchPersistentContextOptions()
                                    .setExecutablePath(Path.of("/usr/bin/chromium"))
                                    .setViewportSize(1280, 800)
                                    .setAcceptDownloads(true)
                                    // A menu that is still coming up can miss a click.
                                    .setReducedMotion(ReducedMotion.REDUCE)
                                    .setArgs(List.of(
                                            "--no-sandbox",
                                            "--disable-quic",
                                            "--no-first-run",
                                            "--disable-background-networking",
                                            "--disable-component-update",
                                            "--disable-sync")));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** One more page, sharing the context's storage. */
    public Page page(BrowserContext context, String address) {
        context.setDefaultTimeout(PATIENCE_MS);
        Page page = context.newPage();
        com.microsoft.playwright.assertions.PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
        page.onConsoleMessage(message -> {
            if (message.type().equals("error")) {
                faults.add("console: " + message.text() + " at " + message.location());
            }
        });
        page.onPageError(error -> faults.add("page: " + error));
        page.onRequest(request -> {
            String url = request.url();
            if (!url.startsWith(address) && !url.startsWith("data:") && !url.startsWith("blob:")) {
                faults.add("asked of another address: " + url);
            }
        });
        return page;
    }

    /** Errors logged and foreign addresses asked since the last call. */
    public List<String> faults() {
        List<String> found = List.copyOf(faults);
        faults.clear();
        return found;
    }

    @Override
    public void close() {
        playwright.close();
    }
}
