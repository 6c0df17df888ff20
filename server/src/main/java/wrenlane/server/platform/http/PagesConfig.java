package wrenlane.server.platform.http;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.util.List;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistration;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * Real addresses for the pages. Each is answered with a file that the build wrote for it, and which names all that it is
 * drawn from.
 */
@Configuration
class PagesConfig implements WebMvcConfigurer {
    /** What the build wrote down of the pages. */
    private static final Resource ROUTES = new ClassPathResource("static/pages/routes.json");

    /**
     * A page, as the build wrote it down.
     *
     * @param word its address begins with
     * @param file whether a file of that name was built, which answers all addresses that begin with the word
     */
    private record Route(String word, boolean file) {}

    private final JsonMapper json;

    PagesConfig(JsonMapper json) {
        this.json = json;
    }

    /** Any other single word: the page says there that nothing is there. */
    private static final String ELSEWHERE = "(?!api$)[a-z0-9-]+";

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        List<Route> pages = routes().stream().filter(Route::file).toList();
        pages.stream().limit(1).forEach(first -> page(registry, "/", first.word()));
        for (Route page : pages) {
            page(registry, "/" + page.word(), page.word());
            page(registry, "/" + page.word() + "/**", page.word());
        }
        registry.addViewController("/{page:" + ELSEWHERE + "}").setViewName("forward:/index.html");
    }

    /** In the order of the working day; none where the server was built without its pages. */
    private List<Route> routes() {
        if (!ROUTES.exists()) {
            return List.of();
        }
        try (InputStream written = ROUTES.getInputStream()) {
            return json.readerForListOf(Route.class)
                    .without(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                    .readValue(written);
        } catch (IOException e) {
            throw new UncheckedIOException("what was built cannot be read: " + ROUTES, e);
        }
    }

    private static void page(ViewControllerRegistry registry, String addresses, String file) {
        registry.addViewController(addresses).setViewName("forward:/pages/" + file + ".html");
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        // File names under assets carry a hash of what they hold.
        squeezed(registry, "/assets/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
        squeezed(registry, "/pages/");
    }

    /** A folder where what the build squeezed lies beside each file, for who can read that. */
    private static ResourceHandlerRegistration squeezed(ResourceHandlerRegistry registry, String folder) {
        ResourceHandlerRegistration files =
                registry.addResourceHandler(folder + "**").addResourceLocations("classpath:/static" + folder);
        files.resourceChain(true).addResolver(new EncodedResourceResolver());
        return files;
    }
}
