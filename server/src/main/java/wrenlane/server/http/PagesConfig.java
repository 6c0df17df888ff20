package wrenlane.server.http;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;

/** Real addresses for the pages: every stop of the lane answers with the one page that draws it. */
@Configuration
class PagesConfig implements WebMvcConfigurer {
    private static final String STOPS = "today|yard|machines|riders|course|set-out|lesson|range|progress";

    /** Any other single word: the page says there that nothing is there. */
    private static final String ELSEWHERE = "(?!api$)[a-z0-9-]+";

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        registry.addViewController("/").setViewName("forward:/index.html");
        registry.addViewController("/{page:" + ELSEWHERE + "}").setViewName("forward:/index.html");
        registry.addViewController("/{stop:" + STOPS + "}/**").setViewName("forward:/index.html");
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        // File names under assets carry a hash of what they hold.
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable())
                // Beside each lies what the build squeezed, for who can read that.
                .resourceChain(true)
                .addResolver(new EncodedResourceResolver());
    }
}
