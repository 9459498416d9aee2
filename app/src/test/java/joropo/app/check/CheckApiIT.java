package joropo.app.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import joropo.app.Workshop;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class CheckApiIT {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static HttpResponse<String> post(String kind, String body) {
        return Workshop.post(Workshop.address() + "/api/v1/checks/" + kind, body);
    }

    private static JsonNode answer(String kind, String body) {
        HttpResponse<String> response = post(kind, body);
        assertThat(response.statusCode()).as(response.body()).isEqualTo(200);
        return JSON.readTree(response.body());
    }

    private static String get(String path) throws Exception {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(Workshop.address() + path))
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .body();
    }

    @Test
    void limitsAndFits() {
        JsonNode a = answer("limits-and-fits", "{\"sizeMm\": 45, \"holeClass\": \"H8\", \"shaftClass\": \"h11\"}");
        assertThat(a.get("kind").asString()).isEqualTo("limits-and-fits");
        assertThat(a.get("verdict").asString()).isEqualTo("PASS");
        assertThat(a.at("/results/shaft/lowerUm").asDouble()).isEqualTo(-160);
        assertThat(a.at("/results/shaft/minMm").asDouble()).isEqualTo(44.84);
        assertThat(a.at("/results/hole/maxMm").asDouble()).isEqualTo(45.039);
        assertThat(a.at("/results/fit/kind").asString()).isEqualTo("CLEARANCE");
        assertThat(a.at("/results/fit/maxClearanceUm").asDouble()).isEqualTo(199);
        assertThat(a.at("/results/findings").isMissingNode()).isTrue();
        assertThat(answer("limits-and-fits", "{\"sizeMm\": 45, \"holeClass\": \"H8\", \"shaftClass\": null}")
                        .at("/results/fit")
                        .isMissingNode())
                .isTrue();
    }

    @Test
    void diameter() {
        JsonNode a = answer(
                "diameter",
                "{\"part\": \"BORE\", \"nominalMm\": 62, \"toleranceClass\": \"H8\", \"gauge\": \"TELESCOPIC\","
                        + "\"planes\": [{\"atMm\": 2, \"readingsMm\": [62.041, 62.038]}, {\"readingsMm\": [62.029, "
                        + "62.033]}]}");
        assertThat(a.get("verdict").asString()).isEqualTo("REMEASURE");
        assertThat(a.at("/results/meanMm").asDouble()).isEqualTo(62.03525);
        assertThat(a.at("/results/ovalityMm").asDouble()).isEqualTo(0.004);
        assertThat(a.at("/results/planeMeansMm/1").asDouble()).isEqualTo(62.031);
        JsonNode size = a.get("findings").get(0);
        assertThat(size.get("id").asString()).isEqualTo("size");
        assertThat(size.get("source").asString()).isEqualTo("STANDARD");
        assertThat(size.get("upper").asDouble()).isEqualTo(62.046);
        assertThat(size.get("uncertainty").asDouble()).isEqualTo(0.015);
        assertThat(size.propertyNames())
                .contains(
                        "id",
                        "status",
                        "subject",
                        "value",
                        "unit",
                        "lower",
                        "upper",
                        "margin",
                        "uncertainty",
                        "message",
                        "remedy",
                        "source",
                        "reference");
    }

    @Test
    void torquePlan() {
        JsonNode a = answer(
                "torque-plan",
                "{\"bolts\": 8, \"torque\": 30, \"torqueUnit\": \"LBF_FT\", \"figureFor\": \"DRY\", \"threads\": "
                        + "\"OILED\", \"wrenchLengthMm\": 400, \"extensionMm\": 100}");
        assertThat(a.get("verdict").asString()).isEqualTo("CAUTION");
        assertThat(a.at("/results/sequence").toString()).isEqualTo("[1,5,3,7,2,6,4,8]");
        assertThat(a.at("/results/passesNm/3").asDouble()).isEqualTo(30.505905);
        assertThat(a.at("/results/wrenchNm").asDouble()).isEqualTo(24.404724);
        assertThat(a.at("/results/inUnits/lbfFt").asDouble()).isEqualTo(22.5);
        assertThat(post("torque-plan", "{\"bolts\": 8.5, \"torque\": 30, \"torqueUnit\": \"NM\"}")
                        .statusCode())
                .isEqualTo(400);
        assertThat(post("torque-plan", "{\"bolts\": 0, \"torque\": 30, \"torqueUnit\": \"NM\"}")
                        .body())
                .contains("must be 1 to 96");
        JsonNode nut = answer(
                "torque-plan",
                "{\"bolts\": 1, \"thread\": \"M12\", \"boltClass\": \"8.8\", \"clamped\": \"STEEL\", \"threads\": "
                        + "\"DRY\"}");
        assertThat(nut.at("/results/sequence").toString()).isEqualTo("[1]");
        assertThat(nut.at("/results/wrenchNm").asDouble()).isEqualTo(88.0092);
    }

    @Test
    void bearingAndEndPlay() {
        JsonNode bearing = answer(
                "bearing",
                "{\"boreMm\": 50, \"outsideMm\": 90, \"widthMm\": 20, \"turningRing\": \"INNER\", \"loadTurns\": "
                        + "false, "
                        + "\"forceOn\": \"OUTER\", \"duty\": \"CONTINUOUS\", \"signs\": [\"STAINED\"], \"shaftFit\": "
                        + "{\"part\": "
                        + "\"SHAFT\", \"nominalMm\": 50, \"toleranceClass\": \"k6\", \"uncertaintyMm\": 0.002, "
                        + "\"planes\": [{\"readingsMm\": [50.01, 50.01]}]}}");
        assertThat(bearing.get("verdict").asString()).isEqualTo("FAIL");
        assertThat(bearing.at("/results/tightRing").asString()).isEqualTo("INNER");
        assertThat(bearing.at("/results/interferenceMinMm").asDouble()).isEqualTo(0.01);
        assertThat(bearing.at("/results/interferenceMaxMm").asDouble()).isEqualTo(0.022);
        assertThat(bearing.at("/results/greaseShotG").asDouble()).isEqualTo(9);
        assertThat(bearing.get("findings"))
                .extracting(f -> f.get("id").asString())
                .containsExactly("force", "seat", "home", "look", "marking", "grease", "feed", "reuse");
        assertThat(post(
                                "bearing",
                                "{\"boreMm\": 50, \"outsideMm\": 40, \"widthMm\": 20, \"turningRing\": \"INNER\", "
                                        + "\"duty\": \"SLOW\"}")
                        .body())
                .contains("outsideMm", "must be above the bore");
        JsonNode play = answer(
                "end-play",
                "{\"measuredMm\": 0.3, \"lowMm\": 0.05, \"highMm\": 0.15, \"packMm\": [0.5, 0.3], \"shimOpens\": true, "
                        + "\"bearingsRenewed\": true, \"uncertaintyMm\": 0.008}");
        assertThat(play.at("/results/changeMm").asDouble()).isEqualTo(-0.2);
        assertThat(play.at("/results/newPackMm").asDouble()).isEqualTo(0.6);
        assertThat(play.get("findings"))
                .extracting(f -> f.get("id").asString() + " " + f.get("status").asString())
                .containsExactly("play FAIL", "pack CAUTION", "bearings PASS");
        assertThat(post("end-play", "{\"measuredMm\": 0.1, \"lowMm\": 0.05, \"highMm\": 0.15}")
                        .body())
                .contains("bearingsRenewed");
    }

    @Test
    void packedBoxes() throws Exception {
        JsonNode box = answer(
                "packing",
                "{\"shaftMm\": 70, \"boxBoreMm\": 102, \"boxDepthMm\": 120, \"lanternWidthMm\": 24, "
                        + "\"lanternSlotMm\": 12, \"portFromMm\": 54, \"portToMm\": 66, \"glandEntryMm\": 6}");
        assertThat(box.at("/results/rings").asInt()).isEqualTo(5);
        assertThat(box.at("/results/buttCutMm").asDouble()).isEqualTo(270.18, within(0.01));
        assertThat(box.at("/results/ringsInboard").asInt()).isEqualTo(3);
        assertThat(box.at("/results/settledDropsPerMinute/to").asDouble()).isEqualTo(42);
        assertThat(box.get("verdict").asString()).isEqualTo("MISSING");
        JsonNode load = answer(
                "gland-load",
                "{\"shaftMm\": 28, \"boxBoreMm\": 44, \"bolts\": 2, \"boltDiameterMm\": 12, \"torqueNm\": 20, "
                        + "\"friction\": \"LUBRICATED\", \"packedLengthMm\": 48, \"packing\": \"EXPANDED_GRAPHITE\", "
                        + "\"pressureMpa\": 0.6, \"boltClass\": \"8.8\", \"stem\": \"TURNING\"}");
        assertThat(load.at("/results/boltForceN").asDouble()).isEqualTo(11_111.1, within(0.1));
        assertThat(load.at("/results/stemTorqueNm").asDouble()).isGreaterThan(0);
        JsonNode advice = answer(
                "run-in",
                "{\"shaftMm\": 25, \"points\": [{\"minute\": 0, \"dropsPerMinute\": 60, \"boxC\": 40}, "
                        + "{\"minute\": 12, \"mlPerMinute\": 2.9, \"boxC\": 41, \"gapsMm\": [4, 4.1, 4, 4.1]}]}");
        assertThat(advice.at("/results/advice").asString()).isEqualTo("ONE_FLAT");
        assertThat(post("run-in", "{\"shaftMm\": 25, \"points\": [{\"minute\": 0, \"dropsPerMinute\": 5000}]}")
                        .body())
                .contains("is a stream");
    }

    /** Each as somebody else's program would call it, by the names of the interface. */
    @ParameterizedTest(name = "{0} -> {2}")
    @CsvFileSource(resources = "/api-figures.txt", delimiter = '|', quoteCharacter = '`', maxCharsPerColumn = 1000)
    void figuresOfAssemblyAndMechanicalSeals(String kind, String body, String results, String rules) throws Exception {
        JsonNode answer = answer(kind, body.replace('\'', '"'));
        String[] words = results.split(" ");
        for (int i = 0; i < words.length; i += 2) {
            assertThat(answer.at("/results/" + words[i]).asDouble())
                    .as(words[i])
                    .isEqualTo(Double.parseDouble(words[i + 1]), within(0.0006));
        }
        assertThat(answer.get("findings"))
                .extracting(f -> f.get("id").asString())
                .contains(rules.split(" "));
        assertThat(post(kind, "{}").statusCode()).isEqualTo(422);
    }

    @Test
    void ringsInGrooves() throws Exception {
        JsonNode gland = answer(
                "o-ring-gland",
                "{\"gland\": \"PISTON\", \"motion\": \"STATIC\", \"counterDiameterMm\": 60, \"grooveDiameterMm\": "
                        + "54.40, "
                        + "\"grooveWidthMm\": 4.80, \"ringInsideMm\": 52.07, \"sectionMm\": 3.53, \"pressureMpa\": 10, "
                        + "\"hardnessShoreA\": 70, \"gapMm\": 0.1, \"material\": \"NBR\", \"fluid\": \"HLP_OIL\", "
                        + "\"coldestC\": 0, \"hottestC\": 60, \"leadInMm\": 3, \"tolerances\": {\"counterMm\": 0.02, "
                        + "\"grooveMm\": 0.02, \"widthMm\": 0.06, \"ringInsideMm\": 0.2, \"sectionMm\": 0.1}}");
        assertThat(gland.get("verdict").asString()).isEqualTo("CAUTION");
        assertThat(gland.at("/results/stretchPercent").asDouble()).isEqualTo(4.47, within(0.01));
        assertThat(gland.at("/results/sectionStretchedMm").asDouble()).isEqualTo(3.454, within(0.001));
        assertThat(gland.at("/results/squeezePercent/nominal").asDouble()).isEqualTo(18.9, within(0.05));
        assertThat(gland.at("/results/squeezeFreePercent/nominal").asDouble()).isEqualTo(20.7, within(0.05));
        assertThat(gland.at("/results/fillPercent/nominal").asDouble()).isEqualTo(70.8, within(0.05));
        assertThat(gland.at("/results/gapMm").asDouble()).isEqualTo(0.13);
        assertThat(gland.get("findings"))
                .extracting(f -> f.get("id").asString())
                .containsExactly(
                        "stretch",
                        "squeeze",
                        "absolute",
                        "fill",
                        "extremes",
                        "off-centre",
                        "extrusion",
                        "gas",
                        "material",
                        "temperature",
                        "swell",
                        "pull-over",
                        "lead-in");
        assertThat(post("o-ring-gland", "{\"gland\": \"PISTON\", \"motion\": \"STATIC\", \"ring\": \"999\"}")
                        .body())
                .contains("no dash size");
        JsonNode size = answer("o-ring-size", "{\"measured\": {\"insideMm\": 53.6, \"sectionMm\": 3.5}}");
        assertThat(size.at("/results/sizes/0/designation").asString()).isEqualTo("227 = 53.57x3.53");
        assertThat(size.at("/results/sizes/0/likelihood").asString()).isEqualTo("FITS");
        JsonNode loaded = answer(
                "loaded-ring",
                "{\"gland\": \"PISTON\", \"counterDiameterMm\": 80, \"grooveDepthMm\": 5.5, \"grooveWidthMm\": 4.2, "
                        + "\"slideThicknessMm\": 2.5, \"slideWidthMm\": 4.05, \"sectionMm\": 3.53, \"ringInsideMm\": "
                        + "66.27}");
        assertThat(loaded.at("/results/widthPlayMm").asDouble()).isEqualTo(0.15);
        assertThat(loaded.at("/results/sizingMm").asDouble()).isEqualTo(80);
        JsonNode face = answer(
                "counterface",
                "{\"part\": \"BORE\", \"motion\": \"RECIPROCATING\", \"diameterMm\": 80, \"defects\": "
                        + "[{\"kind\": \"SCORE_AXIAL\", \"depthUm\": 30, \"catchesNail\": true}]}");
        assertThat(face.get("verdict").asString()).isEqualTo("FAIL");
        assertThat(face.at("/results/remedies/1/remedy").asString()).isEqualTo("HONE_NEXT_SIZE");
        assertThat(face.at("/results/remedies/1/sizes/0").asString()).contains("groove");
    }

    @Test
    void diagnosis() throws Exception {
        JsonNode signs = JSON.readTree(get("/api/v1/checks/diagnosis/signs"));
        assertThat(signs).hasSize(46);
        assertThat(signs.get(0).get("code").asString()).isEqualTo("WET_BELOW");
        JsonNode a = answer("diagnosis", "{\"signs\": [\"LEAKS_WARM\", \"PUSHED_OUT\"], \"absent\": [\"WET_BELOW\"]}");
        assertThat(a.at("/results/causes/0/cause").asString()).isEqualTo("BLOCKED_BREATHER");
        assertThat(a.at("/results/causes/0/score").asDouble()).isEqualTo(6);
        assertThat(a.at("/results/causes/0/why").size()).isEqualTo(2);
        assertThat(a.at("/results/nextCheck").asString()).isNotBlank();
        assertThat(post("diagnosis", "{\"signs\": [\"LIP_SAD\"]}").statusCode()).isEqualTo(422);
        assertThat(post("diagnosis", "{}").statusCode()).isEqualTo(422);
    }

    @Test
    void lipSealSize() {
        JsonNode a = answer(
                "lip-seal-size", "{\"shaftMm\": 44.96, \"boreMm\": 62.02, \"depthMm\": 10.2, \"system\": \"METRIC\"}");
        assertThat(a.at("/results/sizes/0/shaftMm").asDouble()).isEqualTo(45);
        assertThat(a.at("/results/sizes/0/widthMm").asDouble()).isEqualTo(8);
        assertThat(a.at("/results/sizes/0/listed").asString()).isEqualTo("standard");
        assertThat(a.at("/results/rejected/0/what").asString()).isEqualTo("depth");
    }

    @Test
    void seatSquareness() {
        JsonNode a = answer(
                "seat-squareness",
                "{\"outsideDiameterMm\": 72, \"gaugeCircleMm\": 62, \"uncertaintyMm\": 0.008, \"readings\": "
                        + "[{\"clock\": 12, \"depthMm\": 2.10},"
                        + "{\"clock\": 3, \"depthMm\": 2.02}, {\"angleDeg\": 180, \"depthMm\": 1.98}, {\"clock\": "
                        + "9, \"depthMm\": 2.06}]}");
        assertThat(a.at("/results/tiltMm").asDouble())
                .as("three decimals of the worked case")
                .isCloseTo(0.147, within(0.0005));
        assertThat(a.at("/results/tapAtClock").asDouble()).isEqualTo(5.4);
        assertThat(a.at("/results/suspicious").size()).isZero();
    }

    @ParameterizedTest(name = "{0} {1}: {2} at {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                "limits-and-fits | {} | 422 | sizeMm",
                "limits-and-fits | {\"sizeMm\": 45} | 422 | holeClass",
                "limits-and-fits | {\"sizeMm\": -1, \"holeClass\": \"H8\"} | 422 | sizeMm",
                "limits-and-fits | {\"sizeMm\": 45, \"holeClass\": \"h8\"} | 422 | holeClass",
                "limits-and-fits | {\"sizeMm\": 45, \"holeClass\": \"H8\", \"x\": 1} | 400 | x",
                "limits-and-fits | {\"sizeMm\": \"45\", \"holeClass\": \"H8\"} | 400 | sizeMm",
                "limits-and-fits | {\"sizeMm\": NaN, \"holeClass\": \"H8\"} | 400 | ",
                "limits-and-fits | {\"sizeMm\": 1e999, \"holeClass\": \"H8\"} | 422 | sizeMm",
                "limits-and-fits | [1, 2] | 400 | ",
                "limits-and-fits | {\"sizeMm\": 45 | 400 | ",
                "limits-and-fits | {\"sizeMm\": 45, \"sizeMm\": 46, \"holeClass\": \"H8\"} | 400 | ",
                "limits-and-fits | {\"sizeMm\": 45, \"holeClass\": 8} | 400 | holeClass",
                "diameter | {\"part\": \"AXLE\", \"nominalMm\": 45} | 400 | part",
                "diameter | {\"part\": 0, \"nominalMm\": 45} | 400 | part",
                "diameter | {\"part\": \"SHAFT\", \"nominalMm\": 45, \"toleranceClass\": \"h11\", \"planes\": "
                        + "[{\"readingsMm\": [45]}]} | 422 | planes[0].readingsMm",
                "diameter | {\"part\": \"SHAFT\", \"nominalMm\": 45, \"toleranceClass\": \"h11\", \"planes\": []} | "
                        + "422 | planes",
                "diameter | {\"part\": \"SHAFT\", \"nominalMm\": 45, \"toleranceClass\": \"h11\", "
                        + "\"partTemperatureC\": 30, \"partMaterial\": \"WOOD\", \"planes\": [{\"readingsMm\": [45, "
                        + "45]}]} | 422 | partMaterial",
                "lip-seal-size | {\"shaftMm\": 45, \"boreMm\": 40} | 422 | boreMm",
                "lip-seal-size | {\"shaftMm\": 99999} | 422 | shaftMm",
                "seat-squareness | {\"outsideDiameterMm\": 72, \"gaugeCircleMm\": 62, \"readings\": [{\"clock\": 3, "
                        + "\"depthMm\": 1}, {\"clock\": 13, \"depthMm\": 1}]} | 422 | readings[1].clock",
                "seat-squareness | {\"outsideDiameterMm\": 72, \"gaugeCircleMm\": 62, \"readings\": [{\"clock\": 3, "
                        + "\"depthMm\": 1}, {\"clock\": 3, \"depthMm\": 1}, {\"clock\": 3, \"depthMm\": 1}]} | 422 "
                        + "| readings"
            })
    void refusesBadInputFieldByField(String kind, String body, int status, String field) {
        HttpResponse<String> response = post(kind, body);
        assertThat(response.statusCode()).as(response.body()).isEqualTo(status);
        assertThat(response.headers().firstValue("Content-Type"))
                .hasValueSatisfying(t -> assertThat(t).startsWith("application/problem+json"));
        JsonNode errors = JSON.readTree(response.body()).get("errors");
        assertThat(errors.isArray()).isTrue();
        if (field != null) {
            assertThat(errors.get(0).get("field").asString()).isEqualTo(field);
            assertThat(errors.get(0).get("message").asString()).isNotBlank();
        }
        assertThat(response.body())
                .doesNotContain("Exception")
                .doesNotContain("joropo.core")
                .doesNotContain("\tat ");
    }

    @Test
    void tooLargeUnknownAndEmptyBodies() {
        String large = "{\"sizeMm\": 45, \"holeClass\": \"" + "H".repeat(300_000) + "\"}";
        assertThat(post("limits-and-fits", large).statusCode()).isEqualTo(413);
        assertThat(post("no-such-kind", "{}").statusCode()).isEqualTo(404);
        assertThat(post("diameter", "").statusCode()).isEqualTo(400);
    }

    /** Worked case: 45 mm at 1450 rpm runs at 3.416 m/s. */
    @Test
    void lipSeal() {
        JsonNode a = answer(
                "lip-seal",
                "{\"shaftNominalMm\": 45, \"boreNominalMm\": 62, \"widthMm\": 8, \"speedRpm\": 1450, "
                        + "\"insideMedium\": \"OIL\", \"insideFluid\": \"EP_GEAR_OIL\","
                        + "\"sumpTemperatureC\": 70, \"coldestC\": 0, \"wetting\": \"SPLASH\", \"dirt\": \"DUST\", "
                        + "\"housingMaterial\": \"ALUMINIUM\"}");
        assertThat(a.at("/results/surfaceSpeedMPerS").asDouble()).isCloseTo(3.416, within(0.001));
        assertThat(a.at("/results/candidates/0/rank").asInt()).isEqualTo(1);
        assertThat(a.at("/results/candidates/0/layout").asString()).isEqualTo("DUST_LIP");
        assertThat(a.at("/results/candidates/0/reasons")).isNotEmpty();
        assertThat(a.at("/results/struckOut/0").propertyNames()).contains("layout", "material", "caseType", "reason");
        assertThat(post("lip-seal", "{\"shaftNominalMm\": 45}").statusCode()).isEqualTo(422);
    }

    @Test
    void runningSurfaceRemovalDriverAndThermalFit() {
        JsonNode surface = answer(
                "running-surface",
                "{\"nominalMm\": 45, \"measuredMm\": 44.97, \"grooveDepthMm\": 0.06, \"grooveWidthMm\": 1.3, "
                        + "\"shiftInwardMm\": 0.5, \"shiftOutwardMm\": 0.5, \"boreMm\": 62}");
        assertThat(surface.at("/results/requiredShiftMm").asDouble()).isEqualTo(2.05);
        assertThat(surface.at("/results/remedies/0/remedy").asString()).isEqualTo("THIN_SLEEVE");
        JsonNode removal = answer(
                "removal",
                "{\"what\": \"LIP_SEAL\", \"edgeReachable\": true, \"behindMm\": 6, \"besideBrittleFace\": false}");
        assertThat(removal.at("/results/ways/0/way").asString()).isEqualTo("LEVER");
        JsonNode driver = answer(
                "driver",
                "{\"shaftMm\": 45, \"boreMm\": 62, \"outsideDiameterMm\": 62, \"sunkMm\": 2, \"availableMm\": [60, "
                        + "61.5, 63]}");
        assertThat(driver.at("/results/pickMm").asDouble()).isEqualTo(61.5);
        assertThat(driver.at("/results/spigotMm").asDouble()).isEqualTo(2);
        JsonNode hot = answer(
                "thermal-fit",
                "{\"sizeMm\": 80, \"interferenceMm\": 0.05, \"material\": \"STEEL\", \"part\": \"OUTER\"}");
        assertThat(hot.at("/results/heatToC").asDouble()).isGreaterThan(100);
        assertThat(hot.get("findings").get(0).get("id").asString()).isEqualTo("heat");
    }

    private static String example() throws Exception {
        return Files.readString(Path.of("src/test/resources/section-example.json"));
    }

    /**
     * 14.4 - 1.0 - 1.75 - 3.0 - 8.0 = 0.65, tolerances 0.03 + 0.05 + 0.2 + 0.05 = 0.33; the lip at 10.55 runs on the
     * old groove from 9.4 to 10.6.
     */
    @Test
    void aSectionIsJudgedWhole() throws Exception {
        JsonNode a = answer("section", example());
        assertThat(a.at("/results/gapMinMm").asDouble()).isEqualTo(0.32);
        assertThat(a.at("/results/gapMaxMm").asDouble()).isEqualTo(0.98);
        assertThat(a.at("/results/lipTracks/0/seal").asString()).isEqualTo("s1");
        assertThat(a.at("/results/lipTracks/0/fromMm").asDouble()).isEqualTo(9.95);
        assertThat(a.at("/results/depthWindows/0/targetMm").asDouble()).isEqualTo(5.75);
        assertThat(a.at("/results/buildOrder")).extracting(JsonNode::asString).containsExactly("b1", "s1", "w1", "r1");
        assertThat(a.get("findings"))
                .filteredOn(f -> !f.get("status").asString().equals("PASS"))
                .extracting(f -> f.get("id").asString() + " " + f.get("status").asString())
                .as("no chamfer and no inside of the seal are in the example")
                .containsExactlyInAnyOrder("S1 CAUTION", "S5 FAIL", "S10 MISSING", "S11 MISSING");
        assertThat(a.get("findings"))
                .filteredOn(f -> f.get("id").asString().equals("D11"))
                .extracting(f -> f.get("part").asString())
                .containsExactly("SPLINE");
    }

    @Test
    void aSectionComesBackAsItsDrawing() throws Exception {
        HttpResponse<String> svg = Workshop.post(Workshop.address() + "/api/v1/drawings/section.svg", example());
        assertThat(svg.headers().firstValue("Content-Type")).hasValue("image/svg+xml");
        assertThat(svg.body()).startsWith("<svg ").contains("conveyor gear motor, output", "washer", "Ø 45");
        assertThat(Workshop.post(Workshop.address() + "/api/v1/drawings/section.pdf", example())
                        .body())
                .startsWith("%PDF");
        HttpResponse<String> unknown = Workshop.post(
                Workshop.address() + "/api/v1/drawings/section.svg",
                example().replace("\"shaftDiameterMm\": 45, ", ""));
        assertThat(unknown.statusCode()).isEqualTo(422);
        assertThat(unknown.body()).contains("shaftDiameterMm");
    }

    @Test
    void theSchemaOfASectionIsServed() throws Exception {
        JsonNode schema = JSON.readTree(get("/api/v1/schemas/section"));
        assertThat(schema.get("title").asString()).isEqualTo("Section");
        assertThat(schema.at("/$defs/section/required"))
                .extracting(JsonNode::asString)
                .containsExactly("spaces", "boreItems");
    }

    @ParameterizedTest(name = "{0} -> {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "\"DUST\" | \"MIST\" | 400",
                "\"OUT\", \"spring\" | \"NONE\", \"spring\" | 200",
                "\"type\": \"RING\" | \"type\": \"SPRING\" | 400",
                "\"id\": \"w1\" | \"id\": \"s1\" | 422",
                "\"between\": [0, 1] | \"between\": [0, 7] | 422",
                "\"clock\": 6}, | \"clock\": 13}, | 422",
                "\"widthMm\": 8.0 | \"widthMm\": -8.0 | 422",
                "\"name\" | \"nick\" | 400"
            })
    void whatIsNoSectionIsRefused(String there, String instead, int status) throws Exception {
        String body = example().replaceFirst(Pattern.quote(there), Matcher.quoteReplacement(instead));
        assertThat(body).isNotEqualTo(example());
        assertThat(post("section", body).statusCode()).isEqualTo(status);
    }

    @Test
    void listsItsKindsAndDescribesItself() throws Exception {
        assertThat(JSON.readTree(get("/api/v1/checks")).get("kinds"))
                .extracting(JsonNode::asString)
                .isEqualTo(List.of(
                        "diagnosis",
                        "removal",
                        "diameter",
                        "limits-and-fits",
                        "running-surface",
                        "lip-seal-size",
                        "lip-seal",
                        "thermal-fit",
                        "driver",
                        "o-ring-gland",
                        "o-ring-size",
                        "loaded-ring",
                        "counterface",
                        "packing",
                        "gland-load",
                        "run-in",
                        "seat-squareness",
                        "torque-plan",
                        "end-play",
                        "bearing",
                        "section",
                        "runout",
                        "centring",
                        "shims",
                        "clocking",
                        "alignment",
                        "pressure-hold",
                        "chamber",
                        "leak-trend",
                        "seal-setting",
                        "seal-faces",
                        "flatness"));
        JsonNode openapi = JSON.readTree(get("/api/v1/openapi"));
        assertThat(openapi.get("paths").propertyNames())
                .contains(
                        "/api/v1/checks/diameter",
                        "/api/v1/checks/limits-and-fits",
                        "/api/v1/checks/lip-seal-size",
                        "/api/v1/checks/seat-squareness");
        assertThat(openapi.at("/components/schemas/DiameterInput/properties").propertyNames())
                .contains("nominalMm", "planes", "uncertaintyMm");
    }
}
