package wrenlane.server.platform.http;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

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
     */
    record About(String dataFolder, boolean demo) {}

    AboutController(@Value("${wren.data}") String dataFolder, @Value("${wren.demo}") String demo) {
        this.about = new About(dataFolder, !demo.isBlank());
    }

    /** Whether riders and runs are simulated, and where the data lies. */
    @GetMapping
    About about(HttpServletRequest request) {
        return request.isSecure() ? new About("", about.demo()) : about;
    }
}
