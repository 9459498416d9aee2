package joropo.app;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.LinkedHashMap;
import java.util.Map;

/** Works a page as a person does, and counts by stage every tap, typed field, tick and choice. */
public final class Entries {
    private static final int DEEPEST_FOLD = 5;
    private static final String OPEN_HOLD = "() => [...document.querySelectorAll('#steps li.is-ready:has(b.hold) "
            + "button.done')].map(b => b.id)[0] ?? null";

    private final Page page;
    private final Map<String, Integer> byStage = new LinkedHashMap<>();
    private String stage = "";

    public Entries(Page page) {
        this.page = page;
    }

    public Page page() {
        return page;
    }

    /** What follows is counted under this stage. */
    public Entries at(String newStage) {
        stage = newStage;
        return this;
    }

    public Map<String, Integer> byStage() {
        return byStage;
    }

    public int total() {
        return byStage.values().stream().mapToInt(n -> n).sum();
    }

    private Locator counted(String selector) {
        byStage.merge(stage, 1, Integer::sum);
        return page.locator(selector).first();
    }

    public Entries tap(String selector) {
        counted(selector).click();
        return this;
    }

    /** The same by key: where the next button comes up under the finger, a second tap at once would not count. */
    public Entries press(String selector) {
        counted(selector).press("Enter");
        return this;
    }

    /** A tap on what is offered: it is taken when the sheet is saved with it. */
    public Entries take(String selector) {
        page.waitForResponse(r -> r.url().endsWith("/draft"), () -> press(selector));
        return this;
    }

    /** A tap that brings the page anew. */
    public Entries tapThrough(String selector) {
        page.evaluate("() => { window.before = true; }");
        tap(selector);
        page.waitForFunction("() => !window.before && document.readyState === 'complete'");
        return this;
    }

    /** One field after the other, each typed, chosen or ticked. @param idAndText in pairs */
    public Entries fill(String... idAndText) {
        for (int i = 0; i < idAndText.length; i += 2) {
            Locator field = counted("#" + idAndText[i]);
            unfold(field);
            String kind = (String) field.evaluate("e => e.tagName === 'SELECT' ? 'select' : e.type");
            switch (kind) {
                case "select" -> field.selectOption(idAndText[i + 1]);
                case "checkbox" -> field.check();
                default -> field.fill(idAndText[i + 1]);
            }
        }
        return this;
    }

    /** A closed card is opened by one tap on its head, unless the answer to what was typed opens it by itself. */
    private void unfold(Locator field) {
        Locator folds = page.locator("details:not([open])")
                .filter(new Locator.FilterOptions().setHas(page.locator("#" + field.getAttribute("id"))));
        if (folds.count() > 0) {
            page.waitForFunction("() => typeof saving === 'undefined' || !unsaved && !saving");
        }
        for (int i = 0; folds.count() > 0; i++) {
            if (i == DEEPEST_FOLD) {
                throw new IllegalStateException(
                        "A card does not stay open: " + folds.first().innerText());
            }
            byStage.merge(stage, 1, Integer::sum);
            folds.first().locator("summary").first().click();
        }
    }

    /** Enter from field to field until this one has the focus: no entry. */
    public Entries on(String id) {
        for (int i = 0; i < 20 && !isAt(id); i++) {
            page.keyboard().press("Enter");
        }
        if (!isAt(id)) {
            throw new IllegalStateException("Enter does not lead to " + id);
        }
        return this;
    }

    private boolean isAt(String id) {
        return Boolean.TRUE.equals(page.evaluate("id => document.activeElement.id === id", id));
    }

    /** Every hold that is open, one after the other. */
    public Entries holds() {
        page.waitForFunction("() => !unsaved && !saving");
        for (Object hold = page.evaluate(OPEN_HOLD); hold != null; hold = page.evaluate(OPEN_HOLD)) {
            press("#" + hold);
            page.locator("#" + hold).waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
        }
        return this;
    }

    /** The signature of Marisol; where something is open yet, it says what. */
    public Entries sign() {
        Locator open = page.locator(".open-list");
        if (open.count() > 0) {
            throw new IllegalStateException(
                    open.innerText() + page.locator("#rail").textContent().replaceAll("\\s+", " "));
        }
        fill("password", "guasimo-marisol").page().keyboard().press("Enter");
        page.locator("#sign-head:has-text('Signed')").waitFor();
        return this;
    }
}
