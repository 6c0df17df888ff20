package wrenlane.server.platform.http;

import java.time.Duration;
import java.util.List;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistration;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;

/**
 * Real addresses for the pages. Each is answered with a file that the build wrote for it, and which names all that it is
 * drawn from.
 */
@Configuration
class PagesConfig implements WebMvcConfigurer {
    private static final List<String> STOPS =
            List.of("today", "yard", "machines", "riders", "course", "set-out", "lesson", "range", "progress");

    /** Any other single word: the page says there that nothing is there. */
    private static final String ELSEWHERE = "(?!api$)[a-z0-9-]+";

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        page(registry, "/", "today");
        page(registry, "/phone", "phone");
        for (String stop : STOPS) {
            page(registry, "/" + stop, stop);
            page(registry, "/" + stop + "/**", stop);
        }
        registry.addViewController("/{page:" + ELSEWHERE + "}").setViewName("forward:/index.html");
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
