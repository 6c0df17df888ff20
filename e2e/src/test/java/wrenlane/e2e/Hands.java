package wrenlane.e2e;

import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** Somebody at a page, who counts what they press and what they type. */
abstract class Hands {
    final Page page;
    private int presses;
    private int fields;

    Hands(Page page) {
        this.page = page;
    }

    /** With a pointer. */
    static Hands withPointer(Page page) {
        return new Hands(page) {
            @Override
            void act(Locator control) {
                control.click();
            }

            @Override
            void write(Locator field, String text) {
                field.fill(text);
            }
        };
    }

    /** With the keyboard alone: to each control by Tab. */
    static Hands withKeyboard(Page page) {
        return new Hands(page) {
            /** More controls than any page has before the one that is looked for. */
            private static final int MOST_TABS = 120;

            @Override
            void act(Locator control) {
                reach(control);
                page.keyboard().press("Enter");
            }

            @Override
            void write(Locator field, String text) {
                reach(field);
                page.keyboard().press("ControlOrMeta+A");
                page.keyboard().type(text, new Keyboard.TypeOptions().setDelay(5));
            }

            private void reach(Locator control) {
                control.waitFor();
                for (int i = 0; i < MOST_TABS; i++) {
                    if ((Boolean) control.evaluate("e => e === document.activeElement")) {
                        return;
                    }
                    page.keyboard().press("Tab");
                }
                throw new AssertionError(control + " is not reached by Tab");
            }
        };
    }

    abstract void act(Locator control);

    abstract void write(Locator field, String text);

    void presses(String button) {
        presses++;
        act(App.button(page, button));
    }

    void follows(String link) {
        presses++;
        act(page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(link).setExact(true)));
    }

    void types(String field, String text) {
        fields++;
        write(page.getByLabel(field, new Page.GetByLabelOptions().setExact(true)), text);
    }

    int pressed() {
        return presses;
    }

    int typed() {
        return fields;
    }
}
