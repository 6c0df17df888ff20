package wrenlane.e2e;

import com.microsoft.playwright.Page;
import java.util.List;

/** Whoever reads feet meets no figure in metres alone, nor a speed in km/h. */
final class FeetPages {
    /** Beside a field both are said, so that a figure read off a metric tape can be checked. */
    private static final String METRIC_ALONE = """
            () => {
              const metric = /\\d[\\s\\u2009\\u00a0]?(m|cm|mm|km|km\\/h|m²)(?![\\w′])/;
              const found = new Set();
              document.querySelectorAll('details').forEach((d) => (d.open = true));
              const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
              while (texts.nextNode()) {
                const of = texts.currentNode.parentElement;
                const said = of.closest('.figures, p, li, td, text')?.textContent ?? texts.currentNode.textContent;
                if (of.closest('script, style, textarea') || !metric.test(texts.currentNode.textContent)) continue;
                if (!said.includes('′')) found.add(said);
              }
              document.querySelectorAll('[aria-valuetext], [aria-label], [placeholder]').forEach((of) => {
                for (const name of ['aria-valuetext', 'aria-label', 'placeholder']) {
                  const said = of.getAttribute(name);
                  if (said !== null && metric.test(said)) found.add(said);
                }
              });
              return [...found];
            }""";

    private FeetPages() {}

    /** Makes every page opened from now on one for feet and miles per hour. */
    static void chosen(Page page) {
        page.context()
                .addInitScript(
                        "localStorage.setItem('wren-lane.preferences', JSON.stringify({system: 'IMPERIAL', speed: 'mph'}))");
    }

    /** Texts that say metres alone. */
    static List<?> metresAlone(Page page) {
        return (List<?>) page.evaluate(METRIC_ALONE);
    }
}
