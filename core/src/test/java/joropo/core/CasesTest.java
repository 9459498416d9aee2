package joropo.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;
import joropo.core.assembly.AlignmentCheck;
import joropo.core.assembly.AlignmentInput;
import joropo.core.assembly.CentringCheck;
import joropo.core.assembly.CentringInput;
import joropo.core.assembly.ClockingCheck;
import joropo.core.assembly.ClockingInput;
import joropo.core.assembly.EndPlayCheck;
import joropo.core.assembly.EndPlayInput;
import joropo.core.assembly.PressureHoldCheck;
import joropo.core.assembly.PressureHoldInput;
import joropo.core.assembly.RunoutCheck;
import joropo.core.assembly.RunoutInput;
import joropo.core.assembly.ShimsCheck;
import joropo.core.assembly.ShimsInput;
import joropo.core.assembly.TorquePlanCheck;
import joropo.core.assembly.TorquePlanInput;
import joropo.core.bearing.BearingCheck;
import joropo.core.bearing.BearingInput;
import joropo.core.fits.DiameterInput;
import joropo.core.fits.DiameterInputBuilder;
import joropo.core.leak.LeakTrendCheck;
import joropo.core.leak.LeakTrendInput;
import joropo.core.mechseal.ChamberCheck;
import joropo.core.mechseal.ChamberInput;
import joropo.core.mechseal.FlatnessCheck;
import joropo.core.mechseal.FlatnessInput;
import joropo.core.mechseal.SealFacesCheck;
import joropo.core.mechseal.SealFacesInput;
import joropo.core.mechseal.SealSettingCheck;
import joropo.core.mechseal.SealSettingInput;
import joropo.core.oring.CounterfaceCheck;
import joropo.core.oring.CounterfaceInput;
import joropo.core.oring.LoadedRingCheck;
import joropo.core.oring.LoadedRingInput;
import joropo.core.oring.OringGlandCheck;
import joropo.core.oring.OringGlandInput;
import joropo.core.oring.OringSizeCheck;
import joropo.core.oring.OringSizeInput;
import joropo.core.packing.GlandLoadCheck;
import joropo.core.packing.GlandLoadInput;
import joropo.core.packing.PackingCheck;
import joropo.core.packing.PackingInput;
import joropo.core.readings.DiameterReadings;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Cases judged by hand, one a line of {@code cases.txt}: name | kind | inputs | what follows | why. What follows is
 * {@code rule STATUS}, {@code result = figure}, or {@code refused field}.
 */
class CasesTest {
    private record Kind(Class<? extends Record> input, Function<Record, Object> check) {}

    private static <R extends Record> Kind kind(Class<R> input, Function<R, Object> check) {
        return new Kind(input, r -> check.apply(input.cast(r)));
    }

    private static final Map<String, Kind> KINDS = Map.ofEntries(
            Map.entry("alignment", kind(AlignmentInput.class, AlignmentCheck::check)),
            Map.entry("bearing", kind(BearingInput.class, BearingCheck::check)),
            Map.entry("centring", kind(CentringInput.class, CentringCheck::check)),
            Map.entry("chamber", kind(ChamberInput.class, ChamberCheck::check)),
            Map.entry("clocking", kind(ClockingInput.class, ClockingCheck::check)),
            Map.entry("counterface", kind(CounterfaceInput.class, CounterfaceCheck::check)),
            Map.entry("end-play", kind(EndPlayInput.class, EndPlayCheck::check)),
            Map.entry("flatness", kind(FlatnessInput.class, FlatnessCheck::check)),
            Map.entry("gland-load", kind(GlandLoadInput.class, GlandLoadCheck::check)),
            Map.entry("leak-trend", kind(LeakTrendInput.class, LeakTrendCheck::check)),
            Map.entry("loaded-ring", kind(LoadedRingInput.class, LoadedRingCheck::check)),
            Map.entry("o-ring-gland", kind(OringGlandInput.class, OringGlandCheck::check)),
            Map.entry("o-ring-size", kind(OringSizeInput.class, OringSizeCheck::check)),
            Map.entry("packing", kind(PackingInput.class, PackingCheck::check)),
            Map.entry("pressure-hold", kind(PressureHoldInput.class, PressureHoldCheck::check)),
            Map.entry("runout", kind(RunoutInput.class, RunoutCheck::check)),
            Map.entry("seal-faces", kind(SealFacesInput.class, SealFacesCheck::check)),
            Map.entry("seal-setting", kind(SealSettingInput.class, SealSettingCheck::check)),
            Map.entry("shims", kind(ShimsInput.class, ShimsCheck::check)),
            Map.entry("torque-plan", kind(TorquePlanInput.class, TorquePlanCheck::check)));

