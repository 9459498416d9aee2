package joropo.app.job;

import com.microsoft.playwright.Page;
import java.util.LinkedHashMap;
import java.util.Map;

/** Many fields of a sheet filled as one keystroke, closed cards opened on the way. */
final class Filling {
    private static final String FILL = "texts => { for (const [id, text] of Object.entries(texts)) { "
            + "const field = document.getElementById(id); "
            + "for (let d = field.closest('details'); d; d = d.parentElement.closest('details')) d.open = true; "
            + "if (field.type === 'checkbox') field.checked = text === 'yes'; else field.value = text; "
            + "if (field.tagName === 'SELECT' && field.value !== text) throw new Error(id + ' does not "
            + "offer ' + text); } "
            + "document.getElementById('sheet').dispatchEvent(new Event('input', { bubbles: true })); }";

    private Filling() {}

    /** Opens every closed card of the page. */
    static void unfold(Page page) {
        page.evaluate("() => document.querySelectorAll('details.fold').forEach(d => { d.open = true; })");
    }

    /** @param idAndText each field that is there, and what is typed, chosen or ticked in it */
    static void fill(Page page, String... idAndText) {
        Map<String, String> texts = new LinkedHashMap<>();
        for (int i = 0; i < idAndText.length; i += 2) {
            texts.put(idAndText[i], idAndText[i + 1]);
        }
        page.waitForResponse("**/draft", () -> page.evaluate(FILL, texts));
    }
}
