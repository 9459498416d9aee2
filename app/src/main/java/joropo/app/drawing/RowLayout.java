package joropo.app.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Places labels along a line so that none touches the next, each as near to its wish as that allows. */
final class RowLayout {
    private RowLayout() {}

    /** A label with the middle it wishes for. */
    record Wish(double middle, double width) {}

    /**
     * Middles in the order of the wishes.
     *
     * @param gap least room between two, @param low left end, @param high right end of the line
     */
    static List<Double> place(List<Wish> wishes, double gap, double low, double high) {
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < wishes.size(); i++) {
            order.add(i);
        }
        order.sort(Comparator.comparingDouble(i -> wishes.get(i).middle()));
        double[] middle = new double[wishes.size()];
        double edge = low;
        for (int i : order) {
            double half = wishes.get(i).width() / 2;
            middle[i] = Math.max(wishes.get(i).middle(), edge + half);
            edge = middle[i] + half + gap;
        }
        edge = high;
        for (int n = order.size() - 1; n >= 0; n--) {
            int i = order.get(n);
            double half = wishes.get(i).width() / 2;
            middle[i] = Math.min(middle[i], edge - half);
            edge = middle[i] - half - gap;
        }
        List<Double> out = new ArrayList<>();
        for (double m : middle) {
            out.add(m);
        }
        return out;
    }
}
