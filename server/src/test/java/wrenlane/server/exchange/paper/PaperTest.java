package wrenlane.server.exchange.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;

/** Files as they are downloaded, read back by others' readers. */
class PaperTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoDay();

    /** Where the examples of the open formats stand. */
    private static final Path EXAMPLES = Path.of("../docs/formats/examples");

    private static byte[] bytes(String path) {
        return APP.bytes(path);
    }

    private static long today() {
        return APP.get("/api/days").body().get(0).get("id").asLong();
    }

    @ParameterizedTest
    @CsvSource({"A4, 595, 842", "LETTER, 612, 792"})
    void theSetupSheetIsAPageOfSearchableWords(String paper, int width, int height) throws IOException {
        try (PDDocument pdf = Loader.loadPDF(bytes("/api/courses/1/setup-sheet.pdf?paper=" + paper))) {
            PDRectangle page = pdf.getPage(0).getMediaBox();
            assertThat(Math.round(page.getWidth())).isEqualTo(width);
            assertThat(Math.round(page.getHeight())).isEqualTo(height);
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text).contains("Slipway box", "Check it", "A to C: 10.40 m", "flat marker", "From P");
            // Words of the drawing are words, too.
            assertThat(text.lines().filter(l -> l.contains("C2")).count()).isGreaterThanOrEqualTo(2);
        }
    }

    /** By Pythagoras: 8.7, 6.7 and 4.3 m wide, 7.5 m deep. */
    @Test
    void theSheetOfThreeWidthsHasTheConesAndDiagonalsOfEach() throws IOException {
        try (PDDocument pdf = Loader.loadPDF(bytes("/api/courses/1/setup-sheet.pdf?line=SIDE&dayId=" + today()))) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text)
                    .contains(
                            "the quay kerb AB, from A",
                            "A to Ca: 11.49 m",
                            "A to Cb: 10.06 m",
                            "A to Cc: 8.65 m",
                            "Da",
                            "Db",
                            "Dc");
            assertThat(pdf.getNumberOfPages()).isLessThanOrEqualTo(2);
        }
        String svg = new String(bytes("/api/courses/1/drawing.svg?dayId=" + today()), StandardCharsets.UTF_8);
        assertThat(svg).contains(">Da<", ">Db<", ">Dc<");
    }

    @Test
    void theSheetHasTheMarksOfAMachineToRideBy() throws IOException {
        try (PDDocument pdf = Loader.loadPDF(bytes("/api/courses/1/setup-sheet.pdf?machineId=2&dayId=" + today()))) {
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("Chalk to ride by", "head round by here", "the turn begins", "the instructor stands");
        }
        try (PDDocument pdf = Loader.loadPDF(bytes("/api/courses/1/setup-sheet.pdf"))) {
            assertThat(new PDFTextStripper().getText(pdf)).doesNotContain("Chalk to ride by");
        }
        String svg = new String(bytes("/api/courses/1/drawing.svg?machineId=2"), StandardCharsets.UTF_8);
        assertThat(svg).contains("id=\"chalk\"", ">T<", ">H<", ">I<");
    }

    @Test
    void theConePlanHasTheYardAndASheetForEveryCourse() throws IOException {
        try (PDDocument pdf = Loader.loadPDF(bytes("/api/days/" + today() + "/cone-plan.pdf?system=IMPERIAL"))) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(pdf.getNumberOfPages()).isGreaterThanOrEqualTo(5);
            assertThat(text)
                    .contains(
                            "Ferry apron, Gullpoint", "Bring", "Safety", "Slipway box", "Two turntables", "Centre at");
            assertThat(text).contains("' ").doesNotContain("{{");
        }
    }

    @Test
    void theCsvIsReadBackWithTheSheetsFigures() throws IOException {
        String csv = new String(bytes("/api/courses/1/setup-sheet.csv"), StandardCharsets.UTF_8);
        assertThat(csv).contains("\r\n");
        Map<String, CSVRecord> rows = new HashMap<>();
        try (CSVParser parser = CSVParser.parse(
                csv,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .get())) {
            parser.forEach(r -> rows.put(r.get("label"), r));
        }
        JsonNode course = APP.get("/api/courses/1").body();
        JsonNode sheet = APP.post(
                        "/api/calculations/setup-sheets",
                        Map.of("laid", Courses.laid(Courses.of(course)), "system", "METRIC"))
                .body();
        for (JsonNode step : sheet.at("/sheet/steps")) {
            CSVRecord row = java.util.Optional.ofNullable(
                            rows.get(step.at("/cone/label").asString()))
                    .orElseThrow();
            assertThat(row.get("along_m"))
                    .isEqualTo(four(step.get("alongMetres").asDouble()));
            assertThat(row.get("across_m"))
                    .isEqualTo(four(step.get("acrossMetres").asDouble()));
        }
        assertThat(rows).containsKeys("P", "Q").hasSize(12);
    }

    private static String four(double metres) {
        return String.format(java.util.Locale.ROOT, "%.4f", metres);
    }

    @Test
    void theSvgHasALayerForTheLineOfAMachine() throws Exception {
        byte[] plain = bytes("/api/courses/1/drawing.svg");
        byte[] ridden = bytes("/api/courses/1/drawing.svg?machineId=2");
        for (byte[] svg : List.of(plain, ridden, bytes("/api/days/" + today() + "/drawing.svg"))) {
            var document =
                    DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new ByteArrayInputStream(svg));
            assertThat(document.getDocumentElement().getTagName()).isEqualTo("svg");
        }
        assertThat(ridden.length).isGreaterThan(plain.length + 500);
    }

    /**
     * The examples beside the formats' pages are what the app writes; the web tests read the DXF with a reader of its own.
     * Run with {@code -Dexamples.write=true} to write them anew.
     */
    @ParameterizedTest
    @CsvSource({
        "/api/courses/1/drawing.dxf, slipway-box.dxf",
        "/api/courses/1/drawing.svg, slipway-box.svg",
        "/api/courses/1/setup-sheet.csv, slipway-box.csv"
    })
    void theExamplesAreWhatTheAppWrites(String path, String name) throws IOException {
        Path example = EXAMPLES.resolve(name);
        if (Boolean.getBoolean("examples.write")) {
            Files.createDirectories(EXAMPLES);
            Files.write(example, bytes(path));
        }
        assertThat(bytes(path)).isEqualTo(Files.readAllBytes(example));
    }

    @Test
    void whatIsNotThereIsNotFound() {
        assertThat(APP.get("/api/courses/4711/setup-sheet.pdf").status()).isEqualTo(404);
        assertThat(APP.get("/api/days/4711/cone-plan.pdf").status()).isEqualTo(404);
        assertThat(APP.get("/api/courses/1/drawing.clay").status()).isEqualTo(404);
        assertThat(APP.get("/api/courses/1/setup-sheet.pdf?paper=PAPYRUS").status())
                .isEqualTo(400);
        assertThat(APP.get("/api/courses/1/setup-sheet.csv?line=SIDE&number=99&dayId=" + today())
                        .status())
                .isEqualTo(422);
    }

    @Test
    void theLessonPrintsItsOrderTheCheckAndCards() throws IOException {
        try (PDDocument pdf = Loader.loadPDF(bytes("/api/days/" + today() + "/lesson.pdf"))) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text)
                    .contains("Briefing and checks", "Closing success", "Rider cards", "Drill cards", "Cues")
                    .contains("Ines Corvell", "U-turn box from a roll", "“Chin to the exit”")
                    .contains("Never the front brake with the bars turned.", "A licensed instructor");
            PDFTextStripper first = new PDFTextStripper();
            first.setEndPage(1);
            assertThat(first.getText(pdf)).contains("Debrief").doesNotContain("Rider cards");
        }
    }

    @Test
    void theReportPrintsTheLaneAndWhatItSays() throws IOException {
        long rider =
                APP.get("/api/days/" + today()).body().at("/riders/1/riderId").asLong();
        try (PDDocument pdf = Loader.loadPDF(bytes("/api/riders/" + rider + "/report.pdf"))) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text)
                    .contains("Tomas Ekvik", "650 adventure", "left turns", "right turns")
                    .contains("clean four times in five", "since the last day", "Begin next time", "Ridden")
                    .contains("A licensed instructor");
            assertThat(pdf.getNumberOfPages()).isLessThanOrEqualTo(2);
        }
        try (PDDocument feet =
                Loader.loadPDF(bytes("/api/riders/" + rider + "/report.pdf?paper=LETTER&system=IMPERIAL"))) {
            assertThat(new PDFTextStripper().getText(feet))
                    .contains("' ", " ft")
                    .doesNotContain(" m,");
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/courses/1/setup-sheet.pdf?machineId=2&dayId=4&line=SIDE",
                "/api/days/4/cone-plan.pdf?system=IMPERIAL",
                "/api/days/4/lesson.pdf",
                "/api/days/4/debrief.pdf",
                "/api/riders/2/report.pdf?kind=u-turn-box"
            })
    void everyPaperHasDecimalCommasWhereTheLanguageHasThem(String path) throws IOException {
        if (path.contains("debrief")) {
            APP.finished("/api/days/4/debrief");
        }
        try (PDDocument pdf = Loader.loadPDF(APP.bytes(path, "Accept-Language", "de"))) {
            assertThat(new PDFTextStripper().getText(pdf))
                    .containsPattern("\\d,\\d")
                    .doesNotContainPattern("\\d\\.\\d");
        }
    }

    @Test
    void aReportOfNothingSaysSo() throws IOException {
        long rider =
                APP.get("/api/days/" + today()).body().at("/riders/1/riderId").asLong();
        try (PDDocument pdf = Loader.loadPDF(bytes("/api/riders/" + rider + "/report.pdf?kind=crossroads"))) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("No run of this kind yet.");
        }
        assertThat(APP.get("/api/riders/4711/report.pdf").status()).isEqualTo(404);
        assertThat(APP.get("/api/riders/" + rider + "/report.pdf?kind=zigzag").status())
                .isEqualTo(422);
    }

    /** A name in letters the paper lacks is not lost without a word. */
    @Test
    void saysWhichLettersItLacks() throws IOException {
        long rider = APP.post("/api/riders", Courses.rider("田中 Ada"))
                .body()
                .get("id")
                .asLong();
        try (PDDocument pdf = Loader.loadPDF(bytes("/api/riders/" + rider + "/report.pdf?kind=crossroads"))) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("Ada", "no letters for Han");
        }
    }

    @Test
    void theDebriefPrintsWhatEachIsToldAndWhatToPractise() throws IOException {
        APP.finished("/api/days/4/debrief");
        try (PDDocument pdf = Loader.loadPDF(bytes("/api/days/4/debrief.pdf?paper=LETTER"))) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text)
                    .contains("lesson 4", "Ines Corvell", "Begin next time at")
                    .contains("5 minutes alone", "10 minutes alone", "Stop at once at:", "Engine off")
                    .contains("For the instructor", "was not begun on Range")
                    .contains("A licensed instructor");
        }
    }
}
