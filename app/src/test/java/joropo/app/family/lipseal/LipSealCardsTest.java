package joropo.app.family.lipseal;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.Modifier;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.app.family.Card;
import joropo.app.family.CommonFields;
import joropo.app.family.Stage;
import joropo.app.ui.Field;
import org.junit.jupiter.api.Test;

/** No field is asked twice, and none is left on no card. */
class LipSealCardsTest {
    private static Stream<Field<?>> constants(Class<?> of) {
        return Arrays.stream(of.getDeclaredFields())
                .filter(f -> Modifier.isStatic(f.getModifiers()))
                .flatMap(f -> {
                    try {
                        Object value = f.get(null);
                        return value instanceof Field<?> field
                                ? Stream.of(field)
                                : value instanceof List<?> all
                                        ? all.stream()
                                                .filter(Field.class::isInstance)
                                                .map(o -> (Field<?>) o)
                                        : Stream.<Field<?>>empty();
                    } catch (IllegalAccessException e) {
                        return Stream.<Field<?>>empty();
                    }
                });
    }

    @Test
    void everyFieldStandsOnOneCard() {
        List<String> first = names(LipSealCards::of);
        List<String> further = names(LipSealCards::further);
        assertThat(first).doesNotHaveDuplicates();
        assertThat(further).doesNotHaveDuplicates();
        Set<String> common = constants(CommonFields.class).map(Field::name).collect(Collectors.toSet());
        Set<String> shown = Stream.concat(first.stream(), further.stream())
                .filter(n -> !n.startsWith("sign") && !common.contains(n))
                .collect(Collectors.toSet());
        Set<String> made = constants(LipSealFields.class).map(Field::name).collect(Collectors.toSet());
        assertThat(made).isNotEmpty();
        assertThat(shown).containsExactlyInAnyOrderElementsOf(made);
    }

    private static List<String> names(Function<Stage, List<Card>> cards) {
        return Arrays.stream(Stage.values())
                .flatMap(s -> cards.apply(s).stream())
                .flatMap(c -> c.fields().stream())
                .map(Field::name)
                .toList();
    }
}
