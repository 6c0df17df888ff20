package wrenlane.server.platform.http;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.drawing.DrawingFormats;

/** What is running, and where its data lies. */
@RestController
@RequestMapping("/api/about")
class AboutController {
    private final About about;

    /**
     * About this application.
     *
     * @param dataFolder where the data file lies; empty for devices of the network, which cannot look there
     * @param demo whether it was started with the demo day, whose runs are simulated
     * @param drawingFormats that drawings can be downloaded in, in the order they are offered
     */
    record About(String dataFolder, boolean demo, List<DrawingFormatJson> drawingFormats) {
        static About of(String dataFolder, boolean demo) {
            return new About(
                    dataFolder,
                    demo,
                    DrawingFormats.all().stream()
                            .map(format -> new DrawingFormatJson(format.id(), format.label()))
                            .toList());
        }
    }

    /**
     * A format of drawings.
     *
     * @param id ending of its files
     * @param label as shown
     */
    record DrawingFormatJson(String id, String label) {}

    AboutController(@Value("${wren.data}") String dataFolder, @Value("${wren.demo}") String demo) {
        this.about = About.of(dataFolder, !demo.isBlank());
    }

    /** Whether riders and runs are simulated, and where the data lies. */
    @GetMapping
    About getAbout(HttpServletRequest request) {
        return request.isSecure() ? About.of("", about.demo()) : about;
    }
}
