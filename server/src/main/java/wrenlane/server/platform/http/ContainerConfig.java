package wrenlane.server.platform.http;

import java.util.List;
import org.apache.catalina.core.StandardHost;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;
import org.springframework.web.accept.ContentNegotiationStrategy;
import org.springframework.web.servlet.config.annotation.ContentNegotiationConfigurer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import wrenlane.server.platform.problem.ProblemValve;

/**
 * How the container answers: in problem documents, and in the one form each address has, whatever is asked for. A write
 * that were refused for the form of its answer would have been carried out by then.
 */
@Component
class ContainerConfig implements WebServerFactoryCustomizer<TomcatServletWebServerFactory>, WebMvcConfigurer {
    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextCustomizers(context -> {
            if (context.getParent() instanceof StandardHost host) {
                host.setErrorReportValveClass(ProblemValve.class.getName());
            }
        });
    }

    @Override
    public void configureContentNegotiation(ContentNegotiationConfigurer negotiation) {
        negotiation.strategies(List.of(request -> ContentNegotiationStrategy.MEDIA_TYPE_ALL_LIST));
    }
}