    static Stream<String> cases() throws IOException {
        try (var in = CasesTest.class.getResourceAsStream("/cases.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines().filter(l -> !l.isBlank() && !l.startsWith("#")).toList().stream();
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void isJudgedAsByHand(String line) throws ReflectiveOperationException {
        List<String> parts =
                Arrays.stream(line.split("\\|", -1)).map(String::strip).toList();
        assertThat(parts)
                .as("name | kind | inputs | what follows | why")
                .hasSize(5)
                .doesNotContain("");
        Kind kind = KINDS.get(parts.get(1));
        Object result;
        try {
            result = kind.check.apply(record(kind.input, parts.get(2)));
        } catch (RefusedInput refused) {
            assertThat("refused " + refused.errors().get(0).field())
                    .as(refused.getMessage())
                    .isEqualTo(parts.get(3));
            return;
        }
        for (String expected : parts.get(3).split(",\\s*")) {
            String[] words = expected.split(" = |\\s");
            String found = expected.contains(" = ") ? figure(result, words[0]) : status(result, words[0]);
            assertThat(words[0] + " " + found).as(result.toString()).isEqualTo(words[0] + " " + words[1]);
        }
    }

    private static String status(Object result, String id) {
        return Bodies.findings(result).stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .map(f -> f.status().name())
                .orElse("none");
    }

    private static String figure(Object result, String name) throws ReflectiveOperationException {
        Object value = result;
        for (String step : name.split("\\.")) {
            value = step.matches("\\d+")
                    ? ((List<?>) value).get(Integer.parseInt(step))
                    : value.getClass().getMethod(step).invoke(value);
        }
        return value instanceof Double d
                ? Double.toString(Math.rint(d * 1000) / 1000)
                : String.valueOf(value).replaceAll("[\\[\\]]", "").replace(", ", "/");
    }

    /** A record within: its components in their order, such as {@code 0.02:0.05}; empty, or short of them: absent. */
    private static Record inOrder(Class<? extends Record> type, String[] texts) {
        RecordComponent[] components = type.getRecordComponents();
        Object[] values = new Object[components.length];
        for (int i = 0; i < Math.min(values.length, texts.length); i++) {
            values[i] = value(components[i].getGenericType(), texts[i].isEmpty() ? null : texts[i]);
        }
        try {
            return made(type, values);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Record record(Class<? extends Record> type, String inputs) throws ReflectiveOperationException {
        Map<String, String> given = new HashMap<>();
        for (String pair : inputs.split("\\s+")) {
            given.put(pair.replaceAll("=.*", ""), pair.replaceAll("^[^=]*=", ""));
        }
        RecordComponent[] components = type.getRecordComponents();
        Object[] values = new Object[components.length];
        for (int i = 0; i < values.length; i++) {
            values[i] = value(components[i].getGenericType(), given.remove(components[i].getName()));
        }
        assertThat(given).as("inputs that there are not").isEmpty();
        return made(type, values);
    }

    private static Record made(Class<? extends Record> type, Object[] values) throws ReflectiveOperationException {
        Constructor<? extends Record> made = type.getDeclaredConstructor(Arrays.stream(type.getRecordComponents())
                .map(RecordComponent::getType)
                .toArray(Class<?>[]::new));
        try {
            return made.newInstance(values);
        } catch (InvocationTargetException e) {
            if (e.getCause() instanceof RefusedInput refused) {
                throw refused;
            }
            throw e;
        }
    }

    private static @Nullable Object value(Type type, @Nullable String text) {
        if (text == null) {
            return null;
        }
        if (type instanceof ParameterizedType list) {
            return text.equals("none")
                    ? List.of()
                    : Arrays.stream(text.split("/"))
                            .map(t -> value(list.getActualTypeArguments()[0], t))
                            .toList();
        }
        Class<?> plain = (Class<?>) type;
        if (plain.isEnum()) {
            return Arrays.stream(plain.getEnumConstants())
                    .filter(c -> ((Enum<?>) c).name().equals(text))
                    .findFirst()
                    .orElseThrow();
        }
        if (plain == DiameterInput.class) {
            return seat(text);
        }
        if (plain.isRecord()) {
            return inOrder(plain.asSubclass(Record.class), text.split(":"));
        }
        return plain == Double.class
                ? (Object) Double.valueOf(text)
                : plain == Integer.class
                        ? (Object) Integer.valueOf(text)
                        : plain == Boolean.class ? (Object) Boolean.valueOf(text) : text;
    }

    /** A seat read at 20 °C with a gauge of 1 µm: {@code shaft:50:k5:50.010}. */
    private static DiameterInput seat(String text) {
        String[] parts = text.split(":");
        double read = Double.parseDouble(parts[3]);
        return DiameterInputBuilder.builder()
                .part(DiameterInput.Part.valueOf(parts[0].toUpperCase()))
                .nominalMm(Double.valueOf(parts[1]))
                .toleranceClass(parts[2])
                .uncertaintyMm(0.001)
                .partTemperatureC(20.0)
                .gaugeTemperatureC(20.0)
                .partMaterial("STEEL")
                .planes(List.of(new DiameterReadings.Plane(null, List.of(read, read))))
                .build();
    }
}
