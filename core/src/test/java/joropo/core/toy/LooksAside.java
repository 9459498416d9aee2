package joropo.core.toy;

import joropo.core.lipseal.Layout;

/** What no family may do: it looks at another one. */
final class LooksAside {
    private LooksAside() {}

    static boolean isPair(Layout layout) {
        return layout.isPair();
    }
}
