package joropo.app;

import com.microsoft.playwright.Page;

/** A person without a pointer: Tab finds, keys type, Enter moves on. */
public final class Keyboard {
    private static final int MOST_TABS = 120;

    private final Page page;

    public Keyboard(Page page) {
        this.page = page;
    }

    /** Presses Tab until what has the focus matches; fails when it is never reached. */
    public Keyboard to(String selector) {
        for (int i = 0; i < MOST_TABS; i++) {
            if (has(selector)) {
                return this;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError("Tab never reaches " + selector + " on " + page.url() + ", which says:\n"
                + page.locator("main").innerText());
    }

    public boolean has(String selector) {
        return (Boolean)
                page.evaluate("s => document.activeElement !== null && document.activeElement.matches(s)", selector);
    }

    public Keyboard type(String text) {
        page.keyboard().type(text);
        return this;
    }

    public Keyboard press(String key) {
        page.keyboard().press(key);
        return this;
    }

    /** Types into a field and goes on with Enter, as at the bench. */
    public Keyboard field(String name, String text) {
        return to("#" + name).type(text).press("Enter");
    }

    /** Picks an answer of a list by its first letters and goes on with Enter. */
    public Keyboard pick(String name, String words) {
        return to("#" + name).type(words).press("Enter");
    }

    public Keyboard tick(String name) {
        return to("#" + name).press("Space");
    }

    /** Presses the button or link with Enter and waits for the page it leads to. */
    public void enterTo(String selector, String urlPattern) {
        to(selector).press("Enter");
        page.waitForURL(urlPattern);
    }
}
