package wrenlane.e2e;

import com.microsoft.playwright.Page;
import java.util.List;

/** Whoever writes decimal commas meets no decimal point, in words, in names of controls or in fields. */
final class CommaPages {
    /** An address of a network has points in any language. */
    private static final String POINTS = """
            () => {
              const point = /(?<![\\d.])\\d+\\.\\d+(?![\\d.])/;
              const found = new Set();
              document.querySelectorAll('details').forEach((d) => (d.open = true));
              const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
              while (texts.nextNode()) {
                const text = texts.currentNode;
                if (point.test(text.textContent) && !text.parentElement.closest('script, style')) found.add(text.textContent);
              }
              document.querySelectorAll('[aria-valuetext], [aria-label], [placeholder], [title]').forEach((of) => {
                for (const name of ['aria-valuetext', 'aria-label', 'placeholder', 'title']) {
                  const said = of.getAttribute(name);
                  if (said !== null && point.test(said)) found.add(`${name}: ${said}`);
                }
              });
              document.querySelectorAll('input:not([type]), input[type=text], textarea').forEach((of) => {
                if (point.test(of.value)) found.add(`field: ${of.value}`);
              });
              return [...found];
            }""";

    private CommaPages() {}

    /** What has a decimal point. */
    static List<?> points(Page page) {
        return (List<?>) page.evaluate(POINTS);
    }
}
